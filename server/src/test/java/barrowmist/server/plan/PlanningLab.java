package barrowmist.server.plan;

import static org.awaitility.Awaitility.await;

import barrowmist.server.Lab;
import java.time.Duration;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** The demo laboratory: its roaster has learned, and its model is fitted in the background. */
abstract class PlanningLab {

    private static final Duration FIT = Duration.ofSeconds(60);

    final Lab lab;
    final MockMvc mvc;
    JsonNode natural;
    JsonNode washed;

    PlanningLab(MockMvc mvc) {
        this.mvc = mvc;
        lab = new Lab(mvc);
    }

    @BeforeEach
    void fitted() {
        await("a fitted model")
                .atMost(FIT)
                .until(() -> model().get("state").asString().equals("fitted"));
        for (JsonNode plan : lab.get("/api/plans").body()) {
            natural = plan.get("lotName").asString().equals("Vale do Trelunho") ? plan : natural;
            washed = plan.get("lotName").asString().equals("Mwendo Slope") ? plan : washed;
        }
    }

    JsonNode model() {
        return lab.get("/api/machines/1/model").body();
    }
}
