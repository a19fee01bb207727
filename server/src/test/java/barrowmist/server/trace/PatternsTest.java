package barrowmist.server.trace;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.roast.KnownLog;
import barrowmist.server.Lab;
import barrowmist.server.LabTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** What a lab has learned of its own cups, by the public API. */
@LabTest
class PatternsTest {

    private static final int ROASTS = 54;

    private final Lab lab;

    PatternsTest(@Autowired MockMvc mvc) {
        lab = new Lab(mvc);
    }

    private void cupped(long lot, int i, int quakers, String word) {
        long roast = lab.csv(
                        "/api/lots/" + lot + "/roasts?greenG=120&roastedG=104.4",
                        "# roasted_at: 2026-03-02T%02d:%02d\n".formatted(6 + i / 60, i % 60) + KnownLog.csv(false))
                .id();
        lab.put("/api/roasts/" + roast + "/sample", "{\"quakersPer100g\":%d,\"colourWhole\":58}".formatted(quakers));
        long table = lab.post(
                        "/api/cuppings", "{\"cuppedAt\":\"2026-03-03T09:00:00Z\",\"roastIds\":[%d]}".formatted(roast))
                .id();
        lab.post("/api/cuppings/" + table + "/sheets", """
                {"roastId":%d,"form":"hundred-point","attributes":{"fragranceAroma":7,"flavour":7,"aftertaste":7,
                 "acidity":7,"body":7,"balance":7,"overall":7},"words":[%s]}
                """.formatted(roast, word));
    }

    @Test
    void theCountThatSeparatesTheCupsIsLearnedAndTheRestIsNot() {
        long lot = lab.lot("washed");
        for (int i = 0; i < ROASTS; i++) {
            int quakers = i % 9;
            boolean tastes = quakers > 4 != (i % 17 == 0);
            cupped(
                    lot,
                    i,
                    quakers,
                    tastes
                            ? "{\"word\":\"oats\",\"cups\":[1]},{\"word\":\"peanut\",\"cups\":[1]}"
                            : "{\"word\":\"sweet\",\"cups\":5}");
        }
        JsonNode patterns = learned();
        JsonNode first = patterns.get(0);
        assertThat(first.get("metric").asString()).as("%s", first).isEqualTo("quakersPer100g");
        assertThat(first.get("standing").asString()).isEqualTo("learned");
        assertThat(first.get("direction").asString()).isEqualTo("above");
        assertThat(first.get("threshold").asDouble()).isBetween(4.0, 5.0);
        assertThat(first.get("lower").asDouble()).isLessThanOrEqualTo(4.5);
        assertThat(first.get("n").asInt()).isGreaterThanOrEqualTo(ROASTS);
        assertThat(patterns)
                .filteredOn(p -> p.get("standing").asString().equals("learned"))
                .hasSize(1);
        assertThat(lab.get("/api/patterns?machineId=1&cause=stale")
                        .body()
                        .get(0)
                        .get("standing")
                        .asString())
                .isEqualTo("not-yet");
        assertThat(lab.get("/api/patterns?machineId=1&cause=burned").status()).isEqualTo(400);
        assertThat(lab.get("/api/patterns?machineId=999&cause=baked").status()).isEqualTo(404);
    }

    /** Many new cups are worked out in the background. */
    private JsonNode learned() {
        for (int i = 0; i < 200; i++) {
            JsonNode patterns =
                    lab.get("/api/patterns?machineId=1&cause=quakers").body();
            if (patterns.get(0).get("called").asInt() >= ROASTS * 4 / 9 - 4
                    && patterns.get(0).get("n").asInt() >= ROASTS) {
                return patterns;
            }
            try {
                Thread.sleep(100);
            } catch (InterruptedException e) {
                throw new IllegalStateException(e);
            }
        }
        throw new AssertionError("the cups were never worked out");
    }
}
