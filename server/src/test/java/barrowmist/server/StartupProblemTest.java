package barrowmist.server;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.springframework.boot.web.server.PortInUseException;

class StartupProblemTest {

    @Test
    void theUsualReasonsAreSaidInOneLine() {
        assertThat(StartupProblem.explain(new IllegalStateException(new PortInUseException(8080))))
                .hasValue("Port 8080 is in use: set BARROWMIST_PORT to another one.");
        assertThat(StartupProblem.explain(
                        new IllegalStateException(new RuntimeException("Database may be already in use: \"x.mv.db\""))))
                .hasValueSatisfying(line -> assertThat(line).startsWith("The data folder is in use"));
        assertThat(StartupProblem.explain(new IllegalStateException("else"))).isEmpty();
    }
}
