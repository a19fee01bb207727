package barrowmist.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.roast.KnownLog;
import barrowmist.server.Lab.Answer;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** The path from the sack to the answer by the public API, as a script would walk it. */
@LabTest
class WholePathTest {

    private final Lab lab;
    private long lotId;

    WholePathTest(@Autowired MockMvc mvc) {
        lab = new Lab(mvc);
    }

    @BeforeEach
    void enterLot() {
        lotId = lab.lot("washed");
    }

    private long roast(boolean crash) {
        Answer roast = lab.csv("/api/lots/" + lotId + "/roasts?greenG=120&roastedG=104.4", KnownLog.csv(crash));
        assertThat(roast.status()).isEqualTo(201);
        return roast.id();
    }

    private JsonNode sheet(long roastId, String words) {
        long cupping = lab.post("/api/cuppings", "{\"roastIds\":[%d]}".formatted(roastId))
                .id();
        Answer sheet = lab.post("/api/cuppings/" + cupping + "/sheets", """
                {"roastId":%d,"form":"hundred-point","cupper":"Ines K.",
                 "attributes":{"fragranceAroma":6.75,"flavour":6.5,"aftertaste":6.5,"acidity":6.75,"body":7,
                               "balance":6.5,"overall":6.5},
                 "cups":[{"sweet":false},{},{},{},{"defect":"taint"}],"words":%s}
                """.formatted(roastId, words));
        assertThat(sheet.status()).isEqualTo(201);
        return sheet.body();
    }

    @Test
    void aCrashedRoastWithAFlatCupIsTracedToItsWindow() {
        long roastId = roast(true);

        JsonNode analysis = lab.get("/api/roasts/" + roastId + "/analysis").body();
        assertThat(analysis.get("totalS").asDouble()).isEqualTo(600);
        assertThat(analysis.get("developmentS").asDouble()).isEqualTo(120);
        assertThat(analysis.get("turningPoint").get("timeS").asDouble()).isBetween(55.0, 75.0);
        assertThat(analysis.get("phases").get("developmentPct").asDouble()).isEqualTo(20);
        assertThat(analysis.get("rorAtFirstCrackCPerMin").asDouble()).isCloseTo(7.8, within(0.8));
        JsonNode crash = analysis.get("faults").get(0);
        assertThat(crash.get("kind").asString()).isEqualTo("crash");
        assertThat(crash.get("fromS").asDouble()).isCloseTo(480, within(10.0));

        Answer bench = lab.put("/api/roasts/" + roastId + "/sample", """
                {"greenG":120,"roastedG":104.4,"colourWhole":58,"colourGround":62,"counts":{"quakers":0,
                 "scorched":0,"tipped":0},"oneColourThrough":true}
                """);
        assertThat(bench.body().get("weightLossPct").asDouble()).isCloseTo(13, within(1e-9));
        assertThat(bench.body().get("colourGap").asDouble()).isEqualTo(4);

        JsonNode sheet = sheet(roastId, "[{\"word\":\"flat\",\"cups\":[1,2,3,4,5]},{\"word\":\"bready\",\"cups\":5}]");
        // seven attributes 46.5, uniformity and clean cup 10 each, sweetness 8, one tainted cup −2
        assertThat(sheet.get("finalScore").asDouble()).isEqualTo(46.5 + 10 + 10 + 8 - 2);
        assertThat(sheet.get("words").get(1).get("cups")).hasSize(5);

        JsonNode trace = lab.get("/api/roasts/" + roastId + "/trace").body();
        JsonNode baked = trace.get("findings").get(0);
        assertThat(baked.get("cause").asString()).isEqualTo("baked");
        assertThat(baked.get("standing").asString()).isEqualTo("supported");
        assertThat(baked.get("evidence")).anySatisfy(e -> {
            assertThat(e.get("source").asString()).isEqualTo("log");
            assertThat(e.get("weight").asDouble()).isPositive();
            assertThat(e.get("fromS").asDouble()).isCloseTo(480, within(10.0));
        });
        assertThat(baked.get("correction").get("unit").asString()).isEqualTo("%");
        assertThat(baked.get("correction").get("from").asDouble()).isEqualTo(30);
    }

    @Test
    void sentencesSpeakFahrenheitWhenAskedAndFiguresStayCelsius() {
        long roastId = roast(true);
        sheet(roastId, "[{\"word\":\"flat\",\"cups\":5}]");
        String text = lab.get("/api/roasts/" + roastId + "/trace?fahrenheit=true&per30s=true")
                .body()
                .toString();
        assertThat(text).contains("°F/30 s").doesNotContain("°C/min");
    }

    @Test
    void weightsSentWithTheLogAreOnTheBench() {
        long roastId = roast(false);
        JsonNode bench = lab.get("/api/roasts/" + roastId + "/sample").body();
        assertThat(bench.get("greenG").asDouble()).isEqualTo(120);
        assertThat(bench.get("colourWhole")).isNull();
        assertThat(lab.get("/api/today").body().get("waiting").get("cupping").asInt())
                .isPositive();
    }

    @Test
    void aMovedEventSaysFromWhereAndTheFiguresFollow() {
        long roastId = roast(false);
        Answer moved = lab.put("/api/roasts/" + roastId + "/events/first_crack", "{\"timeS\":470}");
        assertThat(moved.body().get("events")).anySatisfy(e -> {
            assertThat(e.get("kind").asString()).isEqualTo("first_crack");
            assertThat(e.get("movedFromS").asDouble()).isEqualTo(480);
        });
        JsonNode analysis = lab.get("/api/roasts/" + roastId + "/analysis").body();
        assertThat(analysis.get("developmentS").asDouble()).isEqualTo(130);

        Answer wrong = lab.put("/api/roasts/" + roastId + "/events/first_crack", "{\"timeS\":100}");
        assertThat(wrong.status()).isEqualTo(422);
        assertThat(wrong.body().get("problems").get(0).get("message").asString())
                .isEqualTo("first crack at 1:40 lies before dry end at 4:45: it comes after it");

        lab.delete("/api/roasts/" + roastId + "/events/first_crack");
        JsonNode without = lab.get("/api/roasts/" + roastId + "/analysis").body();
        assertThat(without.get("developmentS")).isNull();
        assertThat(without.get("missing").get(0).asString()).startsWith("First crack is not marked");
    }

    @Test
    void movingTheChargeMovesEveryTimeWithIt() {
        long roastId = roast(false);
        lab.put("/api/roasts/" + roastId + "/events/charge", "{\"timeS\":5}");
        JsonNode analysis = lab.get("/api/roasts/" + roastId + "/analysis").body();
        assertThat(analysis.get("totalS").asDouble()).isEqualTo(595);
        assertThat(lab.get("/api/roasts/" + roastId + "/curve")
                        .body()
                        .get("beanC")
                        .get("timeS")
                        .get(0)
                        .asDouble())
                .isEqualTo(-5);
    }

    @Test
    void aReferenceIsLearnedFromFiveAcceptedRoastsAndNotFromItself() {
        long machine = lab.post("/api/machines", "{\"name\":\"Own drum\"}").id();
        long last = 0;
        for (int i = 0; i < 6; i++) {
            String log = "# batch: " + i + "\n" + KnownLog.csv(false);
            last = lab.csv("/api/lots/" + lotId + "/roasts?machineId=" + machine, log)
                    .id();
            lab.put("/api/roasts/" + last + "/accepted", "{\"accepted\":true}");
            int others = i;
            JsonNode charge = lab.get("/api/roasts/" + last + "/analysis")
                    .body()
                    .get("reference")
                    .get("chargeC");
            assertThat(charge.get("roasts").asInt()).isEqualTo(others);
            assertThat(charge.get("learned").asBoolean()).isEqualTo(others >= 5);
        }
        assertThat(lab.get("/api/roasts/" + last + "/analysis")
                        .body()
                        .get("reference")
                        .get("chargeC")
                        .get("median")
                        .asDouble())
                .isCloseTo(195, within(0.5));
    }

    @Test
    void aTraceThatIsDoneWithNoLongerWaits() {
        long roastId = roast(true);
        sheet(roastId, "[{\"word\":\"flat\",\"cups\":5},{\"word\":\"dull\",\"cups\":5}]");
        int before = lab.get("/api/today").body().get("waiting").get("trace").asInt();
        lab.put("/api/roasts/" + roastId + "/trace/settled", "{\"settled\":true}");
        assertThat(lab.get("/api/today").body().get("waiting").get("trace").asInt())
                .isEqualTo(before - 1);
    }

    @Test
    void whatListsShowFollowsWhateverChangesIt() {
        long roastId = roast(true);
        sheet(roastId, "[{\"word\":\"flat\",\"cups\":5},{\"word\":\"dull\",\"cups\":5}]");
        assertThat(standing(roastId)).isEqualTo("supported");
        lab.put("/api/roasts/" + roastId + "/events/first_crack", "{\"timeS\":590}");
        String moved = standing(roastId);
        JsonNode whole = lab.get("/api/roasts/" + roastId + "/trace").body().get("findings");
        assertThat(moved).isEqualTo(whole.get(0).get("standing").asString());
        lab.put("/api/roasts/" + roastId + "/discarded", "{\"reason\":\"Wrong coffee.\"}");
        assertThat(standing(roastId)).isNull();
        lab.delete("/api/roasts/" + roastId + "/discarded");
        assertThat(standing(roastId)).isEqualTo(moved);
    }

    private @Nullable String standing(long roastId) {
        for (JsonNode row : lab.get("/api/traces").body()) {
            if (row.get("roastId").asLong() == roastId) {
                return row.get("standing").asString();
            }
        }
        return null;
    }

    @Test
    void aComputerThatWritesACommaForThePointWritesTheSame() {
        Locale before = Locale.getDefault();
        try {
            Locale.setDefault(Locale.GERMANY);
            long roastId = roast(true);
            sheet(roastId, "[{\"word\":\"flat\",\"cups\":5}]");
            String said = lab.get("/api/roasts/" + roastId + "/trace").body().toString()
                    + lab.get("/api/roasts/" + roastId + "/sample/verdict").body()
                    + lab.get("/api/today").body();
            assertThat(said).doesNotContainPattern("\\d,\\d+ (%|°C|g|s)").containsPattern("\\d\\.\\d");
            assertThat(lab.get("/api/roasts/" + roastId + "/analysis").body().toString())
                    .contains("\"totalS\":600.0");
        } finally {
            Locale.setDefault(before);
        }
    }
}
