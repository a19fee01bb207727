package barrowmist.server.roast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import barrowmist.core.roast.FaultSettings;
import barrowmist.core.roast.KnownLog;
import barrowmist.server.Lab;
import barrowmist.server.Lab.Answer;
import barrowmist.server.LabTest;
import barrowmist.server.web.Json;
import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** Limits of the rate of rise, edited: every roast is judged by them, in lists as on its own page. */
@LabTest
class FaultLimitsTest {

    private static final String LIMITS = "/api/fault-limits";

    private final Lab lab;

    FaultLimitsTest(@Autowired MockMvc mvc) {
        lab = new Lab(mvc);
    }

    @AfterEach
    void houseDefaults() {
        lab.put(LIMITS, Json.write(FaultSettings.DEFAULTS));
    }

    private static String deepCrashesOnly() {
        return Json.write(new FaultSettings(0.40, 45, 20, 1.5, 10, 0.5, 60, 9, 1.5, 30, 2));
    }

    @Test
    void limitsOfBeforeThereWasOneForHowLowAStallLiesTakeItsDefault() {
        String kept = Json.write(FaultSettings.DEFAULTS).replaceFirst("\"stallBelowCPerMin\":[0-9.]+,", "");
        assertThat(kept).doesNotContain("stallBelow");
        assertThat(Json.read(kept, FaultSettings.class)).isEqualTo(FaultSettings.DEFAULTS);
    }

    /** All roasts are judged anew in the background, which other tests use as well. */
    private static final Duration LONG = Duration.ofSeconds(60);

    private List<String> faults(long roast) {
        return lab.get("/api/roasts/" + roast)
                .body()
                .get("faults")
                .valueStream()
                .map(JsonNode::asString)
                .toList();
    }

    private List<String> analysed(long roast) {
        return lab.get("/api/roasts/" + roast + "/analysis")
                .body()
                .get("faults")
                .valueStream()
                .map(f -> f.get("kind").asString())
                .toList();
    }

    @Test
    void changedLimitsJudgeEveryRoastAnewInListsAndOnItsPage() {
        long roast = lab.csv("/api/lots/" + lab.lot("washed") + "/roasts", KnownLog.csv(true))
                .id();
        assertThat(faults(roast)).contains("crash");
        assertThat(lab.put(LIMITS, deepCrashesOnly()).status()).isEqualTo(200);
        assertThat(analysed(roast)).doesNotContain("crash");
        await("the list")
                .atMost(LONG)
                .untilAsserted(() -> assertThat(faults(roast)).doesNotContain("crash"));
        houseDefaults();
        await("the list")
                .atMost(LONG)
                .untilAsserted(() -> assertThat(faults(roast)).contains("crash"));
        assertThat(analysed(roast)).contains("crash");
    }

    @Test
    void limitsThatMeanNothingAndLimitsOfAnOldPageAreRefused() {
        Answer refused =
                lab.put(LIMITS, deepCrashesOnly().replace("\"crashDepthCPerMin\":20.0", "\"crashDepthCPerMin\":90"));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("problems").get(0).get("field").asString())
                .isEqualTo("crashDepthCPerMin");
        assertThat(lab.put(LIMITS, "{}").status()).isEqualTo(422);
        long version = lab.get(LIMITS).body().get("version").asLong();
        String made = deepCrashesOnly().replaceFirst("\\{", "{\"version\":" + version + ",");
        assertThat(lab.put(LIMITS, made).status()).isEqualTo(200);
        assertThat(lab.put(LIMITS, made).status()).isEqualTo(409);
    }
}
