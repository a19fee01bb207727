package barrowmist.server.trace;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.roast.KnownLog;
import barrowmist.server.Lab;
import barrowmist.server.LabTest;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** Cups that are judged before the answer is read, and the record that tells their verdicts apart. */
@LabTest
class JudgedFirstTest {

    private final Lab lab;
    private long roast;

    JudgedFirstTest(@Autowired MockMvc mvc) {
        lab = new Lab(mvc);
    }

    @BeforeEach
    void aCuppedRoastInALabThatJudgesEveryCupFirst() {
        assertThat(lab.put("/api/judge-first", "{\"share\":1}").status()).isEqualTo(200);
        roast = cupped();
    }

    @AfterEach
    void noMore() {
        lab.put("/api/judge-first", "{\"share\":0}");
    }

    private long cupped() {
        long lot = lab.lot("washed");
        long id = lab.csv("/api/lots/" + lot + "/roasts", KnownLog.csv(true)).id();
        long table = lab.post("/api/cuppings", "{\"roastIds\":[" + id + "]}").id();
        lab.post("/api/cuppings/" + table + "/sheets", """
                {"roastId":%d,"cupper":"Ines K.","form":"hundred-point","attributes":{"fragranceAroma":7,"flavour":7,
                "aftertaste":7,"acidity":7,"body":7,"balance":7,"overall":7},"words":[{"word":"papery","cups":5}]}
                """.formatted(id));
        return id;
    }

    private boolean first(long id) {
        return lab.get("/api/roasts/" + id + "/trace/judge-first")
                .body()
                .get("first")
                .asBoolean();
    }

    private JsonNode row(long id) {
        for (int i = 0; i < 100; i++) {
            for (JsonNode row : lab.get("/api/traces").body()) {
                if (row.get("roastId").asLong() == id
                        && row.path("sound").isNumber() | row.get("judgeFirst").asBoolean()) {
                    return row;
                }
            }
        }
        throw new AssertionError("There is no row of roast " + id);
    }

    private int of(String how) {
        for (JsonNode h : lab.get("/api/trace-record").body().get("how")) {
            if (h.get("code").asString().equals(how)) {
                return h.get("n").asInt();
            }
        }
        return 0;
    }

    private void judge(long id) {
        assertThat(lab.put("/api/roasts/" + id + "/trace/verdict", "{\"cause\":\"baked\",\"reason\":\"papery\"}")
                        .status())
                .isEqualTo(200);
    }

    @Test
    void theAnswerStandsNowhereUntilItIsJudgedAndTheRecordTellsItApart() {
        assertThat(first(roast)).isTrue();
        JsonNode row = row(roast);
        assertThat(row.get("judgeFirst").asBoolean()).isTrue();
        assertThat(row.has("cause")).isFalse();
        assertThat(row.has("sound")).isFalse();
        int before = of("first");
        judge(roast);
        assertThat(first(roast)).isFalse();
        assertThat(row(roast).get("judgeFirst").asBoolean()).isFalse();
        assertThat(of("first")).isEqualTo(before + 1);
    }

    @Test
    void whoHasReadTheAnswerHasNotJudgedFirst() {
        assertThat(lab.put("/api/roasts/" + roast + "/trace/shown", "").status())
                .isEqualTo(204);
        // a second press is no second reading
        assertThat(lab.put("/api/roasts/" + roast + "/trace/shown", "").status())
                .isEqualTo(204);
        assertThat(lab.put("/api/roasts/999999/trace/shown", "").status()).isEqualTo(404);
        assertThat(first(roast)).isFalse();
        int first = of("first");
        int seen = of("seen");
        judge(roast);
        assertThat(of("first")).isEqualTo(first);
        assertThat(of("seen")).isEqualTo(seen + 1);
    }

    @Test
    void aLabThatHasNotAskedForItReadsAtOnce() {
        noMore();
        assertThat(first(roast)).isFalse();
        assertThat(row(roast).get("judgeFirst").asBoolean()).isFalse();
        int first = of("first");
        judge(roast);
        assertThat(of("first")).isEqualTo(first);
    }

    @Test
    void aShareIsOneOfTheCups() {
        assertThat(lab.put("/api/judge-first", "{\"share\":1.2}").status()).isEqualTo(422);
        assertThat(lab.put("/api/judge-first", "{\"share\":-0.1}").status()).isEqualTo(422);
    }
}
