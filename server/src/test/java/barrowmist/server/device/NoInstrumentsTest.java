package barrowmist.server.device;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.server.Lab;
import barrowmist.server.LabTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;

/** A lab without meters: nothing answers for them, and no figure is invented. */
@LabTest
class NoInstrumentsTest {

    private final Lab lab;

    NoInstrumentsTest(@Autowired MockMvc mvc) {
        lab = new Lab(mvc);
    }

    @Test
    void nothingIsReadWhereNothingIsSetUp() {
        assertThat(lab.get("/api/instruments").body()).isEmpty();
        assertThat(lab.post("/api/instruments/moisture/reading", "").status()).isEqualTo(404);
        assertThat(lab.put("/api/instruments/moisture", "{\"value\":10,\"behaviour\":\"steady\"}")
                        .status())
                .isEqualTo(404);
    }
}
