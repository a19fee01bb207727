package barrowmist.server.cupping;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.roast.KnownLog;
import barrowmist.server.Lab;
import barrowmist.server.Lab.Answer;
import barrowmist.server.LabTest;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** A coded table tells nothing, and feeds nothing, until it is revealed. */
@LabTest
class BlindTableTest {

    private final Lab lab;
    private long first;
    private long second;
    private String table;
    private List<String> codes;

    BlindTableTest(@Autowired MockMvc mvc) {
        lab = new Lab(mvc);
    }

    @BeforeEach
    void layATable() {
        long lot = lab.lot("washed");
        first = lab.csv("/api/lots/" + lot + "/roasts", KnownLog.csv(false)).id();
        second = lab.csv("/api/lots/" + lot + "/roasts", KnownLog.csv(true)).id();
        JsonNode laid = lab.post("/api/cuppings", """
                        {"blind":"coded","protocol":{"doseG":8.25,"waterMl":150,"waterC":93,"tdsPpm":148},
                        "samples":[{"roastId":%d},{"roastId":%d,"times":2},
                        {"outside":{"name":"A bag that was bought"},"treatment":"open three days"}]}""".formatted(first, second)).body();
        table = "/api/cuppings/" + laid.get("id");
        codes = new ArrayList<>();
        laid.get("samples").forEach(s -> codes.add(s.get("code").asString()));
    }

    private static String sheet(String code, String cupper, double score) {
        return """
                {"code":"%s","cupper":"%s","words":[{"word":"flat","cups":[1,2,3,4,5]}],
                "attributes":{"fragranceAroma":%4$s,"flavour":%4$s,"aftertaste":%4$s,"acidity":%4$s,"body":%4$s,
                "balance":%4$s,"overall":%4$s}}""".formatted(code, cupper, score, String.valueOf(score));
    }

    private void scoreAll(String cupper, double from) {
        for (int i = 0; i < codes.size(); i++) {
            assertThat(lab.post(table + "/sheets", sheet(codes.get(i), cupper, from + 0.25 * i))
                            .status())
                    .isEqualTo(201);
        }
    }

    @Test
    void codesRiseAndNothingThatTellsComesWithThem() {
        assertThat(codes).hasSize(4).isSorted().doesNotHaveDuplicates();
        scoreAll("Ines", 7);
        for (String asked : List.of(table, "/api/cuppings", table + "/sheets/" + someSheet())) {
            String said = of(asked).toString();
            assertThat(said)
                    .as(asked)
                    .doesNotContain("\"roastId\"", "A bag that was bought", "open three days")
                    .contains(codes.get(0));
        }
        JsonNode own = lab.get(table).body();
        assertThat(own.get("told").asBoolean()).isFalse();
        assertThat(own.get("sheets")).isEmpty();
        assertThat(own.get("progress")).hasSize(4);
        assertThat(own.get("joinCode").asString()).hasSize(6);
    }

    private JsonNode of(String path) {
        JsonNode body = lab.get(path).body();
        if (!body.isArray()) {
            return body;
        }
        for (JsonNode one : body) {
            if (table.endsWith("/" + one.get("id"))) {
                return one;
            }
        }
        throw new AssertionError(path + " does not list the table");
    }

    private long someSheet() {
        return lab.get(table).body().get("progress").get(0).get("sheetId").asLong();
    }

    @Test
    void untilTheRevealItFeedsNoTraceNoListNoLineOfToday() {
        JsonNode traceBefore = lab.get("/api/roasts/" + second + "/trace").body();
        List<String> shelfBefore = shelf();
        scoreAll("Ines", 7);
        lab.post(table + "/sheets", "{\"code\":\"%s\",\"cupper\":\"Half\"}".formatted(codes.get(0)));
        assertThat(lab.get("/api/roasts/" + second + "/trace").body().get("sheets"))
                .isEqualTo(traceBefore.get("sheets"));
        assertThat(lab.get("/api/traces").body())
                .noneSatisfy(t -> assertThat(t.get("roastId").asLong()).isIn(first, second));
        assertThat(lab.get("/api/today").body().get("tasks").toString()).doesNotContain(table.substring(5));
        assertThat(shelf()).isEqualTo(shelfBefore);

        lab.post(table + "/reveal", "{\"reason\":\"one went home\"}");
        assertThat(lab.get("/api/roasts/" + second + "/trace")
                        .body()
                        .get("sheets")
                        .asInt())
                .isEqualTo(2);
        assertThat(lab.get("/api/traces").body())
                .anySatisfy(t -> assertThat(t.get("roastId").asLong()).isEqualTo(second));
    }

    private List<String> shelf() {
        List<String> out = new ArrayList<>();
        lab.get("/api/rest/shelf")
                .body()
                .get("items")
                .forEach(i -> out.add(i.get("roastId") + " " + i.get("state") + " " + i.get("cupped")));
        return out;
    }

    @Test
    void aSheetIsSomebodysAndFoundByItsCode() {
        assertThat(message(lab.post(table + "/sheets", "{\"roastId\":%d,\"cupper\":\"Ines\"}".formatted(first))))
                .startsWith("This table is coded");
        assertThat(message(lab.post(table + "/sheets", "{\"code\":\"%s\"}".formatted(codes.get(0)))))
                .startsWith("cupper is missing");
        assertThat(message(lab.post(table + "/sheets", "{\"code\":\"12\",\"cupper\":\"Ines\"}")))
                .contains(codes.get(0), codes.get(3));
        String mine = "{\"code\":\"%s\",\"cupper\":\" Ines \"}".formatted(codes.get(1));
        long sheet = lab.post(table + "/sheets", mine).id();
        assertThat(lab.post(table + "/sheets", mine).id()).isEqualTo(sheet);
        Answer other = lab.post(table + "/sheets", sheet(codes.get(1), "Ines", 8));
        assertThat(other.status()).isEqualTo(409);
        assertThat(lab.put(table + "/sheets/" + sheet, sheet(codes.get(1), "Somebody else", 8))
                        .body()
                        .get("cupper")
                        .asString())
                .isEqualTo("Ines");
    }

    private static String message(Answer answer) {
        assertThat(answer.status()).isEqualTo(422);
        return answer.body().get("problems").get(0).get("message").asString();
    }

    @Test
    void lookingAtTheKeyIsNotedAndForbidsNothing() {
        assertThat(lab.get(table).body().get("keySeenAt")).isNull();
        JsonNode key = lab.get(table + "/key").body().get("samples");
        Set<Long> roasts = new HashSet<>();
        key.forEach(
                s -> roasts.add(s.get("roastId") == null ? 0 : s.get("roastId").asLong()));
        assertThat(roasts).containsExactlyInAnyOrder(0L, first, second);
        assertThat(lab.get(table).body().get("keySeenAt")).isNotNull();
        assertThat(lab.post(table + "/sheets", sheet(codes.get(0), "Ines", 7)).status())
                .isEqualTo(201);
    }

    @Test
    void theRevealNeedsAWordWhileSomethingIsUnfinishedAndEndsTheScoring() {
        scoreAll("Ines", 7);
        long half = lab.post(table + "/sheets", "{\"code\":\"%s\",\"cupper\":\"Tobin\"}".formatted(codes.get(0)))
                .id();
        assertThat(message(lab.post(table + "/reveal", "{}"))).startsWith("4 sheets are not finished");
        assertThat(lab.get(table + "/panel").status()).isEqualTo(409);
        JsonNode told = lab.post(table + "/reveal", "{\"reason\":\"Tobin was called away\"}")
                .body();
        assertThat(told.get("revealReason").asString()).isEqualTo("Tobin was called away");
        assertThat(told.get("roastIds")).hasSize(2);
        assertThat(told.get("sheets")).hasSize(5);
        assertThat(lab.put(table + "/sheets/" + half, sheet(codes.get(0), "Tobin", 8))
                        .status())
                .isEqualTo(409);
        assertThat(lab.post(table + "/sheets", sheet(codes.get(1), "Tobin", 8)).status())
                .isEqualTo(409);
    }

    @Test
    void thePanelSaysWhatTheTableShowed() {
        scoreAll("Ines", 7);
        scoreAll("Tobin", 7.25);
        assertThat(lab.post(table + "/reveal", "{}").status()).isEqualTo(200);
        JsonNode panel = lab.get(table + "/panel").body();
        assertThat(panel.get("samples")).hasSize(4);
        // seven attributes and thirty for sound cups
        assertThat(panel.get("samples").get(0).get("mean").asDouble()).isEqualTo(30 + 7 * 7.125);
        assertThat(panel.get("samples").get(0).get("sd").asDouble()).isEqualTo(7 * 0.25 / Math.sqrt(2));
        assertThat(panel.get("agreement").get("kendallW").asDouble()).isEqualTo(1);
        assertThat(panel.get("cuppers").get(0).get("offset").asDouble()).isEqualTo(-7 * 0.125);
        long traced = 0;
        for (JsonNode s : panel.get("samples")) {
            traced += s.get("roastId") == null ? 0 : 1;
        }
        assertThat(traced).as("the bought one has no roast").isEqualTo(3);
    }

    @Test
    void anOpenTableNeedsNoReveal() {
        long open = lab.post("/api/cuppings", "{\"roastIds\":[%d,%d]}".formatted(first, second))
                .id();
        lab.post("/api/cuppings/" + open + "/sheets", "{\"roastId\":%d}".formatted(first));
        JsonNode panel = lab.get("/api/cuppings/" + open + "/panel").body();
        assertThat(panel.get("samples")).isEmpty();
        assertThat(panel.get("agreement")).isNull();
        assertThat(panel.get("text").asString()).isNotBlank();
    }

    @Test
    void whatDiffersFromTheLastTableIsSaidBeforeThePour() {
        JsonNode next = lab.post(
                        "/api/cuppings",
                        "{\"roastIds\":[%d],\"protocol\":{\"doseG\":8.25,\"waterMl\":150,\"waterC\":93,\"tdsPpm\":210}}"
                                .formatted(first))
                .body();
        assertThat(next.get("preparation").get(0).asString())
                .isEqualTo("Water 210 ppm, last time 148: scores will not compare.");
    }

    @Test
    void wrongTablesAreNamed() {
        assertThat(lab.post("/api/cuppings", "{\"blind\":\"folded\"}").status()).isEqualTo(422);
        assertThat(lab.post("/api/cuppings", "{\"kind\":\"party\"}").status()).isEqualTo(422);
        assertThat(lab.post("/api/cuppings", "{\"samples\":[{}]}").status()).isEqualTo(422);
        assertThat(lab.post("/api/cuppings", "{\"samples\":[{\"roastId\":%d,\"times\":9}]}".formatted(first))
                        .status())
                .isEqualTo(422);
        assertThat(lab.post("/api/cuppings", "{\"samples\":[{\"outside\":{\"name\":\" \"}}]}")
                        .status())
                .isEqualTo(422);
        assertThat(lab.post("/api/cuppings", "{\"protocol\":{\"waterC\":150}}").status())
                .isEqualTo(422);
    }
}
