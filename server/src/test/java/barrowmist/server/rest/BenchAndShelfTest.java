package barrowmist.server.rest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.server.Lab;
import barrowmist.server.LabTest;
import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.TestPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tools.jackson.databind.JsonNode;

/** Bench verdicts, the shelf, ageing, search and review, on the demo laboratory. */
@LabTest
@TestPropertySource(properties = "barrowmist.demo=true")
class BenchAndShelfTest {

    private final Lab lab;
    private final MockMvc mvc;
    private long newest;

    BenchAndShelfTest(@Autowired MockMvc mvc) {
        this.mvc = mvc;
        lab = new Lab(mvc);
    }

    @BeforeEach
    void findNewest() {
        newest = lab.get("/api/roasts").body().get(0).get("id").asLong();
    }

    private JsonNode verdict() {
        return lab.get("/api/roasts/" + newest + "/sample/verdict").body();
    }

    private void bench(double whole, int scorched) {
        String figures = """
                {"greenG":120,"roastedG":104.4,"colourWhole":%s,"colourGround":63,"counts":{"quakers":0,
                 "scorched":%d,"tipped":0,"shells":3},"oneColourThrough":true}
                """.formatted(whole, scorched);
        assertThat(lab.put("/api/roasts/" + newest + "/sample", figures).status())
                .isEqualTo(200);
    }

    @Test
    void theBenchSaysWhatIsFitAndWhatIsRoastedAgain() {
        bench(58, 0);
        assertThat(verdict().get("verdict").asString()).isEqualTo("fit");
        bench(54, 2);
        assertThat(verdict().get("verdict").asString()).isEqualTo("roast-again");
        assertThat(verdict().get("text").asString()).contains("scorched is 2").contains("58 ±1");
    }

    @Test
    void theLabsOwnLimitsAreKept() {
        String limits = """
                {"protocol":false,"leastLossPct":11,"mostLossPct":18,"mostGap":12,"mostQuakers":1,"mostShells":5}
                """;
        assertThat(lab.put("/api/bench/limits", limits).status()).isEqualTo(200);
        bench(54, 2);
        assertThat(verdict().get("verdict").asString()).isEqualTo("fit");
        assertThat(lab.put("/api/bench/limits", limits.replace("\"mostLossPct\":18", "\"mostLossPct\":5"))
                        .body()
                        .get("problems")
                        .get(0)
                        .get("message")
                        .asString())
                .contains("Least weight loss");
        lab.put(
                "/api/bench/limits",
                limits.replace("false", "true")
                        .replace("18", "15")
                        .replace("12", "8")
                        .replace("\"mostQuakers\":1", "\"mostQuakers\":0"));
    }

    @Test
    void theShelfFollowsItsSchool() {
        JsonNode late = lab.put("/api/rest/school", "{\"school\":\"late\"}").body();
        assertThat(late.get("items")).isNotEmpty().allSatisfy(i -> {
            assertThat(i.get("state").asString()).isEqualTo("resting");
            assertThat(i.get("opensAt").asString()).isLessThan(i.get("bestAt").asString());
        });
        assertThat(lab.get("/api/rest/shelf").body().get("school").asString()).isEqualTo("late");
        assertThat(lab.put("/api/rest/school", "{\"school\":\"never\"}").status())
                .isEqualTo(422);
        lab.put("/api/rest/school", "{\"school\":\"protocol\"}");
    }

    @Test
    void theShelfGoesIntoACalendarAndOntoLabels() throws Exception {
        lab.put("/api/rest/school", "{\"school\":\"late\"}");
        String calendar = mvc.perform(MockMvcRequestBuilders.get("/api/rest/shelf.ics"))
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(biweekly.Biweekly.parse(calendar).first().getEvents())
                .isNotEmpty()
                .allSatisfy(e -> assertThat(e.getSummary().getValue()).startsWith("Cup"));
        byte[] label = mvc.perform(MockMvcRequestBuilders.get("/api/roasts/" + newest + "/label.pdf"))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        try (var document = org.apache.pdfbox.Loader.loadPDF(label)) {
            assertThat(new org.apache.pdfbox.text.PDFTextStripper().getText(document))
                    .contains("Code R" + newest);
        }
        lab.put("/api/rest/school", "{\"school\":\"protocol\"}");
    }

    @Test
    void anAgeingStudyHoldsItsScoresAndItsDueDays() {
        String path = "/api/roasts/1/ageing";
        JsonNode study = lab.put(path, "{\"keptG\":80,\"days\":[21,7,14]}").body();
        assertThat(study.get("points").size()).isEqualTo(1);
        assertThat(study.get("nextDue").asString()).isNotBlank();
        assertThat(lab.put(path, "{\"keptG\":80,\"days\":[]}").status()).isEqualTo(422);
        assertThat(lab.put(path, "{\"keptG\":1,\"days\":[7]}").status()).isEqualTo(422);
        assertThat(lab.get("/api/rest/shelf").body().get("ageing").size()).isEqualTo(1);
        assertThat(lab.delete(path).status()).isEqualTo(204);
        assertThat(lab.get("/api/rest/shelf").body().get("ageing").size()).isZero();
    }

    @Test
    void aProcessMayRestByAStyleOfItsOwn() {
        JsonNode before = lab.get("/api/rest/shelf").body();
        assertThat(before.get("byProcess")).isEmpty();
        assertThat(before.get("age").get(0).asString()).contains("8 to 24 hours", "a natural 32 to 48");
        JsonNode after = lab.put("/api/rest/school", "{\"school\":\"late\",\"process\":\"natural\"}")
                .body();
        assertThat(after.get("school").asString())
                .isEqualTo(before.get("school").asString());
        assertThat(after.at("/byProcess/natural").asString()).isEqualTo("late");
        for (JsonNode item : after.get("items")) {
            double opensH = Duration.between(
                                    Instant.parse(item.get("droppedAt").asString()),
                                    Instant.parse(item.get("opensAt").asString()))
                            .toMinutes()
                    / 60.0;
            // four days, and one more for a natural
            assertThat(opensH).isCloseTo(item.get("process").asString().equals("natural") ? 120 : 8, within(0.1));
        }
        assertThat(lab.put("/api/rest/school", "{\"school\":\"late\",\"process\":\"roasted\"}")
                        .status())
                .isEqualTo(422);
        assertThat(lab.put("/api/rest/school", "{\"process\":\"natural\"}")
                        .body()
                        .get("byProcess"))
                .isEmpty();
    }

    private JsonNode search(String query) {
        return lab.get("/api/roasts/search?" + query).body();
    }

    @Test
    void roastsAreFoundByWhatIsRememberedOfThem() {
        int all = search("").get("total").asInt();
        assertThat(all).isEqualTo(67 + 90);
        assertThat(search("fault=crash").get("roasts"))
                .isNotEmpty()
                .allSatisfy(r -> assertThat(r.get("faults").toString()).contains("crash"));
        assertThat(search("words=gatovu crash").get("total").asInt()).isEqualTo(1);
        assertThat(search("words=100%25").get("total").asInt()).isZero();
        assertThat(search("figure=chargeC&min=195").get("roasts"))
                .isNotEmpty()
                .allSatisfy(r -> assertThat(r.get("chargeC").asDouble()).isGreaterThanOrEqualTo(195));
        assertThat(search("figure=developmentPct&max=12").get("roasts"))
                .isNotEmpty()
                .allSatisfy(r -> assertThat(r.get("developmentPct").asDouble()).isLessThanOrEqualTo(12));
        assertThat(search("onOrAfter=2001-01-01&onOrBefore=2001-01-02")
                        .get("total")
                        .asInt())
                .isZero();
        assertThat(search("machineId=99").get("total").asInt()).isZero();
        assertThat(search("size=5&page=31").get("roasts").size()).isEqualTo(2);
        assertThat(search("size=5&page=2147483647").get("roasts").size()).isZero();
        assertThat(lab.get("/api/roasts/search?figure=mood").status()).isEqualTo(422);
    }

    @Test
    void correctionsOfEventsAreRemembered() {
        lab.put("/api/roasts/2/events/dry_end", "{\"timeS\":280}");
        lab.delete("/api/roasts/2/events/dry_end");
        JsonNode history = lab.get("/api/roasts/2/review").body().get("history");
        assertThat(history.size()).isEqualTo(2);
        assertThat(history.get(0).get("toS").asDouble()).isEqualTo(280);
        assertThat(history.get(1).get("fromS").asDouble()).isEqualTo(280);
        assertThat(history.get(1).has("toS")).isFalse();
    }

    @Test
    void aPlanWithoutRoastsDoesNotRepeatYetAndADeskWithoutRoastsHasNoScore() {
        long plan = 0;
        for (JsonNode p : lab.get("/api/plans").body()) {
            plan = p.get("machineName").asString().equals("Drum 1")
                    ? p.get("id").asLong()
                    : plan;
        }
        assertThat(lab.get("/api/plans/" + plan + "/repeatability")
                        .body()
                        .get("text")
                        .asString())
                .contains("second roast");
        assertThat(lab.get("/api/machines/1/predictions").body().size()).isZero();
        assertThat(lab.get("/api/machines/99/predictions").status()).isEqualTo(404);
    }
}
