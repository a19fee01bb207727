package barrowmist.server.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.roast.KnownLog;
import barrowmist.server.Lab;
import java.util.stream.Stream;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** A lot whose roasts are cupped and traced, by the public API alone. */
abstract class CuppedLab {

    private static final String SEVENS = """
            "form":"hundred-point","cupper":"Ines K.","attributes":{"fragranceAroma":7,"flavour":7,"aftertaste":7,"acidity":7,
            "body":7,"balance":7,"overall":7}""";

    final Lab lab;
    final long lotId;

    CuppedLab(MockMvc mvc) {
        lab = new Lab(mvc);
        lotId = lab.lot("washed");
    }

    long roast() {
        return roast("2026-03-02T09:10");
    }

    long roast(String roastedAt) {
        return lab.csv(
                        "/api/lots/" + lotId + "/roasts?greenG=120&roastedG=104.4",
                        "# roasted_at: " + roastedAt + "\n" + KnownLog.csv(false))
                .id();
    }

    long table(String cuppedAt, long... roasts) {
        String ids =
                Stream.of(roasts).map(java.util.Arrays::toString).findFirst().orElseThrow();
        return lab.post("/api/cuppings", "{\"cuppedAt\":\"%s\",\"roastIds\":%s}".formatted(cuppedAt, ids))
                .id();
    }

    void sheet(long table, long roastId, String words) {
        assertThat(lab.post(
                                "/api/cuppings/" + table + "/sheets",
                                "{\"roastId\":%d,%s,\"words\":[%s]}".formatted(roastId, SEVENS, words))
                        .status())
                .isEqualTo(201);
    }

    JsonNode trace(long roastId) {
        JsonNode trace = lab.get("/api/roasts/" + roastId + "/trace").body();
        double sum = trace.get("sound").asDouble() + trace.get("none").asDouble();
        for (String part : new String[] {"findings", "folded"}) {
            for (JsonNode f : trace.get(part)) {
                sum += f.get("probability").asDouble();
            }
        }
        assertThat(sum).isCloseTo(1, within(1e-6));
        return trace;
    }
}
