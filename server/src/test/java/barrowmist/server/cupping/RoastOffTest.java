package barrowmist.server.cupping;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.roast.KnownLog;
import barrowmist.server.Lab;
import barrowmist.server.LabTest;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** Votes, entries of people who vote, guests and trade, guesses from the green; what is sweeter in a triangle. */
@LabTest
class RoastOffTest {

    private final Lab lab;
    private long first;
    private long second;

    RoastOffTest(@Autowired MockMvc mvc) {
        lab = new Lab(mvc);
    }

    @BeforeEach
    void twoRoasts() {
        long lot = lab.lot("washed");
        first = lab.csv("/api/lots/" + lot + "/roasts", KnownLog.csv(false)).id();
        second = lab.csv("/api/lots/" + lot + "/roasts", KnownLog.csv(true)).id();
    }

    private JsonNode lay(String more) {
        return lab.post("/api/cuppings", """
                {"kind":"roast-off","samples":[{"roastId":%d,"entrant":"Tobin"},{"roastId":%d}]%s}""".formatted(first, second, more)).body();
    }

    private static String path(JsonNode table) {
        return "/api/cuppings/" + table.get("id");
    }

    private String codeOf(String table, long roastId) {
        for (JsonNode s : lab.get(table + "/key").body().get("samples")) {
            if (s.get("roastId").asLong() == roastId) {
                return s.get("code").asString();
            }
        }
        throw new AssertionError("not laid");
    }

    private int vote(String table, String cupper, String party, String... order) {
        return lab.post(
                        table + "/rankings",
                        "{\"cupper\":\"%s\",\"party\":\"%s\",\"order\":[\"%s\"]}"
                                .formatted(cupper, party, String.join("\",\"", order)))
                .status();
    }

    @Test
    void theBestAloneIsAVote() {
        String table = path(lay(",\"choice\":\"best\""));
        String a = codeOf(table, first);
        String b = codeOf(table, second);
        assertThat(vote(table, "Ines", "house", a, b))
                .as("only the best is asked")
                .isEqualTo(422);
        assertThat(vote(table, "Ines", "uncle", a)).isEqualTo(422);
        for (int i = 0; i < 9; i++) {
            assertThat(vote(table, "Guest " + i, "guest", a)).isEqualTo(201);
        }
        vote(table, "Ines", "trade", b);
        vote(table, "Tobin", "house", a);
        lab.post(table + "/reveal", "{}");
        JsonNode liked = lab.get(table + "/preference").body();
        assertThat(liked.get("choice").asString()).isEqualTo("best");
        assertThat(liked.get("rankSums")).isEmpty();
        assertThat(liked.get("votes")).anySatisfy(v -> {
            assertThat(v.get("code").asString()).isEqualTo(a);
            assertThat(v.get("votes").asInt()).isEqualTo(10);
            assertThat(v.get("lower").asDouble()).isBetween(0.6, 0.7);
        });
        assertThat(liked.get("text").asString()).contains("is liked best: 10 of 11 votes");
        assertThat(liked.get("own").asInt()).isEqualTo(1);
        assertThat(liked.get("withoutOwn").asString()).contains("9 of 10 votes");
        assertThat(liked.get("rankings")).anySatisfy(r -> {
            assertThat(r.get("cupper").asString()).isEqualTo("Tobin");
            assertThat(r.get("own").asBoolean()).isTrue();
        });
        List<String> parties = new ArrayList<>();
        liked.get("parties")
                .forEach(p -> parties.add(
                        p.get("party").asString() + " " + p.get("people").asInt()));
        assertThat(parties).containsExactly("house 1", "guest 9", "trade 1");
    }

    @Test
    void anOrderIsCountedAsAVoteToo() {
        String table = path(lay(""));
        vote(table, "Ines", "house", codeOf(table, second), codeOf(table, first));
        lab.post(table + "/reveal", "{}");
        JsonNode liked = lab.get(table + "/preference").body();
        assertThat(liked.get("voted").asString()).startsWith("No winner shown");
        assertThat(liked.get("rankSums")).hasSize(2);
        assertThat(liked.has("withoutOwn")).isFalse();
    }

    @Test
    void whatWasGuessedFromTheGreenIsToldAtTheReveal() {
        String table = path(lay(""));
        JsonNode lot = lab.get("/api/roasts/" + first).body();
        String origin = lab.get("/api/lots/" + lot.get("lotId").asLong())
                .body()
                .get("origin")
                .asString();
        String guess = "{\"cupper\":\"%s\",\"origin\":\"%s\",\"process\":\"%s\"}";
        assertThat(lab.post(table + "/guesses", guess.formatted("Ines", "elsewhere", "natural"))
                        .status())
                .isEqualTo(201);
        assertThat(lab.post(
                                table + "/guesses",
                                guess.formatted("Ines", " " + origin.toUpperCase(Locale.ROOT), "natural"))
                        .status())
                .as("thought again")
                .isEqualTo(201);
        assertThat(lab.post(table + "/guesses", guess.formatted("Ines", "x", "dried on the moon"))
                        .status())
                .isEqualTo(422);
        assertThat(lab.post(table + "/guesses", "{\"cupper\":\"Ines\"}").status())
                .isEqualTo(422);
        assertThat(lab.get(table).body().toString()).doesNotContain("guess", "natural");
        vote(table, "Ines", "house", codeOf(table, second), codeOf(table, first));
        lab.post(table + "/reveal", "{}");
        JsonNode guesses = lab.get(table + "/preference").body().get("guesses");
        assertThat(guesses).hasSize(1);
        assertThat(guesses.get(0).get("originRight").asBoolean()).isTrue();
        assertThat(guesses.get(0).get("processRight").asBoolean()).isFalse();
        assertThat(lab.post(table + "/guesses", guess.formatted("Tobin", origin, "washed"))
                        .status())
                .isEqualTo(409);
    }

    @Test
    void onlyARoastOffHasEntries() {
        assertThat(lab.post("/api/cuppings", "{\"samples\":[{\"roastId\":%d,\"entrant\":\"Tobin\"}]}".formatted(first))
                        .status())
                .isEqualTo(422);
        assertThat(lay("").toString()).as("whose entry it is would tell").doesNotContain("Tobin");
    }

    @Test
    void thoseWhoToldThemApartSayWhichIsSweeter() {
        JsonNode laid = lab.post("/api/cuppings", """
                {"kind":"triangle","assessments":9,"samples":[{"roastId":%d},{"roastId":%d,"treatment":"later"}]}""".formatted(first, second)).body();
        String table = path(laid);
        JsonNode key = lab.get(table + "/key").body();
        // which of the two is A is drawn
        String later = key.get("samples").get(0).has("treatment") ? "A" : "B";
        for (JsonNode set : key.get("sets")) {
            int single = set.get("odd").asInt();
            boolean laterIsSingle = set.get("codes").get(single - 1).asString().equals(later);
            int said = set.get("set").asInt();
            // the last guesses wrong and says the other
            int odd = said == 9 ? single % 3 + 1 : single;
            String sweeter = laterIsSingle == (said != 9) ? "odd" : "pair";
            lab.post(
                    table + "/answers",
                    "{\"cupper\":\"C%d\",\"set\":%d,\"odd\":%d,\"sweeter\":\"%s\"}"
                            .formatted(said, said, odd, sweeter));
        }
        assertThat(lab.post(table + "/difference", "").body().get("leanings"))
                .as("not before the reveal")
                .isEmpty();
        lab.post(table + "/reveal", "{}");
        JsonNode leanings = lab.get(table + "/difference").body().get("leanings");
        assertThat(leanings).hasSize(1);
        assertThat(leanings.get(0).asString()).endsWith("later is sweeter: 8 of 8 say so.");
    }
}
