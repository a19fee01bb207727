package barrowmist.server.device;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.server.Lab;
import barrowmist.server.LabTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.TestPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** Reading an instrument: at rest, restless, silent. */
@LabTest
@TestPropertySource(properties = {"lab.of=instruments", "barrowmist.instruments=true"})
class InstrumentsTest {

    private final Lab lab;

    InstrumentsTest(@Autowired MockMvc mvc) {
        lab = new Lab(mvc);
    }

    private JsonNode read(String kind) {
        return lab.post("/api/instruments/" + kind + "/reading", "").body();
    }

    private int set(String kind, double value, String behaviour) {
        return lab.put("/api/instruments/" + kind, "{\"value\":%s,\"behaviour\":\"%s\"}".formatted(value, behaviour))
                .status();
    }

    @Test
    void aSteadyScaleGivesItsValue() {
        set("scale", 182.4, "steady");
        JsonNode reading = read("scale");
        assertThat(reading.get("stable").asBoolean()).isTrue();
        assertThat(reading.get("value").asDouble()).isCloseTo(182.4, within(0.1));
    }

    @Test
    void aRestlessMeterSaysSoAndGivesNoValue() {
        set("moisture", 11, "restless");
        JsonNode reading = read("moisture");
        assertThat(reading.get("stable").asBoolean()).isFalse();
        assertThat(reading.has("value")).isFalse();
        assertThat(reading.get("text").asString()).startsWith("Moisture meter is not at rest");
    }

    @Test
    void aSilentMeterSaysSoAndTypingIsOffered() {
        set("colour", 58, "silent");
        assertThat(read("colour").get("text").asString())
                .isEqualTo("Colour meter does not answer. Is it switched on and plugged in? The figure can be typed.");
    }

    @Test
    void whatNoInstrumentCanShowIsRefused() {
        assertThat(set("moisture", 400, "steady")).isEqualTo(422);
        assertThat(set("moisture", 11, "dancing")).isEqualTo(422);
        assertThat(lab.post("/api/instruments/teapot/reading", "").status()).isEqualTo(404);
        assertThat(lab.get("/api/instruments").body()).hasSize(3);
    }
}
