package barrowmist.server.trace;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.roast.KnownLog;
import barrowmist.server.Lab;
import barrowmist.server.LabTest;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** The rules of the trace: read, tried, changed with a reason, and followed at once. */
@LabTest
class RulesTest {

    private static final String NEVER_BAKED = "\"changes\":[{\"name\":\"prior.baked\",\"value\":0.001}]";

    private final Lab lab;

    RulesTest(@Autowired MockMvc mvc) {
        lab = new Lab(mvc);
    }

    private static JsonNode rule(JsonNode rules, String name) {
        for (JsonNode r : rules.get("rules")) {
            if (r.get("name").asString().equals(name)) {
                return r;
            }
        }
        throw new AssertionError(name);
    }

    /** Of today, since the newest are looked at; cupped tomorrow. */
    private long flatRoast() {
        long roast = lab.csv(
                        "/api/lots/" + lab.lot("washed") + "/roasts?greenG=120&roastedG=104.4", KnownLog.csv(false))
                .id();
        String tomorrow = Instant.now().plus(20, ChronoUnit.HOURS).toString();
        long table = lab.post("/api/cuppings", "{\"cuppedAt\":\"%s\",\"roastIds\":[%d]}".formatted(tomorrow, roast))
                .id();
        lab.post("/api/cuppings/" + table + "/sheets", """
                {"roastId":%d,"form":"hundred-point","attributes":{"fragranceAroma":7,"flavour":7,"aftertaste":7,
                 "acidity":7,"body":7,"balance":7,"overall":7},"words":[{"word":"flat","cups":5}]}
                """.formatted(roast));
        return roast;
    }

    @Test
    void everyFigureIsThereWithItsNameUnitAndRight() {
        JsonNode rules = lab.get("/api/rules").body();
        JsonNode line = rule(rules, "sign.hot-charge.line");
        assertThat(line.get("station").asString()).isEqualTo("roast");
        assertThat(line.get("unit").asString()).isEqualTo("spreads above usual");
        assertThat(line.get("from").asDouble()).isEqualTo(2.6);
        assertThat(line.get("text").asString()).isEqualTo("Hot charge: counts half at");
        assertThat(rule(rules, "browning.short-natural").get("standing").asString())
                .contains("common practice");
        assertThat(rule(rules, "word.baked.flat").get("station").asString()).isEqualTo("cupping");
        assertThat(rules.get("rules"))
                .allSatisfy(r -> assertThat(r.get("text").asString()).isNotBlank());
    }

    @Test
    void theRulesOfTheDecisionStandAmongThemAndATrialSaysWhichLotsItWouldChange() {
        JsonNode floor = rule(lab.get("/api/rules").body(), "decision.score-floor");
        assertThat(floor.get("station").asString()).isEqualTo("decision");
        assertThat(floor.get("standing").asString()).isEqualTo("published");
        assertThat(floor.get("source").asString()).contains("SCA");
        // 81 points on one sheet, in a lot that arrived today
        long roast = flatRoast();
        long lot = lab.get("/api/roasts/" + roast).body().get("lotId").asLong();
        lab.put("/api/roasts/" + roast + "/trace/verdict", "{\"cause\":\"none\",\"reason\":\"it is its own\"}");
        String at = "/api/lots/" + lot + "/decision";
        String before = lab.get(at).body().at("/proposal/outcome").asString();
        String change =
                "\"changes\":[{\"name\":\"decision.score-floor\",\"value\":70},{\"name\":\"decision.days-to-decide\",\"value\":4}]";
        JsonNode tried = lab.post("/api/rules/what-if", "{" + change + "}").body();
        assertThat(tried.get("changed")).as("no cup reads otherwise").isEmpty();
        assertThat(tried.get("proposals")).anySatisfy(p -> {
            assertThat(p.get("lotId").asLong()).isEqualTo(lot);
            assertThat(p.get("after").asString()).isEqualTo("buy it");
        });
        assertThat(lab.get(at).body().at("/proposal/outcome").asString())
                .as("nothing was kept")
                .isEqualTo(before)
                .isNotEqualTo("buy");
        int version = lab.get("/api/rules").body().get("version").asInt();
        lab.put("/api/rules", "{\"version\":" + version + ",\"reason\":\"for milk drinks\"," + change + "}");
        assertThat(lab.get(at).body().at("/proposal/outcome").asString()).isEqualTo("buy");
        LocalDate arrived = LocalDate.parse(
                lab.get("/api/lots/" + lot).body().get("arrivalDate").asString());
        assertThat(lab.get(at).body().get("dueOn").asString())
                .isEqualTo(arrived.plusDays(4).toString());
        assertThat(lab.put(
                                "/api/rules",
                                "{\"reason\":\"slip\",\"changes\":[{\"name\":\"decision.score-floor\",\"value\":800}]}")
                        .status())
                .isEqualTo(422);
        lab.put(
                "/api/rules",
                "{\"reason\":\"back\",\"changes\":[{\"name\":\"decision.score-floor\",\"value\":80},{\"name\":\"decision.days-to-decide\",\"value\":10}]}");
    }

    @Test
    void howFarTheTracesAreWorkedOutAnewIsToldAndComesToAnEnd() throws InterruptedException {
        flatRoast();
        lab.get("/api/traces");
        int version = lab.get("/api/rules").body().get("version").asInt();
        String change = "{\"version\":%d,\"reason\":\"%s\",\"changes\":[{\"name\":\"prior.stale\",\"value\":%s}]}";
        assertThat(lab.put("/api/rules", change.formatted(version, "once", "0.031"))
                        .status())
                .isEqualTo(200);
        for (int i = 0;
                i < 100 && lab.get("/api/traces/renewal").body().get("left").asInt() > 0;
                i++) {
            Thread.sleep(100);
        }
        JsonNode done = lab.get("/api/traces/renewal").body();
        assertThat(done.get("left").asInt()).isZero();
        assertThat(done.get("of").asInt()).isZero();
        lab.put("/api/rules", change.formatted(version + 1, "back", "0.03"));
    }

    @Test
    void aChangeIsTriedThenKeptWithItsReasonAndFollowedAtOnce() {
        long roast = flatRoast();
        lab.get("/api/traces");
        int version = lab.get("/api/rules").body().get("version").asInt();
        assertThat(first(roast)).isEqualTo("baked");

        String after = after(tried(), roast);
        assertThat(after).isNotEqualTo("baked");
        lab.put(
                "/api/roasts/" + roast + "/trace/verdict",
                "{\"cause\":\"%s\",\"reason\":\"Cupped beside a sound one.\"}".formatted(after));
        JsonNode tried = tried();
        assertThat(tried.get("judged").asInt()).isPositive();
        assertThat(tried.get("agreeAfter").asInt())
                .isEqualTo(tried.get("agreeBefore").asInt() + 1);
        assertThat(first(roast)).isEqualTo("baked");

        try {
            Lab.Answer kept = lab.put(
                    "/api/rules",
                    "{\"version\":%d,\"reason\":\"A dry-processed year.\",%s}".formatted(version, NEVER_BAKED));
            assertThat(kept.status()).isEqualTo(200);
            assertThat(kept.body().get("version").asInt()).isEqualTo(version + 1);
            assertThat(kept.body().at("/history/0/reason").asString()).isEqualTo("A dry-processed year.");
            assertThat(rule(kept.body(), "prior.baked").get("from").asDouble()).isEqualTo(0.035);
            assertThat(first(roast)).isNotEqualTo("baked");
            assertThat(lab.get("/api/roasts/" + roast + "/trace")
                            .body()
                            .get("rulesVersion")
                            .asInt())
                    .isEqualTo(version + 1);
            assertThat(lab.put("/api/rules", "{\"version\":%d,\"reason\":\"Late.\",%s}".formatted(version, NEVER_BAKED))
                            .status())
                    .isEqualTo(409);
        } finally {
            lab.put("/api/rules", "{\"reason\":\"Back.\",\"changes\":[{\"name\":\"prior.baked\",\"value\":0.035}]}");
        }
    }

    private JsonNode tried() {
        return lab.post("/api/rules/what-if", "{" + NEVER_BAKED + "}").body();
    }

    private static String after(JsonNode tried, long roast) {
        for (JsonNode c : tried.get("changed")) {
            if (c.get("roastId").asLong() == roast) {
                assertThat(c.get("before").asString()).isEqualTo("baked");
                return c.get("after").asString();
            }
        }
        throw new AssertionError("nothing would change: " + tried);
    }

    private String first(long roastId) {
        return lab.get("/api/roasts/" + roastId + "/trace")
                .body()
                .at("/findings/0/cause")
                .asString();
    }

    @Test
    void whatCannotBeIsRefusedAndNothingIsKept() {
        int version = lab.get("/api/rules").body().get("version").asInt();
        for (String body : new String[] {
            "{}",
            "{\"reason\":\"Why.\"}",
            "{\"reason\":\"\",%s}".formatted(NEVER_BAKED),
            "{\"reason\":\"Why.\",\"changes\":[{\"name\":\"prior.burned\",\"value\":0.1}]}",
            "{\"reason\":\"Why.\",\"changes\":[{\"name\":\"prior.baked\",\"value\":1.2}]}",
            "{\"reason\":\"Why.\",\"changes\":[{\"name\":\"prior.baked\"}]}",
            "{\"reason\":\"Why.\",\"changes\":[{\"name\":\"sign.dark.soft\",\"value\":0}]}",
        }) {
            assertThat(lab.put("/api/rules", body).status()).as(body).isEqualTo(422);
        }
        assertThat(lab.get("/api/rules").body().get("version").asInt()).isEqualTo(version);
    }
}
