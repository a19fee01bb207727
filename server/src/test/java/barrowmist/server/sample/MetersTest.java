package barrowmist.server.sample;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.server.Lab;
import barrowmist.server.LabTest;
import java.time.LocalDate;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

@LabTest
class MetersTest {

    private final Lab lab;

    MetersTest(@Autowired MockMvc mvc) {
        lab = new Lab(mvc);
    }

    @AfterEach
    void none() {
        lab.put("/api/meters", "{\"meters\":[]}");
    }

    private String today() {
        return lab.get("/api/today").body().get("tasks").toString();
    }

    @Test
    void aMeterThatIsDueStandsOnTodayUntilItWasCalibrated() {
        assertThat(today()).doesNotContain("Calibrate");
        JsonNode kept = lab.put("/api/meters", """
                {"meters":[{"name":"Moist 1","kind":"moisture","everyDays":30},
                {"name":"Colour 1","kind":"colour","calibratedOn":"%s","counts":"more-is-darker","scale":"Maker"}]}""".formatted(LocalDate.now().minusDays(5)))
                .body();
        assertThat(kept.at("/meters/0/note").asString()).isEqualTo("Moist 1: nobody said when it was calibrated.");
        assertThat(kept.at("/meters/1").has("note")).isFalse();
        assertThat(kept.at("/meters/1/counts").asString()).isEqualTo("more-is-darker");
        assertThat(kept.at("/meters/1/keptFrom").asDouble()).isEqualTo(100);
        assertThat(today()).contains("Calibrate").contains("Moist 1").doesNotContain("Colour 1");
        long version = kept.get("version").asLong();
        assertThat(lab.put(
                                "/api/meters",
                                "{\"version\":%d,\"meters\":[{\"name\":\"Moist 1\",\"kind\":\"moisture\",\"calibratedOn\":\"%s\"}]}"
                                        .formatted(version, LocalDate.now()))
                        .status())
                .isEqualTo(200);
        assertThat(today()).doesNotContain("Calibrate");
        // two at once: the second is told
        assertThat(lab.put("/api/meters", "{\"version\":%d,\"meters\":[]}".formatted(version))
                        .status())
                .isEqualTo(409);
    }

    @Test
    void whatNoMeterHasIsRefused() {
        assertThat(lab.put("/api/meters", "{\"meters\":[{\"name\":\"A\",\"kind\":\"nose\"}]}")
                        .status())
                .isEqualTo(422);
        assertThat(lab.put("/api/meters", "{\"meters\":[{\"kind\":\"scale\"}]}").status())
                .isEqualTo(422);
        assertThat(lab.put("/api/meters", "{}").status()).isEqualTo(200);
    }
}
