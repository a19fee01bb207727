package barrowmist.server.cupping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.roast.KnownLog;
import barrowmist.server.Lab;
import barrowmist.server.Lab.Answer;
import barrowmist.server.LabTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

@LabTest
class CuppingTest {

    private static final String ALL_SEVEN = """
            "attributes":{"fragranceAroma":7,"flavour":7,"aftertaste":7,"acidity":7,"body":7,"balance":7,"overall":7}
            """;

    private final Lab lab;
    private long first;
    private long second;

    CuppingTest(@Autowired MockMvc mvc) {
        lab = new Lab(mvc);
    }

    @BeforeEach
    void roastTwo() {
        long lot = lab.lot("washed");
        first = lab.csv("/api/lots/" + lot + "/roasts", KnownLog.csv(false)).id();
        second = lab.csv("/api/lots/" + lot + "/roasts", KnownLog.csv(true)).id();
    }

    private String open(int cups) {
        long id = lab.post("/api/cuppings", "{\"roastIds\":[%d,%d],\"cups\":%d}".formatted(first, second, cups))
                .id();
        return "/api/cuppings/" + id;
    }

    @Test
    void twoSamplesHaveASheetEach() {
        String table = open(5);
        lab.post(table + "/sheets", "{\"roastId\":%d}".formatted(first));
        lab.post(table + "/sheets", "{\"roastId\":%d,%s}".formatted(second, ALL_SEVEN));
        JsonNode cupping = lab.get(table).body();
        assertThat(cupping.get("roastIds")).hasSize(2);
        assertThat(cupping.get("sheets")).hasSize(2);
        assertThat(cupping.get("sheets").get(0).get("finalScore")).isNull();
        assertThat(cupping.get("sheets").get(1).get("finalScore").asDouble()).isEqualTo(79);
        assertThat(cupping.get("sheets").get(1).get("qualityClass").asString()).isEqualTo("below specialty");
    }

    @Test
    void withTwoSamplesTheSheetMustSayWhich() {
        Answer refused = lab.post(open(5) + "/sheets", "{}");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("problems").get(0).get("message").asString())
                .isEqualTo("roastId is missing, expected one of [%d, %d]".formatted(first, second));
    }

    @Test
    void aSampleNotOnTheTableIsPutThere() {
        long empty = lab.post("/api/cuppings", "{}").id();
        lab.post("/api/cuppings/" + empty + "/sheets", "{\"roastId\":%d}".formatted(first));
        assertThat(lab.get("/api/cuppings/" + empty)
                        .body()
                        .get("roastIds")
                        .get(0)
                        .asLong())
                .isEqualTo(first);
    }

    @Test
    void threeCupsAreScaledAndSaySo() {
        JsonNode sheet = lab.post(
                        open(3) + "/sheets",
                        "{\"roastId\":%d,\"cups\":[{\"clean\":false},{},{}],%s}".formatted(first, ALL_SEVEN))
                .body();
        assertThat(sheet.get("scaled").asBoolean()).isTrue();
        assertThat(sheet.get("cleanCup").asDouble()).isCloseTo(20.0 / 3, within(1e-9));
        assertThat(sheet.get("finalScore").asDouble()).isCloseTo(49 + 20 + 20.0 / 3, within(1e-9));
    }

    @Test
    void aHalfFilledSheetDoesNotSpeakInTheTrace() {
        String table = open(5);
        lab.post(
                table + "/sheets",
                "{\"roastId\":%d,\"words\":[{\"word\":\"flat\",\"cups\":[1,2,3,4,5]}]}".formatted(second));
        JsonNode trace = lab.get("/api/roasts/" + second + "/trace").body();
        assertThat(trace.get("cups").asInt()).isZero();
        assertThat(trace.get("findings").get(0).get("standing").asString()).isEqualTo("to-watch");
    }

    private long roastOfFebruary() {
        return lab.csv("/api/lots/" + lab.lot("washed") + "/roasts?roastedAt=2026-02-01T08:00:00Z", KnownLog.csv(true))
                .id();
    }

    @Test
    void theAgeAtTheTableIsReckonedFromTheDrop() {
        long roast = roastOfFebruary();
        long cupping = lab.post(
                        "/api/cuppings", "{\"roastIds\":[%d],\"cuppedAt\":\"2026-02-02T02:00:00Z\"}".formatted(roast))
                .id();
        lab.post("/api/cuppings/" + cupping + "/sheets", "{%s}".formatted(ALL_SEVEN));
        JsonNode trace = lab.get("/api/roasts/" + roast + "/trace").body();
        double roastedH = lab.get("/api/roasts/" + roast).body().get("totalS").asDouble() / 3600;
        assertThat(trace.get("restHours").asDouble()).as("from the drop on").isCloseTo(18 - roastedH, within(0.001));
        assertThat(trace.get("finalScore").asDouble()).isEqualTo(79);
    }

    @Test
    void aRoastThatStandsOnAnotherTableThatIsNotFinishedIsSaidTo() {
        long roast = roastOfFebruary();
        String table = "{\"roastIds\":[%d],\"cuppedAt\":\"2026-02-01T%s:00:00Z\"}";
        Answer first = lab.post("/api/cuppings", table.formatted(roast, "20"));
        assertThat(first.body().get("warnings").toString()).doesNotContain("another table");
        assertThat(lab.post("/api/table-warnings", table.formatted(roast, "21"))
                        .body()
                        .toString())
                .contains("another table");
        assertThat(lab.get("/api/cuppings/" + first.id()).body().get("warnings").toString())
                .as("itself is no other")
                .doesNotContain("another table");
        lab.post("/api/cuppings/" + first.id() + "/sheets", "{%s}".formatted(ALL_SEVEN));
        assertThat(lab.post("/api/table-warnings", table.formatted(roast, "21"))
                        .body()
                        .toString())
                .as("it is finished")
                .doesNotContain("another table");
    }

    @Test
    void aTableThatIsLaidTooEarlyOrTooLateSaysByHowMuch() {
        long roast = roastOfFebruary();
        String table = "{\"roastIds\":[%d],\"cuppedAt\":\"2026-02-0%s:10:00Z\"}";
        JsonNode early =
                lab.post("/api/cuppings", table.formatted(roast, "1T11")).body();
        assertThat(early.get("warnings").get(0).get("text").asString())
                .isEqualTo(
                        "Not rested: 3 h since the drop, 5 h more are missing by the protocol style. It may taste flat, closed or of gas.");
        assertThat(lab.post("/api/cuppings", table.formatted(roast, "1T22"))
                        .body()
                        .get("warnings"))
                .isEmpty();
        assertThat(lab.post("/api/cuppings", table.formatted(roast, "2T14"))
                        .body()
                        .get("warnings")
                        .get(0)
                        .get("text")
                        .asString())
                .startsWith("Past the protocol window: 30 h since the drop, 6 h too long");
        lab.put("/api/rest/school", "{\"school\":\"late\"}");
        assertThat(lab.get("/api/cuppings/" + early.get("id"))
                        .body()
                        .get("warnings")
                        .get(0)
                        .get("text")
                        .asString())
                .contains("4 days more", "late style");
        lab.put("/api/rest/school", "{\"school\":\"protocol\"}");
    }

    @Test
    void aSheetOfAnotherTableIsNotFound() {
        String table = open(5);
        long sheet =
                lab.post(table + "/sheets", "{\"roastId\":%d}".formatted(first)).id();
        assertThat(lab.put(open(5) + "/sheets/" + sheet, "{}").status()).isEqualTo(404);
        assertThat(lab.post("/api/cuppings", "{\"roastIds\":[424242]}").status())
                .isEqualTo(404);
    }

    @Test
    void theVocabularyNamesWhatItsGroupsPointTo() {
        JsonNode words = lab.get("/api/vocabulary").body();
        assertThat(words).anySatisfy(w -> {
            assertThat(w.get("word").asString()).isEqualTo("bready");
            assertThat(w.get("group").asString()).isEqualTo("grain, bread and paper");
            assertThat(w.get("pointsTo").asString()).contains("baking");
            assertThat(w.get("alsoFoundBy").get(0).asString()).isEqualTo("bread");
        });
    }
}
