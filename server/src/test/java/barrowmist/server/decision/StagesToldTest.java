package barrowmist.server.decision;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.roast.KnownLog;
import barrowmist.server.Lab;
import barrowmist.server.LabTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** A triangle of the arrival and the pre-shipment sample speaks in the proposal, once it is told. */
@LabTest
class StagesToldTest {

    private final Lab lab;
    private long lot;
    private long shown;
    private long arrived;

    StagesToldTest(@Autowired MockMvc mvc) {
        lab = new Lab(mvc);
    }

    @BeforeEach
    void twoStages() {
        lot = lab.lot("washed");
        lab.post("/api/lots/" + lot + "/samples", "{\"stage\":\"pre-shipment\",\"receivedOn\":\"2026-01-02\"}");
        shown = roast("&stage=pre-shipment");
        arrived = roast("");
        for (long roast : new long[] {shown, arrived}) {
            scored(roast);
        }
    }

    private long roast(String stage) {
        Lab.Answer answer = lab.csv(
                "/api/lots/" + lot + "/roasts?again=true&greenG=120&roastedG=104.4" + stage,
                "# roasted_at: 2026-03-02T09:10\n" + KnownLog.csv(false));
        assertThat(answer.status()).as("%s", answer.body()).isEqualTo(201);
        return answer.id();
    }

    private void scored(long roast) {
        long table = lab.post("/api/cuppings", "{\"cuppedAt\":\"2026-03-03T09:00:00Z\",\"roastIds\":[" + roast + "]}")
                .id();
        lab.post("/api/cuppings/" + table + "/sheets", """
                {"roastId":%d,"cupper":"Ines K.","attributes":{"fragranceAroma":7.75,"flavour":7.75,"aftertaste":7.75,
                "acidity":7.75,"body":7.75,"balance":7.75,"overall":7.75}}""".formatted(roast));
    }

    /** A triangle of six sets, of which so many are answered right. */
    private String triangle(long first, long second, int right) {
        String table = "/api/cuppings/"
                + lab.post(
                                "/api/cuppings",
                                "{\"kind\":\"triangle\",\"assessments\":6,\"samples\":[{\"roastId\":%d},{\"roastId\":%d}]}"
                                        .formatted(first, second))
                        .id();
        int i = 0;
        for (JsonNode set : lab.get(table + "/key").body().get("sets")) {
            int odd = set.get("odd").asInt();
            lab.post(
                    table + "/answers",
                    "{\"set\":%d,\"cupper\":\"Cupper %d\",\"odd\":%d}"
                            .formatted(set.get("set").asInt(), i, i < right ? odd : odd % 3 + 1));
            i++;
        }
        return table;
    }

    private JsonNode proposal() {
        return lab.get("/api/lots/" + lot + "/decision").body().get("proposal");
    }

    @Test
    void whatIsToldApartIsHeldAndNothingIsSaidBeforeTheReveal() {
        assertThat(proposal().get("outcome").asString()).isEqualTo("buy");
        String table = triangle(shown, arrived, 6);
        assertThat(proposal().toString()).doesNotContain("triangle");
        assertThat(lab.post(table + "/reveal", "{}").status()).isEqualTo(200);
        JsonNode told = proposal();
        assertThat(told.get("outcome").asString()).as("%s", told).isEqualTo("hold");
        assertThat(told.toString()).contains("A triangle of the arrival and the pre-shipment sample", "6 of 6 right");
    }

    @Test
    void whatNobodyTellsApartSpeaksForIt() {
        lab.post(triangle(shown, arrived, 2) + "/reveal", "{}");
        assertThat(proposal().get("outcome").asString()).isEqualTo("buy");
        assertThat(proposal().toString()).contains("No difference shown: 2 of 6 right");
    }

    @Test
    void twoRoastsOfOneStageSayNothingOfTheShipment() {
        lab.post(triangle(arrived, roast(""), 6) + "/reveal", "{}");
        assertThat(proposal().toString()).doesNotContain("triangle");
    }
}
