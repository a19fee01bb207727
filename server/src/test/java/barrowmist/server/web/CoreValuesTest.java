package barrowmist.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.machine.Protocol;
import barrowmist.core.machine.Protocol.Step;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** The core's records as they are read: what is left out is empty. */
class CoreValuesTest {

    @Test
    void aTextThatIsLeftOutIsEmpty() {
        assertThat(Json.read("{\"kind\":\"do\",\"probe\":\"bean\"}", Step.class))
                .isEqualTo(new Step(Protocol.Kind.DO, Protocol.Probe.BEAN, OptionalDouble.empty(), ""));
        assertThat(Json.read("{\"kind\":\"do\",\"probe\":\"bean\",\"text\":null}", Step.class))
                .isEqualTo(new Step(Protocol.Kind.DO, Protocol.Probe.BEAN, OptionalDouble.empty(), ""));
    }
}
