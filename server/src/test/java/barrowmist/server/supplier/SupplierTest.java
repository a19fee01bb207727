package barrowmist.server.supplier;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.roast.KnownLog;
import barrowmist.server.Lab;
import barrowmist.server.LabTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** A supplier over time, as a script would ask. */
@LabTest
class SupplierTest {

    private final Lab lab;

    SupplierTest(@Autowired MockMvc mvc) {
        lab = new Lab(mvc);
    }

    private long lot(String supplier, String name) {
        return lab.post(
                        "/api/lots",
                        "{\"name\":\"%s\",\"supplier\":\"%s\",\"origin\":\"Kenya\",\"process\":\"washed\",\"arrivalDate\":\"2026-02-20\",\"kg\":60,\"moisturePct\":11}"
                                .formatted(name, supplier))
                .id();
    }

    private void cup(long lot, String stage, double each) {
        long roast = lab.csv("/api/lots/" + lot + "/roasts?again=true&stage=" + stage, KnownLog.csv(false))
                .id();
        long table = lab.post("/api/cuppings", "{\"roastIds\":[" + roast + "]}").id();
        lab.post("/api/cuppings/" + table + "/sheets", """
                {"roastId":%d,"cupper":"I","words":[],"attributes":{"fragranceAroma":%2$s,"flavour":%2$s,"aftertaste":%2$s,
                "acidity":%2$s,"body":%2$s,"balance":%2$s,"overall":%2$s}}""".formatted(roast, each));
    }

    private JsonNode comparison(String supplier) {
        return lab.get("/api/suppliers/" + supplier + "/comparison").body();
    }

    @Test
    void arrivalsAreHeldAgainstWhatWasSentBefore() {
        long lot = lot("Fell Behind", "Behind Hill");
        assertThat(comparison("Fell Behind")).as("one stage alone").isEmpty();
        lab.post("/api/lots/" + lot + "/samples", "{\"stage\":\"pre-shipment\",\"receivedOn\":\"2026-01-05\"}");
        cup(lot, "pre-shipment", 8.25);
        cup(lot, "arrival", 7.25);
        JsonNode score = comparison("Fell Behind").get(0);
        assertThat(score.get("lotId").asLong()).isEqualTo(lot);
        assertThat(score.get("figure").asString()).isEqualTo("Score");
        assertThat(score.get("before").asDouble()).isEqualTo(87.75);
        assertThat(score.get("after").asDouble() - score.get("before").asDouble())
                .isEqualTo(-7);
        assertThat(score.get("sure").asBoolean()).isTrue();
        JsonNode s = lab.get("/api/suppliers/fell behind").body();
        assertThat(s.get("name").asString()).isEqualTo("Fell Behind");
        assertThat(s.at("/overall/0/text").asString()).contains("one lot says nothing of a supplier");
        assertThat(s.has("meanDaysToDecide")).isFalse();
        lab.put("/api/lots/" + lot + "/decision", "{\"outcome\":\"claim\",\"reason\":\"worse than sent\"}");
        s = lab.get("/api/suppliers/Fell Behind").body();
        assertThat(s.at("/lots/0/outcome").asString()).isEqualTo("claim");
        assertThat(s.at("/lots/0/daysToDecide").asLong()).isPositive();
    }

    @Test
    void theListCountsWhatBecameOfEachLot() {
        lot("Counted", "One Hill");
        long second = lot("Counted", "Two Hill");
        lab.put("/api/lots/" + second + "/decision", "{\"outcome\":\"buy\",\"reason\":\"good\"}");
        JsonNode found = null;
        for (JsonNode row : lab.get("/api/suppliers").body()) {
            if (row.get("name").asString().equals("Counted")) {
                found = row;
            }
        }
        assertThat(found).isNotNull();
        assertThat(found.get("lots").asInt()).isEqualTo(2);
        assertThat(found.get("bought").asInt()).isEqualTo(1);
        assertThat(found.get("undecided").asInt()).isEqualTo(1);
        assertThat(lab.get("/api/suppliers/Nobody at all").status()).isEqualTo(404);
    }
}
