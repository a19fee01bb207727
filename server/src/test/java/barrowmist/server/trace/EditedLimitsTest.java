package barrowmist.server.trace;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.roast.KnownLog;
import barrowmist.server.Lab;
import barrowmist.server.LabTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** Limits of green and bench that a lab has edited are those that the trace goes by. */
@LabTest
class EditedLimitsTest {

    private final Lab lab;

    EditedLimitsTest(@Autowired MockMvc mvc) {
        lab = new Lab(mvc);
    }

    private long roast() {
        return lab.csv("/api/lots/" + lab.lot("washed") + "/roasts?greenG=120&roastedG=104.4", KnownLog.csv(true))
                .id();
    }

    private void sheet(long roastId, String words) {
        long cupping = lab.post("/api/cuppings", "{\"roastIds\":[%d]}".formatted(roastId))
                .id();
        assertThat(lab.post("/api/cuppings/" + cupping + "/sheets", """
                {"roastId":%d,"form":"hundred-point","cupper":"Ines K.",
                 "attributes":{"fragranceAroma":6.75,"flavour":6.5,"aftertaste":6.5,"acidity":6.75,"body":7,
                               "balance":6.5,"overall":6.5},
                 "cups":[{"sweet":false},{},{},{},{"defect":"taint"}],"words":%s}
                """.formatted(roastId, words))
                        .status())
                .isEqualTo(201);
    }

    private static double weight(JsonNode trace, String cause, String text) {
        for (String part : new String[] {"findings", "folded"}) {
            for (JsonNode finding : trace.get(part)) {
                if (finding.get("cause").asString().equals(cause)) {
                    for (JsonNode e : finding.get("evidence")) {
                        if (e.get("text").asString().contains(text)) {
                            return e.get("weight").asDouble();
                        }
                    }
                }
            }
        }
        return 0;
    }

    @Test
    void limitsThatAreEditedReachTheTraceAndTheLists() {
        long roastId = roast();
        lab.put(
                "/api/roasts/" + roastId + "/sample",
                "{\"greenG\":120,\"roastedG\":104.4,\"colourWhole\":58,\"colourGround\":65}");
        sheet(roastId, "[{\"word\":\"flat\",\"cups\":5},{\"word\":\"grassy\",\"cups\":5}]");
        String trace = "/api/roasts/" + roastId + "/trace";
        JsonNode green = lab.get("/api/green-limits").body();
        JsonNode bench = lab.get("/api/bench/limits").body();
        try {
            limits(green, 10, bench, 8);
            double moist = weight(lab.get(trace).body(), "past-crop", "moisture");
            double kept = weight(lab.get(trace).body(), "underdeveloped", "apart");

            limits(green, 11.5, bench, 6);
            assertThat(weight(lab.get(trace).body(), "past-crop", "moisture")).isGreaterThan(moist + 1);
            assertThat(weight(lab.get(trace).body(), "underdeveloped", "apart")).isGreaterThan(kept + 1);
        } finally {
            lab.put("/api/green-limits", without(green));
            lab.put("/api/bench/limits", without(bench));
        }
    }

    private void limits(JsonNode green, double moistureMinPct, JsonNode bench, double mostGap) {
        lab.put(
                "/api/green-limits",
                without(green).replaceFirst("\"moistureMinPct\":[0-9.]+", "\"moistureMinPct\":" + moistureMinPct));
        lab.put("/api/bench/limits", without(bench).replaceFirst("\"mostGap\":[0-9.]+", "\"mostGap\":" + mostGap));
    }

    private static String without(JsonNode kept) {
        return kept.toString().replaceAll(",?\"version\":\\d+", "");
    }
}
