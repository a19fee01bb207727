package barrowmist.server.correct;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.roast.KnownLog;
import barrowmist.server.Lab;
import barrowmist.server.LabTest;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** The mistakes of a lab's first week, mended. */
@LabTest
class CorrectionTest {

    private static final String SCORES = """
            "form":"hundred-point","cupper":"Ines K.","attributes":{"fragranceAroma":7,"flavour":7,"aftertaste":7,"acidity":7,
            "body":7,"balance":7,"overall":%s}""";

    private final Lab lab;

    CorrectionTest(@Autowired MockMvc mvc) {
        lab = new Lab(mvc);
    }

    private long roast(long lot, String at) {
        return lab.csv("/api/lots/" + lot + "/roasts", "# roasted_at: " + at + "\n" + KnownLog.csv(false))
                .id();
    }

    private long table(long roast) {
        return lab.post("/api/cuppings", "{\"cuppedAt\":\"2026-03-03T09:00:00Z\",\"roastIds\":[" + roast + "]}")
                .id();
    }

    private void scored(long table, long roast) {
        lab.post("/api/cuppings/" + table + "/sheets", "{\"roastId\":%d,%s}".formatted(roast, SCORES.formatted("7")));
    }

    private JsonNode roast(long id) {
        return lab.get("/api/roasts/" + id).body();
    }

    private List<Long> ids(String path) {
        List<Long> out = new ArrayList<>();
        for (JsonNode n : lab.get(path).body()) {
            out.add(n.get("id").asLong());
        }
        return out;
    }

    @Test
    void aRoastMovesToItsLotAndToItsDay() {
        long wrong = lab.lot("washed");
        long right = lab.lot("natural");
        roast(right, "2026-03-01T08:00");
        long id = roast(wrong, "2026-03-02T08:00");
        JsonNode moved = lab.put(
                        "/api/roasts/" + id + "/place",
                        "{\"lotId\":%d,\"roastedAt\":\"2026-02-27T10:00:00Z\"}".formatted(right))
                .body();
        assertThat(moved.get("lotId").asLong()).isEqualTo(right);
        assertThat(moved.get("number").asInt()).isEqualTo(2);
        assertThat(moved.get("roastedAt").asString()).isEqualTo("2026-02-27T10:00:00Z");
        assertThat(ids("/api/lots/" + wrong + "/roasts")).isEmpty();
        assertThat(lab.put("/api/roasts/" + id + "/place", "{\"roastedAt\":\"2999-01-01T00:00:00Z\"}")
                        .status())
                .isEqualTo(422);
        assertThat(lab.put("/api/roasts/" + id + "/place", "{\"lotId\":999999}").status())
                .isEqualTo(404);
        // nothing asked, nothing changed
        assertThat(lab.put("/api/roasts/" + id + "/place", "{}")
                        .body()
                        .get("number")
                        .asInt())
                .isEqualTo(2);
    }

    @Test
    void theSameLogUnderAnotherLotIsNoticedAndNotMovedBesideItself() {
        long one = lab.lot("washed");
        long other = lab.lot("washed");
        long first = roast(one, "2026-04-02T08:00");
        assertThat(lab.get("/api/roasts/" + first + "/same-log").body()).isEmpty();
        long second = roast(other, "2026-04-02T08:00");
        JsonNode same = lab.get("/api/roasts/" + second + "/same-log").body();
        assertThat(same).hasSize(1);
        assertThat(same.get(0).get("roastId").asLong()).isEqualTo(first);
        assertThat(lab.put("/api/roasts/" + second + "/place", "{\"lotId\":" + one + "}")
                        .status())
                .isEqualTo(409);
    }

    @Test
    void aTableIsDatedAnewAndItsCupIsReadWithItsRightAge() {
        long id = roast(lab.lot("washed"), "2026-03-02T08:00");
        long table = table(id);
        scored(table, id);
        JsonNode after = lab.put("/api/cuppings/" + table + "/time", "{\"cuppedAt\":\"2026-03-09T08:00:00Z\"}")
                .body();
        assertThat(after.get("cuppedAt").asString()).isEqualTo("2026-03-09T08:00:00Z");
        assertThat(lab.put("/api/cuppings/" + table + "/time", "{}").status()).isEqualTo(422);
        assertThat(lab.put("/api/cuppings/" + table + "/time", "{\"cuppedAt\":\"2999-03-09T08:00:00Z\"}")
                        .status())
                .isEqualTo(422);
    }

    @Test
    void aSheetIsMendedAfterTheRevealWithAReasonAndBothAreKept() {
        long id = roast(lab.lot("washed"), "2026-03-02T08:00");
        long table = lab.post("/api/cuppings", "{\"blind\":\"coded\",\"roastIds\":[" + id + "]}")
                .id();
        String code =
                lab.get("/api/cuppings/" + table).body().at("/samples/0/code").asString();
        String sheet =
                "{\"code\":\"%s\",\"form\":\"hundred-point\",\"cupper\":\"Ines K.\",\"attributes\":{\"fragranceAroma\":7,\"flavour\":7,\"aftertaste\":7,\"acidity\":7,\"body\":7,\"balance\":7,\"overall\":%s}}";
        long sheetId = lab.post("/api/cuppings/" + table + "/sheets", sheet.formatted(code, "7"))
                .id();
        String at = "/api/cuppings/" + table + "/sheets/" + sheetId;
        String corrected = "{\"reason\":\"%s\",\"sheet\":" + sheet.formatted(code, "8.5") + "}";
        assertThat(lab.post(at + "/correction", corrected.formatted("mistyped")).status())
                .isEqualTo(409);
        lab.post("/api/cuppings/" + table + "/reveal", "{}");
        assertThat(lab.post(at + "/correction", corrected.formatted(" ")).status())
                .isEqualTo(422);
        assertThat(lab.post(at + "/correction", "{\"reason\":\"mistyped\"}").status())
                .isEqualTo(422);
        assertThat(lab.get("/api/cuppings/" + table + "/corrections").body()).isEmpty();
        JsonNode now = lab.post(at + "/correction", corrected.formatted("mistyped: paper says 8.5"))
                .body();
        assertThat(now.at("/attributes/overall").asDouble()).isEqualTo(8.5);
        JsonNode kept = lab.get("/api/cuppings/" + table + "/corrections").body();
        assertThat(kept).hasSize(1);
        assertThat(kept.at("/0/was/overall").asDouble()).isEqualTo(7);
        assertThat(kept.at("/0/nowScore").asDouble() - kept.at("/0/wasScore").asDouble())
                .isEqualTo(1.5);
        assertThat(kept.at("/0/reason").asString()).isEqualTo("mistyped: paper says 8.5");
    }

    @Test
    void aLotThatWasEnteredTwiceIsMadeOne() {
        long keep = lab.lot("washed");
        long twice = lab.lot("washed");
        long before = roast(keep, "2026-05-01T08:00");
        long same = roast(twice, "2026-05-01T08:00");
        long other = roast(twice, "2026-05-02T08:00");
        lab.put("/api/lots/" + twice + "/decision", "{\"outcome\":\"hold\",\"reason\":\"wait\"}");
        assertThat(lab.post("/api/lots/" + keep + "/merged", "{\"into\":" + keep + "}")
                        .status())
                .isEqualTo(422);
        assertThat(lab.post("/api/lots/" + twice + "/merged", "{\"into\":" + keep + "}")
                        .status())
                .isEqualTo(204);
        assertThat(lab.get("/api/lots/" + twice).status()).isEqualTo(404);
        assertThat(ids("/api/lots/" + keep + "/roasts")).containsExactlyInAnyOrder(before, same, other);
        assertThat(roast(same).get("number").asInt()).isEqualTo(2);
        assertThat(roast(other).get("number").asInt()).isEqualTo(3);
        assertThat(lab.get("/api/lots/" + keep + "/samples").body()).hasSize(1);
        // and the next one is numbered on
        assertThat(roast(roast(keep, "2026-05-03T08:00")).get("number").asInt()).isEqualTo(4);
    }

    @Test
    void onlyWhatNothingStandsOnIsDeletedAndTheRestIsPutAside() {
        long empty = lab.lot("washed");
        assertThat(lab.delete("/api/lots/" + empty).status()).isEqualTo(204);
        assertThat(lab.delete("/api/lots/" + empty).status()).isEqualTo(404);
        long lot = lab.lot("washed");
        long id = roast(lot, "2026-06-01T08:00");
        Lab.Answer refused = lab.delete("/api/lots/" + lot);
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.body().get("detail").asString()).contains("1 roast");
        assertThat(lab.put("/api/lots/" + lot + "/aside", "{\"aside\":true}").status())
                .isEqualTo(204);
        assertThat(ids("/api/lots")).doesNotContain(lot);
        assertThat(lab.get("/api/put-aside").body().toString()).contains("\"kind\":\"lots\"");
        long fresh = lab.lot("honey");
        assertThat(lab.get("/api/decisions").body().toString()).contains("\"lotId\":" + fresh + ",");
        lab.put("/api/lots/" + fresh + "/aside", "{\"aside\":true}");
        // nobody is asked to roast, plan or decide it
        assertThat(lab.get("/api/decisions").body().toString()).doesNotContain("\"lotId\":" + fresh + ",");
        assertThat(lab.get("/api/green-samples").body().toString()).doesNotContain("\"lotId\":" + fresh + ",");
        // what stands on it goes on
        assertThat(roast(id).get("lotId").asLong()).isEqualTo(lot);
        assertThat(lab.get("/api/lots/" + lot).status()).isEqualTo(200);
        lab.put("/api/lots/" + lot + "/aside", "{\"aside\":false}");
        assertThat(ids("/api/lots")).contains(lot);

        long laid = table(id);
        assertThat(lab.delete("/api/cuppings/" + laid).status()).isEqualTo(204);
        long scored = table(id);
        scored(scored, id);
        assertThat(lab.delete("/api/cuppings/" + scored).status()).isEqualTo(409);
        assertThat(lab.put("/api/cuppings/" + scored + "/aside", "{\"aside\":true}")
                        .status())
                .isEqualTo(204);
        assertThat(ids("/api/cuppings")).doesNotContain(scored);
    }

    @Test
    void aRoasterWithRoastsStaysAndOneAtLeastIsInUse() {
        long id = roast(lab.lot("washed"), "2026-06-02T08:00");
        long used = roast(id).get("machineId").asLong();
        assertThat(lab.delete("/api/machines/" + used).status()).isEqualTo(409);
        long spare = lab.post("/api/machines", "{\"name\":\"Spare %d\"}".formatted(id))
                .id();
        assertThat(lab.put("/api/machines/" + spare + "/aside", "{\"aside\":true}")
                        .status())
                .isEqualTo(204);
        assertThat(ids("/api/machines")).doesNotContain(spare);
        assertThat(lab.delete("/api/machines/" + spare).status()).isEqualTo(204);
    }
}
