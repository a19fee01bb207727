package barrowmist.server.green;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.roast.KnownCurve;
import barrowmist.core.roast.KnownLog;
import barrowmist.server.Lab;
import barrowmist.server.Lab.Answer;
import barrowmist.server.LabTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.TestPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** Samples of a lot and what is measured, sieved and counted on them. */
@LabTest
@TestPropertySource(properties = "lab.of=green")
class InspectionTest {

    private final Lab lab;
    private long lotId;
    private long sampleId;

    InspectionTest(@Autowired MockMvc mvc) {
        lab = new Lab(mvc);
    }

    @BeforeEach
    void aLot() {
        lotId = lab.lot("washed");
        sampleId = lab.get("/api/lots/" + lotId + "/samples")
                .body()
                .get(0)
                .get("id")
                .asLong();
    }

    private Answer keep(long id, long version, String content) {
        return lab.put(
                "/api/green-samples/" + id + "/inspection",
                "{\"version\":%d,\"content\":%s}".formatted(version, content));
    }

    private static JsonNode judgement(JsonNode view, String field) {
        for (JsonNode j : view.get("judgements")) {
            if (j.get("field").asString().equals(field)) {
                return j;
            }
        }
        throw new AssertionError("no judgement of " + field + " in " + view.get("judgements"));
    }

    @Test
    void aLotBeginsWithAnArrivalSample() {
        JsonNode samples = lab.get("/api/lots/" + lotId + "/samples").body();
        assertThat(samples).hasSize(1);
        assertThat(samples.get(0).get("stage").asString()).isEqualTo("arrival");
        assertThat(samples.get(0).get("inspected").asBoolean()).isFalse();
        assertThat(samples.get(0).get("moisturePct").asDouble()).isEqualTo(10.9);
    }

    @Test
    void figuresAreWorkedOutAndJudged() {
        JsonNode view = keep(sampleId, 0, """
                {"moisturePct":12.6,"waterActivity":0.55,"cupMassG":178,"cupVolumeMl":250,"sieveSampleG":300,
                 "sieves":{"18":60,"17":140,"16":80,"0":20},"contractScreen":16,"harvest":"2025-11-01"}
                """).body();
        assertThat(view.get("densityGPerL").asDouble()).isEqualTo(712);
        assertThat(judgement(view, "moisturePct").get("verdict").asString()).isEqualTo("out");
        assertThat(judgement(view, "waterActivity").get("verdict").asString()).isEqualTo("good");
        assertThat(judgement(view, "contractScreen").get("text").asString())
                .isEqualTo("6.7 % fall through the screen asked for, at most 5.0 % are wanted.");
        assertThat(view.get("screens").get("shares").get(3).get("screen").asInt())
                .isZero();
        // 16.8 sixty-fourths of an inch: the pan counts as one below the smallest sieve
        assertThat(view.get("screens").get("meanMm").asDouble()).isCloseTo(16.8 * 25.4 / 64, within(1e-9));
    }

    @Test
    void theTallyGivesAGradeAndQuakersOfTheBenchJoinIn() {
        JsonNode clean = keep(sampleId, 0, "{\"defects\":{\"broken\":12}}").body();
        assertThat(clean.get("grade").get("name").asString()).isEqualTo("not fully inspected");
        String log = KnownLog.csv(KnownCurve.steady(), KnownLog.EVENTS, 0);
        long roast = lab.csv("/api/lots/" + lotId + "/roasts", log).id();
        lab.put("/api/roasts/" + roast + "/sample", "{\"counts\":{\"quakers\":2}}");
        JsonNode view =
                lab.get("/api/green-samples/" + sampleId + "/inspection").body();
        assertThat(view.get("grade").get("name").asString()).isEqualTo("below specialty");
        assertThat(view.get("grade").get("reason").asString()).startsWith("2 quakers in 100 g");
        assertThat(view.get("sample").get("roasts").asInt()).isEqualTo(1);
    }

    @Test
    void theSecondOfTwoTabsIsToldAndOverwritesNothing() {
        long version =
                keep(sampleId, 0, "{\"moisturePct\":11}").body().get("version").asLong();
        assertThat(keep(sampleId, 0, "{\"moisturePct\":9}").status()).isEqualTo(409);
        JsonNode view =
                lab.get("/api/green-samples/" + sampleId + "/inspection").body();
        assertThat(view.get("version").asLong()).isEqualTo(version);
        assertThat(view.get("content").get("moisturePct").asDouble()).isEqualTo(11);
    }

    @Test
    void badFiguresAreRefusedTogetherAndNothingIsKept() {
        Answer refused = keep(sampleId, 0, """
                {"moisturePct":55,"sieves":{"16":-2,"huge":3},"defects":{"broken":-1}}
                """);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("problems").toString()).contains("content.sieves", "huge");
        assertThat(keep(sampleId, 0, "{\"defects\":{\"ufo\":1}}")
                        .body()
                        .get("problems")
                        .toString())
                .contains("content.defects", "ufo", "full-black");
        Answer again = keep(sampleId, 0, "{\"moisturePct\":55,\"sieves\":{\"16\":-2},\"defects\":{\"broken\":-1}}");
        assertThat(again.body().get("problems").toString())
                .contains(
                        "Moisture is 55 %, allowed are 5 to 20 %",
                        "On screen 16 is -2 g", "Broken, chipped, cut is -1");
        assertThat(lab.get("/api/green-samples/" + sampleId + "/inspection")
                        .body()
                        .get("content")
                        .has("moisturePct"))
                .isFalse();
    }

    @Test
    void stagesStandSideBySide() {
        long before = lab.post(
                        "/api/lots/" + lotId + "/samples", "{\"stage\":\"pre-shipment\",\"receivedOn\":\"2025-12-01\"}")
                .id();
        keep(before, 0, "{\"moisturePct\":11,\"waterActivity\":0.55}");
        keep(sampleId, 0, "{\"moisturePct\":12.4,\"waterActivity\":0.56}");
        JsonNode stages = lab.get("/api/lots/" + lotId + "/stages").body();
        assertThat(stages).hasSize(1);
        assertThat(stages.get(0).get("earlier").asString()).isEqualTo("pre-shipment");
        JsonNode moisture = stages.get(0).get("figures").get(0);
        assertThat(moisture.get("verdict").asString()).isEqualTo("differs");
        assertThat(moisture.get("text").asString()).isEqualTo("Higher by 1.4 %: it took up water on the way.");
        assertThat(stages.get(0).get("figures").get(1).get("verdict").asString())
                .isEqualTo("matches");
        assertThat(lab.post("/api/lots/" + lotId + "/samples", "{\"stage\":\"arrival\"}")
                        .status())
                .isEqualTo(422);
        assertThat(lab.post("/api/lots/" + lotId + "/samples", "{\"stage\":\"later\"}")
                        .body()
                        .toString())
                .contains("expected offer, pre-shipment, arrival or retained");
    }

    @Test
    void aRoastBelongsToTheSampleThatWasRoasted() {
        long offer = lab.post("/api/lots/" + lotId + "/samples", "{\"stage\":\"offer\"}")
                .id();
        String log = KnownLog.csv(KnownCurve.steady(), KnownLog.EVENTS, 0);
        JsonNode roast =
                lab.csv("/api/lots/" + lotId + "/roasts?stage=offer", log).body();
        assertThat(roast.get("stage").asString()).isEqualTo("offer");
        assertThat(roast.get("greenSampleId").asLong()).isEqualTo(offer);
        assertThat(lab.csv("/api/lots/" + lotId + "/roasts?stage=retained", log).status())
                .isEqualTo(422);
    }

    @Test
    void limitsAreEditedAndJudgeAnew() {
        keep(sampleId, 0, "{\"moisturePct\":11.5}");
        JsonNode limits = lab.get("/api/green-limits").body();
        String changed = limits.toString().replace("\"moistureMaxPct\":12.0", "\"moistureMaxPct\":11.0");
        assertThat(lab.put("/api/green-limits", changed).status()).isEqualTo(200);
        JsonNode view =
                lab.get("/api/green-samples/" + sampleId + "/inspection").body();
        assertThat(judgement(view, "moisturePct").get("verdict").asString()).isEqualTo("out");
        assertThat(lab.put("/api/green-limits", changed.replace("11.0", "3.0")).status())
                .isEqualTo(422);
        lab.put("/api/green-limits", limits.toString());
    }
}
