package barrowmist.server.cupping;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.roast.KnownLog;
import barrowmist.server.Lab;
import barrowmist.server.Lab.Answer;
import barrowmist.server.LabTest;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** Cups shuffled by hand: scored by place, and only turning them over says what was scored. */
@LabTest
class UndersideTest {

    private final Lab lab;
    private long first;
    private long second;
    private String table;

    UndersideTest(@Autowired MockMvc mvc) {
        lab = new Lab(mvc);
    }

    @BeforeEach
    void shuffled() {
        long lot = lab.lot("washed");
        first = lab.csv("/api/lots/" + lot + "/roasts", KnownLog.csv(false)).id();
        second = lab.csv("/api/lots/" + lot + "/roasts", KnownLog.csv(true)).id();
        JsonNode laid = lab.post("/api/cuppings", """
                {"blind":"underside","samples":[{"roastId":%d},{"roastId":%d},{"outside":{"name":"A bag"}}]}""".formatted(first, second)).body();
        table = "/api/cuppings/" + laid.get("id");
        for (int place = 1; place <= 3; place++) {
            assertThat(lab.post(table + "/sheets", sheet(place, 6 + place / 2.0))
                            .status())
                    .isEqualTo(201);
        }
    }

    private static String sheet(int place, double score) {
        return """
                {"place":%d,"cupper":"Ines","words":[{"word":"%s","cups":[1,2,3,4,5]}],
                "attributes":{"fragranceAroma":%3$s,"flavour":%3$s,"aftertaste":%3$s,"acidity":%3$s,"body":%3$s,
                "balance":%3$s,"overall":%3$s}}""".formatted(place, place == 2 ? "flat" : "floral", String.valueOf(score));
    }

    private Answer match(String places) {
        return lab.send("PUT", table + "/places", places);
    }

    private String turned() {
        return """
                [{"place":1,"name":"A bag"},{"place":2,"roastId":%d},{"place":3,"roastId":%d}]""".formatted(second, first);
    }

    @Test
    void nothingSaysWhatStandsWhereAndTheKeyDoesNotKnow() {
        JsonNode key = lab.get(table + "/key").body();
        assertThat(key.get("samples"))
                .hasSize(3)
                .allSatisfy(s -> assertThat(s.get("code").asString()).isEmpty());
        JsonNode seen = lab.get(table).body();
        assertThat(seen.has("keySeenAt")).isFalse();
        assertThat(seen.get("unmatched").asBoolean()).isTrue();
        assertThat(seen.toString()).doesNotContain("\"roastId\"", "A bag");
        assertThat(lab.get("/api/roasts/" + second + "/trace").body().get("words"))
                .isEmpty();
        assertThat(lab.post(table + "/reveal", "{}").body().toString()).contains("Turn the cups over first");
    }

    @Test
    void whatIsTurnedOverIsWhatWasScored() {
        assertThat(match(turned()).status()).isEqualTo(204);
        long id = lab.get(table).body().get("progress").get(0).get("sheetId").asLong();
        assertThat(lab.put(table + "/sheets/" + id, sheet(1, 9)).status())
                .as("who has looked under the cups scores no more")
                .isEqualTo(409);
        assertThat(lab.post(table + "/reveal", "{}").status()).isEqualTo(200);
        JsonNode panel = lab.get(table + "/panel").body().get("samples");
        assertThat(panel.get(1).get("roastId").asLong()).isEqualTo(second);
        assertThat(panel.get(1).get("mean").asDouble()).isEqualTo(7 * 7 + 30);
        assertThat(lab.get("/api/roasts/" + second + "/trace")
                        .body()
                        .get("words")
                        .toString())
                .contains("flat");
        assertThat(lab.get("/api/roasts/" + first + "/trace")
                        .body()
                        .get("words")
                        .toString())
                .contains("floral");
        assertThat(match(turned()).status()).as("after the reveal").isEqualTo(409);
    }

    @Test
    void aWrongTurnIsMendedBeforeTheReveal() {
        match(turned().replace("\"place\":1,\"name\":\"A bag\"", "\"place\":1,\"roastId\":" + first)
                .replace("\"place\":3,\"roastId\":" + first, "\"place\":3,\"name\":\"A bag\""));
        assertThat(match(turned()).status()).isEqualTo(204);
        lab.post(table + "/reveal", "{}");
        assertThat(lab.get(table + "/panel")
                        .body()
                        .get("samples")
                        .get(2)
                        .get("roastId")
                        .asLong())
                .isEqualTo(first);
    }

    @Test
    void onlyWhatWasLaidStandsThereAndEachOnce() {
        assertThat(match("[]").status()).isEqualTo(422);
        assertThat(match(turned().replace("A bag", "Another bag")).status()).isEqualTo(422);
        assertThat(match(turned().replace("\"place\":3", "\"place\":2")).status())
                .isEqualTo(422);
        assertThat(match("""
                [{"place":1,"roastId":%1$d},{"place":2,"roastId":%1$d},{"place":3,"name":"A bag"}]""".formatted(first)).status()).isEqualTo(422);
        assertThat(lab.get(table).body().get("unmatched").asBoolean()).isTrue();
    }

    @Test
    void whatStandsUnderTheCupsMatchesThemWithoutTellingWhatItIs() {
        List<String> marks = new ArrayList<>();
        lab.get(table).body().get("marks").forEach(m -> marks.add(m.asString()));
        assertThat(marks).hasSize(3).doesNotHaveDuplicates().isSorted();
        JsonNode prepared = lab.get(table + "/preparation").body().get("samples");
        assertThat(prepared).extracting(s -> s.get("code").asString()).containsExactlyElementsOf(marks);
        String places = "[{\"place\":1,\"mark\":\"%s\"},{\"place\":2,\"mark\":\"%s\"},{\"place\":3,\"mark\":\"%s\"}]";
        assertThat(match(places.formatted(marks.get(0), marks.get(0), marks.get(2)))
                        .status())
                .isEqualTo(422);
        assertThat(match(places.formatted(marks.get(2), marks.get(0).toLowerCase(Locale.ROOT), marks.get(1)))
                        .status())
                .isEqualTo(204);
        JsonNode told = lab.post(table + "/reveal", "{}").body();
        assertThat(told.get("samples").get(0).get("mark").asString()).isEqualTo(marks.get(2));
        assertThat(told.get("samples").get(0).path("roastId"))
                .isEqualTo(prepared.get(2).path("roastId"));
        assertThat(told.get("marks")).isEmpty();
    }

    @Test
    void aTriangleShuffledByHandIsRightOrWrongOnlyWhenItsCupsAreTurnedOver() {
        JsonNode laid = lab.post("/api/cuppings", """
                {"kind":"triangle","blind":"underside","assessments":2,"samples":[{"roastId":%d},{"roastId":%d}]}""".formatted(first, second)).body();
        table = "/api/cuppings/" + laid.get("id");
        assertThat(lab.get(table + "/key").body().get("sets")).isEmpty();
        for (int set = 1; set <= 2; set++) {
            assertThat(lab.post(table + "/answers", "{\"cupper\":\"Ines\",\"set\":%d,\"odd\":2}".formatted(set))
                            .status())
                    .isEqualTo(201);
        }
        assertThat(lab.post(table + "/difference", "").status()).isEqualTo(409);
        assertThat(lab.post(table + "/reveal", "{}").status()).isEqualTo(422);
        String a = laid.get("marks").get(0).asString();
        String b = laid.get("marks").get(1).asString();
        assertThat(match(sets(a, a, a, b, b, a)).status()).as("three alike").isEqualTo(422);
        assertThat(match(sets(a, b, a, "ZZ", b, a)).status()).as("not laid").isEqualTo(422);
        assertThat(match(sets(a, b, a, b, b, a)).status()).isEqualTo(204);
        JsonNode difference = lab.post(table + "/difference", "").body();
        assertThat(difference.get("n").asInt()).isEqualTo(2);
        assertThat(difference.get("right").asInt()).isEqualTo(1);
        JsonNode told = lab.post(table + "/reveal", "{}").body();
        assertThat(told.at("/sets/0/odd").asInt()).isEqualTo(2);
        assertThat(told.at("/sets/1/odd").asInt()).isEqualTo(3);
    }

    private static String sets(String... marks) {
        StringBuilder all = new StringBuilder("[");
        for (int i = 0; i < marks.length; i++) {
            all.append(i == 0 ? "" : ",")
                    .append("{\"set\":%d,\"place\":%d,\"mark\":\"%s\"}".formatted(1 + i / 3, 1 + i % 3, marks[i]));
        }
        return all.append("]").toString();
    }
}
