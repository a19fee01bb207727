package barrowmist.server.cupping;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.roast.KnownLog;
import barrowmist.server.Lab;
import barrowmist.server.Lab.Answer;
import barrowmist.server.LabTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** Both forms and the triage, with all that stands beside the scores. */
@LabTest
class FormsTest {

    private static final String FIVES = "\"attributes\":{\"fragrance\":5,\"aroma\":5,\"flavour\":5,\"aftertaste\":5,"
            + "\"acidity\":5,\"sweetness\":5,\"mouthfeel\":5,\"overall\":5}";
    private static final String SEVENS = "\"attributes\":{\"fragranceAroma\":7,\"flavour\":7.5,\"aftertaste\":7.5,"
            + "\"acidity\":7.5,\"body\":7.5,\"balance\":7.5,\"overall\":7.5}";

    private final Lab lab;
    private long roast;

    FormsTest(@Autowired MockMvc mvc) {
        lab = new Lab(mvc);
    }

    @BeforeEach
    void aRoast() {
        long lot = lab.lot("washed");
        roast = lab.csv("/api/lots/" + lot + "/roasts", KnownLog.csv(true)).id();
    }

    private String table(String more) {
        return "/api/cuppings/"
                + lab.post("/api/cuppings", "{\"roastIds\":[%d]%s}".formatted(roast, more))
                        .id();
    }

    private Answer sheet(String table, String content) {
        return lab.post(table + "/sheets", "{\"cupper\":\"Ines\"," + content + "}");
    }

    @Test
    void theValueFormHasItsScoreAndNoMarksOfTheOther() {
        JsonNode sheet = sheet(
                        table(""),
                        "\"form\":\"value-assessment\"," + FIVES
                                + ",\"cups\":[{\"uniform\":false},{},{},{},{\"defect\":\"fault\"}]"
                                + ",\"intensities\":{\"sweetness\":11},\"note\":\" sings \"")
                .body();
        assertThat(sheet.get("form").asString()).isEqualTo("value-assessment");
        assertThat(sheet.get("finalScore").asDouble()).isEqualTo(79 - 2 - 4);
        assertThat(sheet.has("uniformity")).isFalse();
        assertThat(sheet.at("/intensities/sweetness").asInt()).isEqualTo(11);
        assertThat(sheet.get("note").asString()).isEqualTo("sings");
    }

    @Test
    void whatLiesBelowTheHousesLinesIsSaid() {
        JsonNode sheet = sheet(table(""), SEVENS).body();
        assertThat(sheet.get("below").toString()).isEqualTo("[\"fragranceAroma\"]");
        assertThat(sheet.has("houseSays")).isFalse();
        JsonNode lines = lab.get("/api/cup-lines").body();
        assertThat(lab.put(
                                "/api/cup-lines",
                                "{\"leastAttribute\":6,\"leastScore\":80,\"premiumScore\":82,\"version\":%s}"
                                        .formatted(lines.get("version")))
                        .status())
                .isEqualTo(200);
        JsonNode again = lab.get("/api/cuppings/" + sheet.get("cuppingId") + "/sheets/" + sheet.get("id"))
                .body();
        assertThat(again.get("below").isEmpty()).isTrue();
        assertThat(again.get("houseSays").asString()).isEqualTo("premium");
        assertThat(lab.get("/api/cup-lines/facts").body()).hasSize(3);
        lab.put("/api/cup-lines", "{\"leastAttribute\":7.25,\"leastScore\":80,\"premiumScore\":85}");
    }

    private boolean cupSpeaksForBaked() {
        for (JsonNode finding :
                lab.get("/api/roasts/" + roast + "/trace").body().get("findings")) {
            for (JsonNode e : finding.get("evidence")) {
                if (finding.get("cause").asString().equals("baked")
                        && !e.get("words").isEmpty()
                        && e.get("weight").asDouble() > 0) {
                    return true;
                }
            }
        }
        return false;
    }

    @Test
    void aWordOfTheCuppersOwnIsTakenInAndThenSpeaksForTheCup() {
        JsonNode sheet = sheet(table(""), SEVENS + ",\"words\":[{\"word\":\"Biscuit Tin\",\"cups\":5}]")
                .body();
        assertThat(sheet.at("/words/0/word").asString()).isEqualTo("biscuit tin");
        assertThat(lab.get("/api/vocabulary/candidates").body().toString())
                .contains("{\"word\":\"biscuit tin\",\"times\":1}");
        assertThat(cupSpeaksForBaked()).isFalse();
        assertThat(lab.post("/api/vocabulary", "{\"word\":\"biscuit tin\",\"sameAs\":\"bready\"}")
                        .status())
                .isEqualTo(201);
        assertThat(lab.post("/api/vocabulary", "{\"word\":\"Biscuit tin\",\"group\":\"sweet\"}")
                        .status())
                .isEqualTo(422);
        assertThat(lab.get("/api/vocabulary/candidates").body().toString()).doesNotContain("biscuit tin");
        assertThat(lab.get("/api/vocabulary").body().toString()).contains("biscuit tin");
        assertThat(cupSpeaksForBaked()).isTrue();
        assertThat(lab.delete("/api/vocabulary/biscuit tin").status()).isEqualTo(204);
        assertThat(lab.delete("/api/vocabulary/flat").status()).isEqualTo(409);
    }

    @Test
    void firstAndLastScoreAreKeptWithTheirTime() {
        JsonNode sheet = sheet(table(""), SEVENS).body();
        assertThat(sheet.at("/trail/flavour/first/score").asDouble()).isEqualTo(7.5);
        assertThat(sheet.at("/trail/flavour").has("last")).isFalse();
        assertThat(sheet.at("/trail/flavour/first").has("cupC")).isFalse();
        String poured = table("");
        lab.post(poured + "/clock/pour", "{}");
        assertThat(sheet(poured, SEVENS).body().at("/trail/flavour/first/cupC").asDouble())
                .isBetween(90.0, 93.0);
    }

    @Test
    void manyOffersGetOneLineEachAndFeedNoTrace() {
        String table = table(",\"kind\":\"triage\",\"cups\":1");
        JsonNode sheet = sheet(table, "\"verdict\":\"again\",\"note\":\"thin, but clean\"")
                .body();
        assertThat(sheet.get("form").asString()).isEqualTo("triage");
        assertThat(sheet.get("verdict").asString()).isEqualTo("again");
        assertThat(sheet.get("unscored").isEmpty()).isTrue();
        assertThat(lab.get(table).body().get("unfinished").asInt()).isZero();
        assertThat(sheet(table, "\"verdict\":\"perhaps\"").status()).isEqualTo(422);
        assertThat(lab.get("/api/roasts/" + roast + "/trace").body().toString()).doesNotContain("\"cups\":1");
        assertThat(lab.get("/api/today").body().toString()).doesNotContain("/cupping/" + sheet.get("cuppingId"));
    }

    @Test
    void gramsAndBenchWarnBeforeThePourAndNeverRefuse() {
        lab.put(
                "/api/roasts/" + roast + "/sample",
                "{\"greenG\":70,\"roastedG\":60,\"colourWhole\":40,\"colourGround\":45,\"counts\":{\"quakers\":0,"
                        + "\"scorched\":0,\"tipped\":0,\"shells\":0},\"oneColourThrough\":true}");
        JsonNode enough = lab.get(table("")).body().get("warnings");
        assertThat(enough.toString()).doesNotContain("Needs").contains("The bench: ");
        lab.put("/api/roasts/" + roast + "/ageing", "{\"keptG\":20,\"days\":[2]}");
        assertThat(lab.get(table("")).body().get("warnings").toString())
                .contains("Needs 49.5 g", "40 g are there without the 20 g that the ageing study keeps");
        JsonNode laid = lab.post(
                        "/api/cuppings",
                        "{\"blind\":\"coded\",\"samples\":[{\"roastId\":%d,\"times\":2}]}".formatted(roast))
                .body();
        // whoever lays it, or prepares it by the key, hears it; a page of the table says nothing of what is on it
        assertThat(laid.get("warnings").toString()).contains("Needs 99 g");
        String blind = "/api/cuppings/" + laid.get("id");
        assertThat(lab.get(blind).body().get("warnings").isEmpty()).isTrue();
        assertThat(lab.get(blind + "/key").body().get("warnings").toString()).contains("Needs 99 g");
    }

    @Test
    void aHouseKeepsItsWaysToPrepareATable() {
        JsonNode kept = lab.get("/api/table-protocols").body();
        assertThat(kept.at("/protocols/0/preparation/doseG").asDouble()).isEqualTo(8.25);
        assertThat(kept.at("/protocols/2/reason").asString()).startsWith("One cup");
        String one = "{\"protocols\":[{\"name\":\"Ours\",\"cups\":3,\"preparation\":{\"doseG\":%s}}],\"version\":%s}";
        assertThat(lab.put("/api/table-protocols", one.formatted("11", kept.get("version")))
                        .body()
                        .at("/protocols/0/name")
                        .asString())
                .isEqualTo("Ours");
        assertThat(lab.put("/api/table-protocols", one.formatted("11", kept.get("version")))
                        .status())
                .isEqualTo(409);
        assertThat(lab.put("/api/table-protocols", one.formatted("1100", "null"))
                        .status())
                .isEqualTo(422);
        assertThat(lab.get("/api/table-preparation?waterMl=200")
                        .body()
                        .get("doseG")
                        .asDouble())
                .isEqualTo(11);
        assertThat(lab.get("/api/table-preparation?doseG=11")
                        .body()
                        .get("waterMl")
                        .asDouble())
                .isEqualTo(200);
        assertThat(lab.get("/api/table-preparation?waterMl=1").status()).isEqualTo(422);
    }

    @Test
    void notesOfCupSampleAndTableAreKept() {
        String table = table("");
        JsonNode sheet = sheet(table, "\"cups\":[{\"note\":\"husk\"},{},{},{},{}],\"note\":\"tea\"")
                .body();
        assertThat(sheet.at("/cups/0/note").asString()).isEqualTo("husk");
        assertThat(lab.put(table + "/note", "{\"note\":\"the grinder ran warm\"}")
                        .body()
                        .get("note")
                        .asString())
                .isEqualTo("the grinder ran warm");
        assertThat(lab.put(table + "/note", "{\"note\":\"mine\",\"before\":\"\"}")
                        .status())
                .as("written while another note was kept")
                .isEqualTo(409);
        assertThat(lab.put(table + "/note", "{\"note\":\"it did\",\"before\":\"the grinder ran warm\"}")
                        .status())
                .isEqualTo(200);
        assertThat(lab.put(table + "/note", "{\"note\":\"%s\"}".formatted("x".repeat(2001)))
                        .status())
                .isEqualTo(422);
        assertThat(sheet(table, "\"note\":\"%s\"".formatted("x".repeat(2001))).status())
                .isEqualTo(422);
    }

    @Test
    void aHouseScoresOnItsOwnScalesToo() {
        assertThat(lab.put("/api/house-scales", "{\"names\":[\"brightness\",\"fruit\"]}")
                        .body()
                        .get("names"))
                .hasSize(2);
        JsonNode sheet = sheet(table(""), SEVENS + ",\"scales\":{\"fruit\":8}").body();
        assertThat(sheet.at("/scales/fruit").asInt()).isEqualTo(8);
        assertThat(sheet(table(""), "\"scales\":{\"fruit\":11}").status()).isEqualTo(422);
    }
}
