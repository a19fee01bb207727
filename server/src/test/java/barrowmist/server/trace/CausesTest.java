package barrowmist.server.trace;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.roast.KnownLog;
import barrowmist.server.Lab;
import barrowmist.server.LabTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** Causes beside those of the curve, by the public API alone, as a script would send them. */
@LabTest
class CausesTest extends CuppedLab {

    CausesTest(@Autowired MockMvc mvc) {
        super(mvc);
    }

    private void supported(long roastId, String cause) {
        JsonNode first = trace(roastId).get("findings").get(0);
        assertThat(first.get("cause").asString()).as("%s", first).isEqualTo(cause);
        assertThat(first.get("standing").asString()).isEqualTo("supported");
        assertThat(first.get("probability").asDouble()).isGreaterThan(0.6);
    }

    @Test
    void oatsInTwoCupsAndCountedQuakersAreQuakersAndGoOnTheList() {
        long roast = roast();
        lab.put("/api/roasts/" + roast + "/sample", "{\"quakersPer100g\":5,\"scorchedPer100g\":0}");
        sheet(
                table("2026-03-03T09:00:00Z", roast),
                roast,
                "{\"word\":\"oats\",\"cups\":[1,3]},{\"word\":\"Bread\",\"cups\":[1]}");
        supported(roast, "quakers");
        assertThat(trace(roast).get("words").toString()).contains("bready");
        for (JsonNode row : lab.get("/api/traces").body()) {
            if (row.get("roastId").asLong() == roast) {
                assertThat(row.get("label").asString()).isEqualTo("quakers");
                assertThat(row.get("chance").asString()).isEqualTo("likely");
                return;
            }
        }
        throw new AssertionError("not on the list");
    }

    @Test
    void aMustySmellAndAMustyCupAreMould() {
        long roast = roast();
        long sample = lab.get("/api/lots/" + lotId + "/samples")
                .body()
                .get(0)
                .get("id")
                .asLong();
        assertThat(lab.put(
                                "/api/green-samples/" + sample + "/inspection",
                                "{\"version\":0,\"content\":{\"moisturePct\":13.2,\"smells\":[\"musty\"],\"harvest\":\"2025-09-01\"}}")
                        .status())
                .isLessThan(300);
        sheet(
                table("2026-03-03T09:00:00Z", roast),
                roast,
                "{\"word\":\"mould\",\"cups\":5},{\"word\":\"earthy\",\"cups\":5}");
        supported(roast, "green-mould");
    }

    @Test
    void aFlatClosedCupTooYoungIsUnderRested() {
        long roast = roast();
        sheet(
                table("2026-03-02T11:00:00Z", roast),
                roast,
                "{\"word\":\"flat\",\"cups\":5},{\"word\":\"closed\",\"cups\":5}");
        supported(roast, "under-rested");
    }

    @Test
    void whatMostOfATableSharesPointsToThePreparation() {
        long roast = roast();
        long[] others = new long[3];
        for (int i = 0; i < 3; i++) {
            long lot = lab.lot("washed");
            others[i] = lab.csv(
                            "/api/lots/" + lot + "/roasts?greenG=120&roastedG=104.4",
                            "# roasted_at: 2026-03-02T09:1" + i + "\n" + KnownLog.csv(false))
                    .id();
        }
        long table = table("2026-03-03T09:00:00Z", roast, others[0], others[1], others[2]);
        sheet(table, roast, "{\"word\":\"papery\",\"cups\":5},{\"word\":\"tobacco\",\"cups\":5}");
        double before = probability(roast, "preparation");
        for (long other : others) {
            sheet(table, other, "{\"word\":\"papery\",\"cups\":5}");
        }
        assertThat(probability(roast, "preparation")).isGreaterThan(before);
        supported(roast, "preparation");
        assertThat(trace(roast).get("findings").get(0).get("evidence").toString())
                .contains("\"source\":\"table\"")
                .contains("3 of the 3 other samples");
    }

    private double probability(long roastId, String cause) {
        JsonNode trace = trace(roastId);
        for (String part : new String[] {"findings", "folded"}) {
            for (JsonNode f : trace.get(part)) {
                if (f.get("cause").asString().equals(cause)) {
                    return f.get("probability").asDouble();
                }
            }
        }
        throw new AssertionError(cause);
    }

    @Test
    void whatIsMissingSaysWhereItIsEnteredAndWhatItWouldTell() {
        long roast = roast();
        sheet(
                table("2026-03-03T09:00:00Z", roast),
                roast,
                "{\"word\":\"bready\",\"cups\":5},{\"word\":\"cereal\",\"cups\":5}");
        JsonNode missing = trace(roast).get("missing");
        assertThat(missing).isNotEmpty();
        double before = 9;
        for (JsonNode m : missing) {
            assertThat(m.get("gainBits").asDouble()).isBetween(0.0, before);
            before = m.get("gainBits").asDouble();
            assertThat(m.get("station").asString()).isIn("sample", "green", "cupping", "rest", "plan");
            assertThat(m.get("minutes").asInt()).isPositive();
        }
        assertThat(missing.toString()).contains("would tell between");
    }

    @Test
    void aRoastThatWasNotCuppedIsOnlyWatchedAndAsksForTheCup() {
        JsonNode trace = trace(roast());
        assertThat(trace.get("findings"))
                .allSatisfy(f -> assertThat(f.get("standing").asString()).isEqualTo("to-watch"));
        assertThat(trace.get("missing").get(0).get("station").asString()).isEqualTo("cupping");
    }

    @Test
    void oneChangeIsPlannedFromTheRoastItself() {
        long roast = lab.csv(
                        "/api/lots/" + lotId + "/roasts?greenG=120&roastedG=104.4",
                        "# roasted_at: 2026-03-02T09:10\n" + KnownLog.csv(true))
                .id();
        sheet(
                table("2026-03-03T09:00:00Z", roast),
                roast,
                "{\"word\":\"flat\",\"cups\":5},{\"word\":\"hollow\",\"cups\":5}");
        supported(roast, "baked");
        // no model of this drum yet: a house step, and said to be one
        assertThat(trace(roast).at("/findings/0/correction/foretold")).isEmpty();
        assertThat(trace(roast).at("/findings/0/correction/mechanism").asString())
                .isEqualTo("fell");
        Lab.Answer begun = lab.post("/api/roasts/" + roast + "/trace/plan", "{}");
        assertThat(begun.status()).as("%s", begun.body()).isEqualTo(201);
        JsonNode content = lab.get("/api/plans/" + begun.body().get("planId").asLong())
                .body()
                .get("content");
        assertThat(content.at("/changed/roastId").asLong()).isEqualTo(roast);
        assertThat(content.at("/changed/cause").asString()).isEqualTo("baked");
        assertThat(content.at("/changed/text").asString()).contains("Cut the gas at");
        assertThat(content.get("greenG").asDouble()).isEqualTo(120);
        assertThat(content.get("steps").toString()).contains("\"gas\",\"value\":50");
        assertThat(lab.post("/api/roasts/" + roast + "/trace/plan", "{\"cause\":\"quakers\"}")
                        .status())
                .isEqualTo(409);
        assertThat(lab.post("/api/roasts/" + roast + "/trace/plan", "{\"cause\":\"burned\"}")
                        .status())
                .isEqualTo(422);
        assertThat(lab.post("/api/roasts/" + roast() + "/trace/plan", "{}").status())
                .isEqualTo(409);
    }

    @Test
    void aVerdictIsKeptBesideTheProgramsAndTheOneBeforeStays() {
        long roast = roast();
        sheet(table("2026-03-03T09:00:00Z", roast), roast, "{\"word\":\"flat\",\"cups\":5}");
        String path = "/api/roasts/" + roast + "/trace/verdict";
        assertThat(lab.put(path, "{\"cause\":\"stale\",\"reason\":\" \"}").status())
                .isEqualTo(422);
        assertThat(lab.put(path, "{\"cause\":\"burned\",\"reason\":\"why\"}").status())
                .isEqualTo(422);
        assertThat(lab.put(path, "{\"cause\":\"stale\",\"reason\":\"An old bag.\"}")
                        .status())
                .isEqualTo(200);
        assertThat(lab.put(path, "{\"cause\":\"none\",\"reason\":\"It was the mug.\"}")
                        .status())
                .isEqualTo(200);
        JsonNode trace = trace(roast);
        assertThat(trace.at("/verdicts/0/cause").asString()).isEqualTo("none");
        assertThat(trace.at("/verdicts/0/reason").asString()).isEqualTo("It was the mug.");
        assertThat(trace.at("/verdicts/1/label").asString()).isEqualTo("stale");
        assertThat(trace.get("settled").asBoolean()).isTrue();
        assertThat(trace.get("findings").get(0).get("cause").asString()).isEqualTo("baked");
    }
}
