package barrowmist.server.cupping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.roast.KnownLog;
import barrowmist.server.Lab;
import barrowmist.server.LabTest;
import barrowmist.server.PrintedPages;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** What stands around a table: who prepares it, the key put away, and paper. */
@LabTest
class PreparationTest {

    private final MockMvc mvc;
    private final Lab lab;
    private long first;
    private long second;

    PreparationTest(@Autowired MockMvc mvc) {
        this.mvc = mvc;
        lab = new Lab(mvc);
    }

    @BeforeEach
    void twoRoasts() {
        long lot = lab.lot("washed");
        first = lab.csv("/api/lots/" + lot + "/roasts", KnownLog.csv(false)).id();
        second = lab.csv("/api/lots/" + lot + "/roasts", KnownLog.csv(true)).id();
    }

    private String lay(String more) {
        return "/api/cuppings/"
                + lab.post("/api/cuppings", """
                {"samples":[{"roastId":%d},{"roastId":%d,"treatment":"quakers <out> & away"}]%s}""".formatted(first, second, more)).id();
    }

    private String text(String path) {
        return PrintedPages.text(lab.bytes(path));
    }

    @Test
    void whoPreparesIsToldWhatToWeighAndInWhichOrder() {
        String table = lay(",\"blind\":\"coded\",\"cups\":3,\"protocol\":{\"doseG\":12,\"waterMl\":216,\"waterC\":92}");
        JsonNode sheet = lab.get(table + "/preparation?words=cocoa,flat").body();
        List<String> codes = new ArrayList<>();
        sheet.get("samples").forEach(s -> {
            codes.add(s.get("code").asString());
            // three cups of 12 g, and a dose through the grinder before
            assertThat(s.get("totalG").asDouble()).isEqualTo(48);
        });
        assertThat(codes).hasSize(2).isSorted();
        assertThat(sheet.get("steps").toString()).contains("216 mL at 92 °C", "within 15 minutes", "30 where the cups");
        assertThat(lab.get(table + "/preparation?fahrenheit=true")
                        .body()
                        .get("steps")
                        .toString())
                .contains("198 °F");
        assertThat(sheet.at("/things/0/thing").asString()).isEqualTo("cocoa powder");
        assertThat(sheet.get("things")).hasSize(1);
        assertThat(lab.get(table).body().get("keySeenAt"))
                .as("it was a look at the key")
                .isNotNull();
    }

    @Test
    void beforeATableIsLaidItIsSaidWhatItLacks() {
        lab.send("PUT", "/api/roasts/" + first + "/sample", "{\"roastedG\":40}");
        int tables = lab.get("/api/cuppings").body().size();
        String asked = "{\"kind\":\"%s\",\"cups\":5,\"assessments\":6,\"samples\":[{\"roastId\":%d},{\"roastId\":%d}]}";
        // five cups and a purge are 49.5 g; of a triangle's six sets twelve cups and a purge 107.25 g
        assertThat(lab.post("/api/table-warnings", asked.formatted("scoring", first, second))
                        .body()
                        .toString())
                .contains("Needs 49.5 g");
        assertThat(lab.post("/api/table-warnings", asked.formatted("triangle", first, second))
                        .body()
                        .toString())
                .contains("Needs 107.25 g");
        assertThat(lab.get("/api/cuppings").body()).as("nothing is kept").hasSize(tables);
    }

    @Test
    void milkAndEspressoHaveTheirOwnWay() {
        String milk = lay(",\"protocol\":{\"serving\":\"milk\",\"milkMl\":60}");
        assertThat(lab.get(milk + "/preparation").body().toString()).contains("milk 60 mL", "allergen");
        String shots =
                lay(",\"protocol\":{\"serving\":\"espresso\",\"doseG\":19,\"yieldG\":40,\"shotS\":30,\"shots\":4}");
        JsonNode table = lab.get(shots).body();
        assertThat(table.at("/protocol/ratio").asDouble()).isCloseTo(2.105, within(0.001));
        assertThat(lab.get(shots + "/preparation").body().get("steps").toString())
                .contains("dose 19 g, and pull 40 g in 30 s")
                .doesNotContain("crust", "Bowls");
        assertThat(lab.post(shots + "/clock/pour", "{}").status()).isEqualTo(409);
        assertThat(lab.get(shots + "/clock").body().get("steps")).isEmpty();
        assertThat(lab.post("/api/cuppings", "{\"protocol\":{\"serving\":\"iced\"}}")
                        .status())
                .isEqualTo(422);
    }

    @Test
    void onlyTablesOfTheSameKindAreComparedWithTheLast() {
        lay(",\"protocol\":{\"tdsPpm\":148}");
        lay(",\"protocol\":{\"serving\":\"milk\",\"tdsPpm\":210}");
        JsonNode black = lab.get(lay(",\"protocol\":{\"tdsPpm\":210}")).body();
        assertThat(black.get("preparation").toString()).contains("Water 210 ppm, last time 148");
        JsonNode milk = lab.get(lay(",\"protocol\":{\"serving\":\"milk\",\"tdsPpm\":210}"))
                .body();
        assertThat(milk.get("preparation")).isEmpty();
        assertThat(lab.get("/api/table-preparation").body().get("serving").asString())
                .as("milk is never handed on unasked")
                .isEqualTo("black");
    }

    @Test
    void aKeyThatWasPutAwayIsFetchedWithAReason() {
        String table = lay(",\"blind\":\"coded\"");
        assertThat(lab.put(table + "/seal", "{}").status()).isEqualTo(204);
        for (String asked : List.of("/key", "/preparation", "/preparation.pdf")) {
            JsonNode refused = lab.get(table + asked).body();
            assertThat(refused.get("status").asInt()).as(asked).isEqualTo(409);
            assertThat(refused.toString()).doesNotContain("roastId", "quakers");
        }
        assertThat(lab.get(table).body().has("keySeenAt")).isFalse();
        assertThat(lab.post(table + "/seal/break", "{\"reason\":\" \"}").status())
                .isEqualTo(422);
        assertThat(lab.post(table + "/seal/break", "{\"reason\":\"A bowl broke\"}")
                        .status())
                .isEqualTo(204);
        assertThat(lab.get(table + "/key").status()).isEqualTo(200);
        JsonNode seal = lab.get(table).body().get("seal");
        assertThat(seal.get("reason").asString()).isEqualTo("A bowl broke");
        assertThat(seal.get("brokenAt")).isNotNull();
        assertThat(lab.put(lay("") + "/seal", "{}").status())
                .as("an open table")
                .isEqualTo(409);
    }

    @Test
    void theSheetIsPrinted() throws Exception {
        String table = lay(",\"blind\":\"coded\"");
        String text = text(table + "/preparation.pdf?words=caramel");
        JsonNode key = lab.get(table + "/key").body();
        for (JsonNode s : key.get("samples")) {
            assertThat(text).contains(s.get("code").asString());
        }
        assertThat(text)
                .contains("quakers <out> & away", "8.25 g", "49.5 g", "plain caramel", "scalds", "diacetyl")
                .doesNotContain("{{");
    }

    @ParameterizedTest
    @ValueSource(strings = {"hundred-point", "value-assessment"})
    void formsArePrintedEmptyAndTellNothingBeforeTheReveal(String form) throws Exception {
        String table = lay(",\"blind\":\"coded\",\"form\":\"%s\"".formatted(form));
        lab.post(
                table + "/sheets",
                "{\"code\":\"%s\",\"cupper\":\"Ines\",\"words\":[{\"word\":\"cocoa\",\"cups\":[1]}]}"
                        .formatted(lab.get(table).body().at("/samples/0/code").asString()));
        String empty = text(table + "/forms.pdf");
        assertThat(empty).doesNotContain("quakers", "Ines", "cocoa").contains("Final score");
        lab.post(table + "/reveal", "{\"reason\":\"short of time\"}");
        assertThat(text(table + "/forms.pdf")).contains("Ines", "cocoa (1)");
    }

    @Test
    void labelsTellNothing() throws Exception {
        String coded = lay(",\"blind\":\"coded\",\"cups\":3");
        String code = lab.get(coded).body().at("/samples/0/code").asString();
        String text = text(coded + "/labels.pdf");
        assertThat(text.split(code, -1)).as("a label for each of three cups").hasSize(4);
        assertThat(text).doesNotContain("quakers");
        String shuffled = lay(",\"blind\":\"underside\",\"cups\":3");
        Set<String> marks = new TreeSet<>();
        lab.get(shuffled).body().get("marks").forEach(m -> marks.add(m.asString()));
        assertThat(text(shuffled + "/labels.pdf")).contains(marks).doesNotContain("quakers", "Place");
        assertThat(text(lay("") + "/labels.pdf")).contains("Test Hill", "quakers");
    }
}
