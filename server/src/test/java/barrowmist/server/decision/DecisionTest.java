package barrowmist.server.decision;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.roast.KnownLog;
import barrowmist.server.Lab;
import barrowmist.server.LabTest;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** A lot from the sack to the decision, as a script would ask. */
@LabTest
class DecisionTest {

    private final Lab lab;

    DecisionTest(@Autowired MockMvc mvc) {
        lab = new Lab(mvc);
    }

    private long lot(String name, double moisture, String arrival) {
        return lab.post(
                        "/api/lots",
                        "{\"name\":\"%s\",\"supplier\":\"T\",\"origin\":\"Kenya\",\"process\":\"washed\",\"arrivalDate\":\"%s\",\"kg\":60,\"moisturePct\":%s}"
                                .formatted(name, arrival, moisture))
                .id();
    }

    private void cup(long lotId, boolean crash, double each, String words) {
        long roast = lab.csv(
                        "/api/lots/" + lotId + "/roasts?again=true&greenG=120&roastedG=104.4",
                        "# roasted_at: 2026-03-02T09:10\n" + KnownLog.csv(crash))
                .id();
        long table = lab.post("/api/cuppings", "{\"cuppedAt\":\"2026-03-03T09:00:00Z\",\"roastIds\":[" + roast + "]}")
                .id();
        String scores =
                "{\"fragranceAroma\":%1$s,\"flavour\":%1$s,\"aftertaste\":%1$s,\"acidity\":%1$s,\"body\":%1$s,\"balance\":%1$s,\"overall\":%1$s}"
                        .formatted(each);
        assertThat(lab.post(
                                "/api/cuppings/" + table + "/sheets",
                                "{\"roastId\":%d,\"form\":\"hundred-point\",\"cupper\":\"Ines K.\",\"attributes\":%s,\"words\":[%s]}"
                                        .formatted(roast, scores, words))
                        .status())
                .isEqualTo(201);
    }

    private JsonNode decision(long lotId) {
        Lab.Answer answer = lab.get("/api/lots/" + lotId + "/decision");
        assertThat(answer.status()).isEqualTo(200);
        return answer.body();
    }

    private void proposes(long lotId, String outcome) {
        JsonNode proposal = decision(lotId).get("proposal");
        assertThat(proposal.get("outcome").asString()).as("%s", proposal).isEqualTo(outcome);
        assertThat(proposal.get("reasons")).isNotEmpty();
    }

    @Test
    void beforeAnythingIsKnownItSaysWhatIsMissing() {
        long lot = lot("Unknown Hill", 11, "2026-02-20");
        JsonNode d = decision(lot);
        assertThat(d.get("outcome").asString()).isEqualTo("undecided");
        assertThat(d.get("dueOn").asString()).isEqualTo("2026-03-02");
        assertThat(d.get("missing").toString()).contains("Inspect the arrival sample", "Roast a sample");
        assertThat(d.at("/ways/1/station").asString()).isEqualTo("plan");
        assertThat(d.at("/ways/1/id").asLong()).isEqualTo(lot);
        proposes(lot, "undecided");
    }

    @Test
    void whatIsHalfInspectedSaysWhichHalfIsMissing() {
        long lot = lab.post(
                        "/api/lots",
                        "{\"name\":\"Half Hill\",\"supplier\":\"T\",\"origin\":\"Kenya\",\"process\":\"washed\",\"arrivalDate\":\"2026-02-20\",\"kg\":60}")
                .id();
        long sample =
                lab.get("/api/lots/" + lot + "/samples").body().get(0).get("id").asLong();
        lab.put("/api/green-samples/" + sample + "/inspection", "{\"content\":{\"smells\":[\"fresh\"]}}");
        assertThat(decision(lot).get("missing").toString())
                .contains("Measure the moisture of the arrival sample.", "Count the defects of the arrival sample.")
                .doesNotContain("Inspect");
        assertThat(decision(lot).at("/ways/0/id").asLong()).isEqualTo(sample);
        lab.put(
                "/api/green-samples/" + sample + "/inspection",
                "{\"content\":{\"smells\":[\"fresh\"],\"moisturePct\":11}}");
        assertThat(decision(lot).get("missing").toString()).doesNotContain("moisture");
        cup(lot, false, 7.75, "{\"word\":\"citrus\",\"cups\":5}");
        assertThat(decision(lot).get("missing").toString()).doesNotContain("Roast", "Cup");
    }

    @Test
    void aCleanCupIsToBeBoughtAndAMoistOneHeldWhereNothingWasAgreed() {
        long clean = lot("Clean Hill", 11, "2026-02-20");
        cup(clean, false, 7.75, "{\"word\":\"citrus\",\"cups\":5}");
        proposes(clean, "buy");
        long moist = lot("Moist Hill", 12.8, "2026-02-20");
        cup(moist, false, 7.75, "{\"word\":\"citrus\",\"cups\":5}");
        proposes(moist, "hold");
        lab.put("/api/lots/" + moist + "/contract", "{\"mostMoisturePct\":11.5}");
        proposes(moist, "hold");
        long arrival = lab.get("/api/lots/" + moist + "/samples")
                .body()
                .get(0)
                .get("id")
                .asLong();
        lab.put("/api/green-samples/" + arrival + "/inspection", "{\"content\":{\"moisturePct\":12.8}}");
        proposes(moist, "claim");
    }

    @Test
    void aFaultOfTheOnlyRoastAsksForAnotherRoast() {
        long lot = lot("Baked Hill", 11, "2026-02-20");
        cup(lot, true, 6.75, "{\"word\":\"flat\",\"cups\":5},{\"word\":\"papery\",\"cups\":5}");
        proposes(lot, "roast-again");
        cup(lot, false, 7.75, "{\"word\":\"citrus\",\"cups\":5}");
        proposes(lot, "buy");
    }

    @Test
    void aDecisionIsKeptWithItsReasonAndMayBeTakenBack() {
        long lot = lot("Held Hill", 11, "2026-02-20");
        String at = "/api/lots/" + lot + "/decision";
        assertThat(lab.put(at, "{\"outcome\":\"buy\"}").status()).isEqualTo(422);
        assertThat(lab.put(at, "{\"outcome\":\"keep\",\"reason\":\"good\"}").status())
                .isEqualTo(422);
        assertThat(lab.put(at, "{\"reason\":\"good\"}").status()).isEqualTo(422);
        Lab.Answer held =
                lab.put(at, "{\"outcome\":\"hold\",\"reason\":\"The contract is late\",\"dueOn\":\"2026-03-20\"}");
        assertThat(held.status()).isEqualTo(200);
        assertThat(held.body().get("dueOn").asString()).isEqualTo("2026-03-20");
        assertThat(due("2026-03-21", lot)).isTrue();
        assertThat(due("2026-03-20", lot)).isFalse();
        lab.put(at, "{\"outcome\":\"buy\",\"use\":\"single origin\",\"reason\":\"It came\"}");
        assertThat(due("2027-01-01", lot)).as("bought is not due").isFalse();
        JsonNode d = decision(lot);
        assertThat(d.get("version").asInt()).isEqualTo(2);
        assertThat(lab.put(at, "{\"outcome\":\"reject\",\"reason\":\"not seen\",\"version\":1}")
                        .status())
                .as("another lead decided meanwhile")
                .isEqualTo(409);
        assertThat(d.get("outcome").asString()).isEqualTo("buy");
        assertThat(d.get("use").asString()).isEqualTo("single origin");
        assertThat(d.get("history")).hasSize(2);
        assertThat(d.at("/history/1/reason").asString()).isEqualTo("The contract is late");
        assertThat(lab.get("/api/lots/9999/decision").status()).isEqualTo(404);
    }

    private boolean due(String before, long lot) {
        for (JsonNode l : lab.get("/api/decisions?dueBefore=" + before).body()) {
            if (l.get("lotId").asLong() == lot) {
                assertThat(l.get("lotName").asString()).isEqualTo("Held Hill");
                assertThat(l.get("missing").toString()).contains("not inspected");
                return true;
            }
        }
        return false;
    }

    @Test
    void whatIsDueStandsOnTodayAndInACalendar() {
        LocalDate arrived = LocalDate.now().minusDays(12);
        String due = "DTSTART;VALUE=DATE:" + arrived.plusDays(10).toString().replace("-", "");
        long over = lot("Overdue Hill", 11, arrived.toString());
        long later = lot("Later Hill", 11, "2026-01-02");
        long history = lot("History Hill", 11, "2021-01-02");
        assertThat(lab.put(
                                "/api/lots/" + later + "/decision",
                                "{\"outcome\":\"hold\",\"reason\":\"waits\",\"dueOn\":\"2027-05-06\"}")
                        .status())
                .isEqualTo(200);
        JsonNode today = lab.get("/api/today").body();
        assertThat(today.at("/waiting/decision").asInt()).isPositive();
        String calendar = lab.text("/api/decisions/calendar.ics");
        assertThat(calendar)
                .contains("UID:decide-" + over + "@barrowmist", "SUMMARY:Decide on Overdue Hill")
                .contains(due)
                .doesNotContain("decide-" + history + "@")
                .contains("DTSTART;VALUE=DATE:20270506");
        lab.put("/api/lots/" + over + "/decision", "{\"outcome\":\"reject\",\"reason\":\"too late\"}");
        assertThat(lab.text("/api/decisions/calendar.ics")).doesNotContain("decide-" + over + "@");
    }
}
