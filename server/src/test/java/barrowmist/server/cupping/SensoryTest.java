package barrowmist.server.cupping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.roast.KnownLog;
import barrowmist.server.Lab;
import barrowmist.server.Lab.Answer;
import barrowmist.server.LabTest;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** Triangles and roast-offs: blind to the end, and counted right. */
@LabTest
class SensoryTest {

    private final Lab lab;
    private long first;
    private long second;

    SensoryTest(@Autowired MockMvc mvc) {
        lab = new Lab(mvc);
    }

    @BeforeEach
    void twoRoasts() {
        long lot = lab.lot("washed");
        first = lab.csv("/api/lots/" + lot + "/roasts", KnownLog.csv(false)).id();
        second = lab.csv("/api/lots/" + lot + "/roasts", KnownLog.csv(true)).id();
    }

    private JsonNode lay(String kind, String more) {
        Answer laid = lab.post("/api/cuppings", """
                {"kind":"%s","samples":[{"roastId":%d},{"roastId":%d}]%s}""".formatted(kind, first, second, more));
        assertThat(laid.status()).as(laid.body().toString()).isEqualTo(201);
        return laid.body();
    }

    private static String path(JsonNode table) {
        return "/api/cuppings/" + table.get("id");
    }

    private Answer answer(String table, String cupper, int set, int odd) {
        return lab.post(table + "/answers", """
                {"cupper":"%s","set":%d,"odd":%d,"what":"one is flat"}""".formatted(cupper, set, odd));
    }

    private List<Integer> oddOnes(String table) {
        List<Integer> odd = new ArrayList<>();
        lab.get(table + "/key")
                .body()
                .get("sets")
                .forEach(s -> odd.add(s.get("odd").asInt()));
        return odd;
    }

    @Test
    void aTriangleTellsNothingUntilEverySetIsAnswered() {
        JsonNode laid = lay("triangle", ",\"assessments\":6");
        String table = path(laid);
        assertThat(laid.get("sets")).hasSize(6);
        assertThat(laid.get("samples").toString()).contains("\"A\"", "\"B\"").doesNotContain("roastId\":" + first);
        answer(table, "Ines", 1, 2);
        for (String asked : List.of(table, "/api/cuppings")) {
            String said = lab.get(asked).body().toString();
            assertThat(said).doesNotContain("\"odd\"", "\"chosen\"", "one is flat");
        }
        assertThat(lab.post(table + "/difference", "").status()).isEqualTo(409);
        assertThat(lab.post(table + "/reveal", "{}").status()).isEqualTo(422);
        assertThat(lab.get(table).body().get("missing").asString()).isEqualTo("5 sets have no answer yet");
    }

    @Test
    void theKeySaysWhatIsInEachCupAndTheOddOneIsTheOneThatIsThereOnce() {
        JsonNode laid = lay("triangle", ",\"assessments\":12");
        JsonNode key = lab.get(path(laid) + "/key").body();
        assertThat(lab.get(path(laid)).body().get("keySeenAt")).isNotNull();
        assertThat(key.get("sets")).hasSize(12).allSatisfy(set -> {
            List<Long> cups = new ArrayList<>();
            set.get("roastIds").forEach(c -> cups.add(c.asLong()));
            assertThat(cups).hasSize(3).containsOnly(first, second);
            long odd = cups.get(set.get("odd").asInt() - 1);
            assertThat(cups).filteredOn(c -> c == odd).hasSize(1);
        });
    }

    /** ISO 4120 at α = 0.05: of 6 sets 5 show a difference, 4 do not. */
    @ParameterizedTest
    @CsvSource({"5, true", "4, false"})
    void theResultIsThatOfTheStandard(int right, boolean shown) {
        String table = path(lay("triangle", ",\"assessments\":6"));
        List<Integer> odd = oddOnes(table);
        for (int i = 0; i < 6; i++) {
            int wrong = odd.get(i) % 3 + 1;
            assertThat(answer(table, "Cupper " + i, i + 1, i < right ? odd.get(i) : wrong)
                            .status())
                    .isEqualTo(201);
        }
        assertThat(lab.get(table + "/difference").status()).as("not counted").isEqualTo(409);
        JsonNode result = lab.post(table + "/difference", "").body();
        assertThat(lab.get(table + "/difference").body()).isEqualTo(result);
        assertThat(lab.get(table).body().get("counted").asBoolean()).isTrue();
        assertThat(result.get("n").asInt()).isEqualTo(6);
        assertThat(result.get("right").asInt()).isEqualTo(right);
        assertThat(result.get("needed").asInt()).isEqualTo(5);
        assertThat(result.get("byGuessing").asDouble()).isEqualTo(2);
        assertThat(result.get("shown").asBoolean()).isEqualTo(shown);
        // (1/3)⁶ and its like, by hand: P(≥5) = 13/729, P(≥4) = 73/729
        assertThat(result.get("p").asDouble()).isCloseTo((right == 5 ? 13 : 73) / 729.0, within(1e-12));
        assertThat(lab.get(table).body().get("told").asBoolean()).isFalse();
        // once they were counted, nobody tries another answer
        assertThat(answer(table, "Cupper 0", 1, 1).body().get("detail").asString())
                .contains("were counted");
        assertThat(lab.post(table + "/reveal", "{}").status()).isEqualTo(200);
        assertThat(lab.get(table).body().get("sets").get(0).get("what").asString())
                .isEqualTo("one is flat");
        assertThat(answer(table, "Cupper 0", 1, 1).status()).isEqualTo(409);
    }

    @Test
    void aSetIsAnsweredByOnePersonWhoMayThinkAgain() {
        String table = path(lay("triangle", ",\"assessments\":3"));
        assertThat(answer(table, "Ines", 1, 2).status()).isEqualTo(201);
        assertThat(answer(table, " Ines ", 1, 3).status()).isEqualTo(201);
        assertThat(answer(table, "Tobin", 1, 3).status()).isEqualTo(409);
        assertThat(answer(table, "Tobin", 9, 3).status()).isEqualTo(422);
        assertThat(answer(table, "Tobin", 2, 4).status()).isEqualTo(422);
        assertThat(answer(table, "", 2, 1).status()).isEqualTo(422);
        assertThat(lab.post(table + "/answers", "{\"cupper\":\"Tobin\",\"odd\":1}")
                        .status())
                .isEqualTo(422);
    }

    @Test
    void twoWhoAnswerOneSetAtOnceAreNotMixedUp() {
        String table = path(lay("triangle", ",\"assessments\":3"));
        List<Integer> answered = IntStream.range(0, 6)
                .mapToObj(i -> CompletableFuture.supplyAsync(
                        () -> answer(table, "Cupper " + i, 1, 1).status()))
                .toList()
                .stream()
                .map(CompletableFuture::join)
                .toList();
        assertThat(answered).containsOnlyOnce(201).containsOnly(201, 409);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            {"kind":"triangle","blind":"open","samples":[{"roastId":1},{"roastId":2}]} | never open
            {"kind":"triangle","samples":[{"outside":{"name":"one"}}]} | 2
            {"kind":"triangle","assessments":0,"samples":[{"outside":{"name":"a"}},{"outside":{"name":"b"}}]} | assessments
            {"kind":"roast-off","samples":[{"outside":{"name":"one"},"times":1}]} | 2
            {"kind":"guessing"} | expected scoring, triage, triangle or roast-off
            """)
    void whatIsNoTestIsRefused(String body, String says) {
        Answer refused = lab.post(
                "/api/cuppings",
                body.replace("\"roastId\":1", "\"roastId\":" + first)
                        .replace("\"roastId\":2", "\"roastId\":" + second));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().toString()).contains(says);
    }

    @Test
    void aRoastOffIsCountedAfterTheReveal() {
        JsonNode laid = lay("roast-off", "");
        String table = path(laid);
        String a = laid.get("samples").get(0).get("code").asString();
        String b = laid.get("samples").get(1).get("code").asString();
        for (int i = 0; i < 8; i++) {
            assertThat(rank(table, "Guest " + i, a, b).status()).isEqualTo(201);
        }
        assertThat(rank(table, "Guest 7", b, a).status()).isEqualTo(201);
        assertThat(rank(table, "Guest 8", a).status()).isEqualTo(422);
        assertThat(rank(table, "Guest 8", a, a).status()).isEqualTo(422);
        assertThat(rank(table, "", a, b).status()).isEqualTo(422);
        assertThat(lab.get(table).body().get("ranked")).hasSize(8);
        assertThat(lab.get(table + "/preference").status()).isEqualTo(409);
        assertThat(lab.post(table + "/reveal", "{}").status()).isEqualTo(200);
        JsonNode liked = lab.get(table + "/preference").body();
        assertThat(liked.get("n").asInt()).isEqualTo(8);
        assertThat(liked.get("rankSums").get(0).get("sum").asDouble()).isEqualTo(7 + 2);
        // two samples: Q = (R₁ − R₂)²/n, by hand (9 − 15)²/8
        assertThat(liked.get("friedmanQ").asDouble()).isCloseTo(36.0 / 8, within(1e-9));
        assertThat(liked.get("pairs")).hasSize(1);
        assertThat(liked.get("text").asString()).contains("roast").doesNotContain(a);
        assertThat(rank(table, "Guest 9", a, b).status()).isEqualTo(409);
    }

    private Answer rank(String table, String cupper, String... order) {
        return lab.post(
                table + "/rankings",
                "{\"cupper\":\"%s\",\"order\":[\"%s\"]}".formatted(cupper, String.join("\",\"", order)));
    }

    @Test
    void howManySetsAreEnoughIsSaidBeforeTheyAreServed() {
        JsonNode plan = lab.get("/api/triangle-plan?sets=16&share=0.5").body();
        assertThat(plan.get("enough").asInt()).isEqualTo(16);
        assertThat(lab.get("/api/triangle-plan").body().get("sets").asInt()).isEqualTo(18);
        assertThat(lab.get("/api/triangle-plan?sets=0").status()).isEqualTo(422);
        assertThat(lab.get("/api/triangle-plan?sets=many").status()).isEqualTo(400);
    }

    @Test
    void eachTableIsAskedOnlyWhatItWasLaidFor() {
        String triangle = path(lay("triangle", ""));
        String off = path(lay("roast-off", ""));
        String scoring = path(lay("scoring", ""));
        assertThat(lab.get(triangle).body().get("sets")).hasSize(18);
        assertThat(lab.post(triangle + "/sheets", "{\"code\":\"A\",\"cupper\":\"Ines\"}")
                        .status())
                .isEqualTo(409);
        assertThat(lab.get(triangle + "/panel").status()).isEqualTo(409);
        assertThat(lab.get(off + "/difference").status()).isEqualTo(409);
        assertThat(lab.get(scoring + "/preference").status()).isEqualTo(409);
        assertThat(answer(scoring, "Ines", 1, 1).status()).isEqualTo(409);
    }

    @Test
    void whatSomethingWasDoneToDoesNotSpeakForTheRoast() {
        String table = path(lab.post("/api/cuppings", """
                {"samples":[{"roastId":%d},{"roastId":%1$d,"treatment":"quakers picked out"}]}""".formatted(first)).body());
        score(table, "2", "papery");
        assertThat(traced()).isEqualTo("[]");
        score(table, "1", "flat");
        assertThat(traced()).contains("flat").doesNotContain("papery");
    }

    /** The words that the first roast's trace goes by. */
    private String traced() {
        return lab.get("/api/roasts/" + first + "/trace").body().get("words").toString();
    }

    private void score(String table, String code, String word) {
        assertThat(lab.post(table + "/sheets", """
                {"code":"%s","cupper":"Ines","words":[{"word":"%s","cups":[1,2,3,4,5]}],
                "attributes":{"fragranceAroma":7,"flavour":7,"aftertaste":7,"acidity":7,"body":7,"balance":7,"overall":7}}""".formatted(code, word)).status())
                .isEqualTo(201);
    }
}
