package barrowmist.server.today;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.roast.KnownCurve;
import barrowmist.core.roast.KnownLog;
import barrowmist.server.Lab;
import barrowmist.server.LabTest;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.TestPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** What waits moves along the stations as the work is done. */
@LabTest
@TestPropertySource(properties = "lab.of=today")
class TodayTest {

    private final Lab lab;

    TodayTest(@Autowired MockMvc mvc) {
        lab = new Lab(mvc);
    }

    private JsonNode today() {
        return lab.get("/api/today").body();
    }

    // the plan station has a test of its own
    private void assertWaiting(int green, int roast, int sample, int cupping, int trace) {
        JsonNode waiting = today().get("waiting");
        assertThat(List.of("green", "roast", "sample", "cupping", "trace"))
                .extracting(station -> waiting.get(station).asInt())
                .containsExactly(green, roast, sample, cupping, trace);
    }

    @Test
    void eachStepOfThePathMovesTheWorkOn() {
        assertWaiting(0, 0, 0, 0, 0);
        assertThat(today().get("tasks")).isEmpty();

        long lot = lab.lot("washed");
        assertWaiting(1, 0, 0, 0, 0);
        assertThat(today().get("tasks").get(0).get("title").asString()).isEqualTo("Roast a first sample of 1 lot");

        Map<Integer, String> unmarked = new HashMap<>(KnownLog.EVENTS);
        unmarked.remove((int) KnownCurve.FIRST_CRACK_S);
        String log = KnownLog.csv(KnownCurve.crash(KnownCurve.FIRST_CRACK_S), unmarked, 0);
        long roast = lab.csv("/api/lots/" + lot + "/roasts", log).id();
        assertWaiting(0, 1, 1, 1, 0);

        lab.put("/api/roasts/" + roast + "/events/first_crack", "{\"timeS\":480}");
        assertWaiting(0, 0, 1, 1, 0);

        lab.put("/api/roasts/" + roast + "/sample", "{\"colourWhole\":58}");
        assertWaiting(0, 0, 0, 1, 0);

        long cupping = lab.post("/api/cuppings", "{\"roastIds\":[%d]}".formatted(roast))
                .id();
        long sheet = lab.post("/api/cuppings/" + cupping + "/sheets", "{}").id();
        assertWaiting(0, 0, 0, 1, 0);
        JsonNode half = today().get("tasks").get(0);
        assertThat(half.get("title").asString()).isEqualTo("Finish a sheet");
        assertThat(half.get("detail").asString()).isEqualTo("Test Hill, roast 1");
        assertThat(half.get("figure").asString()).isEqualTo("7 of 7 to score");
        assertThat(half.get("supported").asBoolean()).isFalse();
        assertThat(half.get("link").asString()).isEqualTo("/cupping/" + cupping + "?sheet=" + sheet);

        lab.put("/api/cuppings/" + cupping + "/sheets/" + sheet, """
                {"attributes":{"fragranceAroma":6.5,"flavour":6.5,"aftertaste":6.5,"acidity":6.5,"body":6.5,
                 "balance":6.5,"overall":6.5},"words":[{"word":"flat","cups":5},{"word":"dull","cups":5}]}
                """);
        assertWaiting(0, 0, 0, 0, 1);
        JsonNode baked = today().get("tasks").get(0);
        assertThat(baked.get("title").asString()).endsWith(" baked");
        assertThat(baked.get("supported").asBoolean())
                .isEqualTo(baked.get("figure").asString().endsWith(" supported"));

        lab.put("/api/roasts/" + roast + "/trace/settled", "{\"settled\":true}");
        assertWaiting(0, 0, 0, 0, 0);
    }

    @Test
    void anImportedHistoryAndWhatWasSetAsideWaitForNobody() {
        JsonNode before = today().get("waiting");
        long lot = lab.lot("washed");
        lab.csv("/api/lots/" + lot + "/roasts", "# roasted_at: 2021-04-01T09:00\n" + KnownLog.csv(false));
        assertThat(today().get("waiting")).isEqualTo(before);

        long roast = lab.csv("/api/lots/" + lot + "/roasts", KnownLog.csv(true)).id();
        long cupping = lab.post("/api/cuppings", "{\"roastIds\":[%d]}".formatted(roast))
                .id();
        lab.post("/api/cuppings/" + cupping + "/sheets", "{}");
        assertThat(today().get("waiting").get("cupping").asInt())
                .isEqualTo(before.get("cupping").asInt() + 1);
        lab.put("/api/roasts/" + roast + "/discarded", "{\"reason\":\"Wrong coffee in the drum.\"}");
        assertThat(today().get("waiting")).isEqualTo(before);
    }
}
