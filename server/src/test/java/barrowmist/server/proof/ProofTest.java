package barrowmist.server.proof;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.roast.KnownLog;
import barrowmist.server.Lab;
import barrowmist.server.LabTest;
import java.util.ArrayList;
import java.util.List;
import java.util.function.LongFunction;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** A baked cup, its change planned, roasted, put on the blind table beside the old one, and told. */
@LabTest
class ProofTest {

    private static final String SEVENS = """
            "form":"hundred-point","cupper":"Ines K.","attributes":{"fragranceAroma":7,"flavour":7,"aftertaste":7,"acidity":7,
            "body":7,"balance":7,"overall":7}""";
    private static final String BAKED = "{\"word\":\"flat\",\"cups\":5},{\"word\":\"papery\",\"cups\":5}";

    private final Lab lab;
    private long old;
    private long lotId;

    ProofTest(@Autowired MockMvc mvc) {
        lab = new Lab(mvc);
    }

    @BeforeEach
    void aBakedRoastThatWasCupped() {
        lotId = lab.lot("washed");
        old = roast("2026-03-02T09:10", true);
        long table = lab.post("/api/cuppings", "{\"cuppedAt\":\"2026-03-03T09:00:00Z\",\"roastIds\":[" + old + "]}")
                .id();
        lab.post(
                "/api/cuppings/" + table + "/sheets",
                "{\"roastId\":" + old + "," + SEVENS + ",\"words\":[" + BAKED + "]}");
    }

    private long roast(String at, boolean crash) {
        return lab.csv(
                        "/api/lots/" + lotId + "/roasts?again=true&greenG=120&roastedG=104.4",
                        "# roasted_at: " + at + "\n" + KnownLog.csv(crash))
                .id();
    }

    private JsonNode proofs(long roastId) {
        return lab.get("/api/roasts/" + roastId + "/trace/proofs").body();
    }

    private Lab.Answer lay(String json) {
        return lab.post("/api/roasts/" + old + "/trace/proof", json);
    }

    /** Plans the change, roasts it away from the desk, and says which plan was followed. */
    private long roastedAsPlanned() {
        long plan = lab.post("/api/roasts/" + old + "/trace/plan", "{}")
                .body()
                .get("planId")
                .asLong();
        long next = roast("2026-03-04T09:10", false);
        assertThat(proofs(old).at("/later/0/planned").asBoolean()).isFalse();
        assertThat(proofs(old).at("/plans/0/planId").asLong()).isEqualTo(plan);
        assertThat(lab.put("/api/roasts/" + next + "/followed", "{\"planId\":" + plan + "}")
                        .status())
                .isEqualTo(204);
        return next;
    }

    private void cup(long table, long oldRoast, String oldWords, String newWords) {
        cup(table, id -> id == oldRoast ? oldWords : newWords);
    }

    private void cup(long table, LongFunction<String> wordsOf) {
        for (JsonNode sample : lab.get("/api/cuppings/" + table + "/key").body().get("samples")) {
            String words = wordsOf.apply(sample.get("roastId").asLong());
            Lab.Answer sheet = lab.post(
                    "/api/cuppings/" + table + "/sheets",
                    "{\"code\":\"%s\",%s,\"words\":[%s]}"
                            .formatted(sample.get("code").asString(), SEVENS, words));
            assertThat(sheet.status()).as("%s", sheet.body()).isEqualTo(201);
        }
    }

    private long laid() {
        return lay("{}").body().get("cuppingId").asLong();
    }

    @Test
    void oneChangeIsProvenBlindAndKept() {
        long next = roastedAsPlanned();
        assertThat(proofs(old).at("/later/0/roastId").asLong()).isEqualTo(next);
        assertThat(proofs(old).at("/later/0/planned").asBoolean()).isTrue();
        long table = laid();
        // a second press, or a second person, finds the same table
        assertThat(laid()).isEqualTo(table);
        for (JsonNode sample : lab.get("/api/cuppings/" + table).body().get("samples")) {
            assertThat(sample.get("roastId")).isNull();
        }
        cup(table, old, BAKED, "{\"word\":\"sweet\",\"cups\":5}");
        assertThat(proofs(old).at("/proofs/0").has("outcome")).isFalse();
        int held = held();
        lab.post("/api/cuppings/" + table + "/reveal", "{}");
        JsonNode proof = proofs(next).at("/proofs/0");
        // one roast of each: an estimate, after which the case is as open as it was
        assertThat(proof.get("outcome").asString()).isEqualTo("estimate");
        assertThat(proof.get("shown").asString())
                .startsWith("baked in 5 of 5 cups before, in 0 of 5 after; 1 batch before and 1 after: an estimate");
        assertThat(proof.get("scoreChange").asDouble()).isEqualTo(0, within(1e-9));
        assertThat(settled()).isFalse();
        assertThat(held()).isEqualTo(held);
    }

    @Test
    void threeRoastsOfEachConfirmIt() {
        List<Long> before = List.of(roast("2026-03-02T10:10", true), roast("2026-03-02T11:10", true));
        long plan = roastedAsPlanned();
        List<Long> after = List.of(plan, roast("2026-03-04T10:10", false), roast("2026-03-04T11:10", false));
        assertThat(proofs(old).get("batches").asInt()).isEqualTo(3);
        assertThat(proofs(old).get("others").toString()).contains("\"roastId\":" + before.get(0));
        String asked = "{\"before\":%s,\"after\":%s}".formatted(before, after);
        long table = lay(asked).body().get("cuppingId").asLong();
        assertThat(lay(asked).body().get("cuppingId").asLong()).isEqualTo(table);
        cup(table, id -> id == old || before.contains(id) ? BAKED : "{\"word\":\"sweet\",\"cups\":5}");
        int held = held();
        lab.post("/api/cuppings/" + table + "/reveal", "{}");
        JsonNode proof = proofs(before.get(1)).at("/proofs/0");
        assertThat(proof.get("outcome").asString()).isEqualTo("held");
        assertThat(proof.get("shown").asString())
                .isEqualTo("baked in 15 of 15 cups before, in 0 of 15 after; 3 batches before and 3 after: "
                        + "1 of the 20 ways to share these batches out look as clear");
        assertThat(settled()).isTrue();
        assertThat(held()).isEqualTo(held + 1);
    }

    /** With more roasts of a side the ways to share them out are too many to count: refused before they are laid. */
    @Test
    void noMoreRoastsAreLaidThanCanBeCounted() {
        roastedAsPlanned();
        List<Long> many = new ArrayList<>();
        for (int i = 0; i < 10; i++) {
            many.add(roast("2026-03-02T1%d:30".formatted(i), true));
        }
        Lab.Answer refused = lay("{\"before\":" + many + "}");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().toString()).contains("11 roasts on one side, at most 10");
        assertThat(lay("{\"before\":" + many.subList(0, 9) + "}").status()).isEqualTo(201);
    }

    @Test
    void aRoastIsOnOneSideOnly() {
        long next = roastedAsPlanned();
        assertThat(lay("{\"before\":[%d]}".formatted(next)).status()).isEqualTo(422);
        assertThat(lay("{\"before\":[%d],\"after\":[%d]}".formatted(old, next)).status())
                .isEqualTo(422);
        long other = roast("2026-03-05T10:10", false);
        assertThat(lay("{\"before\":[%d],\"after\":[%d]}".formatted(other, other))
                        .status())
                .isEqualTo(422);
        assertThat(lay("{\"after\":[]}").status()).isEqualTo(201);
    }

    private boolean settled() {
        return lab.get("/api/roasts/" + old + "/trace").body().get("settled").asBoolean();
    }

    private int held() {
        int held = 0;
        for (JsonNode change : lab.get("/api/trace-record").body().get("changes")) {
            assertThat(change.get("change").asString()).isNotBlank();
            held += change.get("held").asInt();
        }
        return held;
    }

    @Test
    void whatWasToldMayBeTriedOnceMore() {
        roastedAsPlanned();
        long table = laid();
        cup(table, old, BAKED, BAKED);
        lab.post("/api/cuppings/" + table + "/reveal", "{}");
        assertThat(proofs(old).at("/proofs/0/outcome").asString()).isEqualTo("estimate");
        // told once, it may be tried once more
        assertThat(laid()).isNotEqualTo(table);
    }

    @Test
    void withoutALaterRoastThereIsNothingToProve() {
        assertThat(lay("{}").status()).isEqualTo(409);
        roastedAsPlanned();
        assertThat(lay("{\"after\":[" + old + "]}").status()).isEqualTo(422);
        assertThat(lay("{\"cause\":\"burned\"}").status()).isEqualTo(422);
    }

    @Test
    void aPlanOfAnotherLotWasNotFollowed() {
        long plan = lab.post("/api/roasts/" + old + "/trace/plan", "{}")
                .body()
                .get("planId")
                .asLong();
        lotId = lab.lot("natural");
        long other = roast("2026-03-04T10:10", false);
        assertThat(lab.put("/api/roasts/" + other + "/followed", "{\"planId\":" + plan + "}")
                        .status())
                .isEqualTo(409);
    }

    @Test
    void whatTheLeadJudgesIsHeldAgainstWhatWasSaid() {
        int judged = lab.get("/api/trace-record").body().get("judged").asInt();
        int right = lab.get("/api/trace-record").body().get("right").asInt();
        lab.put(
                "/api/roasts/" + old + "/trace/verdict",
                "{\"cause\":\"baked\",\"reason\":\"Flat beside the sound one\"}");
        JsonNode record = lab.get("/api/trace-record").body();
        assertThat(record.get("judged").asInt()).isEqualTo(judged + 1);
        assertThat(record.get("right").asInt()).isEqualTo(right + 1);
        // another mind: one roast is one answer
        lab.put("/api/roasts/" + old + "/trace/verdict", "{\"cause\":\"stale\",\"reason\":\"It was the old bag\"}");
        record = lab.get("/api/trace-record").body();
        assertThat(record.get("judged").asInt()).isEqualTo(judged + 1);
        assertThat(record.get("right").asInt()).isEqualTo(right);
        for (JsonNode band : record.get("odds")) {
            double share = band.get("right").asDouble() / band.get("n").asInt();
            assertThat(share)
                    .isBetween(band.get("lower").asDouble(), band.get("upper").asDouble());
        }
    }
}
