package barrowmist.server.trace;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.roast.KnownLog;
import barrowmist.server.Lab;
import barrowmist.server.LabTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

@LabTest
class CurveVerdictsTest {

    private final Lab lab;

    CurveVerdictsTest(@Autowired MockMvc mvc) {
        lab = new Lab(mvc);
    }

    private JsonNode held() {
        return lab.get("/api/curve-verdicts").body();
    }

    @Test
    void aLabMayKeepVerdictsOnACurveUntilItsCupIsTold() {
        assertThat(held().get("afterCup").asBoolean()).isFalse();
        long lot = lab.lot("washed");
        long roast = lab.csv("/api/lots/" + lot + "/roasts", KnownLog.csv(true)).id();
        assertThat(lab.put("/api/curve-verdicts", "{\"afterCup\":true}").status())
                .isEqualTo(200);
        assertThat(held().get("cupped").toString()).doesNotContain(String.valueOf(roast));
        long table = lab.post("/api/cuppings", "{\"roastIds\":[" + roast + "]}").id();
        lab.post(
                "/api/cuppings/" + table + "/sheets",
                "{\"roastId\":%d,\"cupper\":\"Ines K.\",\"form\":\"hundred-point\"}".formatted(roast));
        assertThat(held().get("cupped")).anyMatch(id -> id.asLong() == roast);
        lab.put("/api/curve-verdicts", "{\"afterCup\":false}");
        assertThat(held().get("cupped")).isEmpty();
    }
}
