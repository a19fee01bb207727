package barrowmist.server.store;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.roast.KnownLog;
import barrowmist.server.Lab;
import barrowmist.server.LabTest;
import barrowmist.server.PrintedPages;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.TestPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** A lot in the store and what was agreed for it, as a script would ask. */
@LabTest
@TestPropertySource(properties = "lab.of=store")
class StoreTest {

    private final Lab lab;

    StoreTest(@Autowired MockMvc mvc) {
        lab = new Lab(mvc);
    }

    private long lot(String name, LocalDate arrived) {
        return lab.post(
                        "/api/lots",
                        "{\"name\":\"%s\",\"supplier\":\"Store & Co\",\"origin\":\"Kenya\",\"process\":\"washed\",\"arrivalDate\":\"%s\",\"kg\":60,\"moisturePct\":11.8}"
                                .formatted(name, arrived))
                .id();
    }

    private JsonNode store(long lot) {
        return lab.get("/api/lots/" + lot + "/store").body();
    }

    @Test
    void kilosAreLeftAfterRoastsAndSales() {
        long lot = lot("Kilo Hill", LocalDate.now());
        assertThat(store(lot).get("kgLeft").asDouble()).isEqualTo(60);
        lab.csv("/api/lots/" + lot + "/roasts?greenG=1200", KnownLog.csv(false));
        assertThat(lab.put(
                                "/api/lots/" + lot + "/store",
                                "{\"soldKg\":10,\"bags\":2,\"farm\":\"Upper <Farm>\",\"price\":6.2,\"currency\":\"EUR\"}")
                        .status())
                .isEqualTo(200);
        assertThat(store(lot).get("kgLeft").asDouble()).isEqualTo(48.8);
        assertThat(store(lot).at("/details/farm").asString()).isEqualTo("Upper <Farm>");
        assertThat(lab.put("/api/lots/" + lot + "/store", "{\"soldKg\":70}").status())
                .isEqualTo(422);
        assertThat(lab.put("/api/lots/" + lot + "/store", "{\"bags\":0,\"storageRhPct\":140}")
                        .status())
                .isEqualTo(422);
        // what another changed meanwhile is not overwritten
        long version = store(lot).get("version").asLong();
        lab.put("/api/lots/" + lot + "/store", "{\"soldKg\":11,\"version\":" + version + "}");
        assertThat(lab.put("/api/lots/" + lot + "/store", "{\"soldKg\":12,\"version\":" + version + "}")
                        .status())
                .isEqualTo(409);
    }

    @Test
    void itIsMeasuredAgainWhenItIsTime() {
        long lot = lot("Old Hill", LocalDate.now().minusDays(40));
        assertThat(store(lot).get("checkDue").asBoolean()).isTrue();
        String checks = "/api/lots/" + lot + "/store/checks";
        assertThat(lab.post(checks, "{}").status()).as("nothing measured").isEqualTo(422);
        assertThat(lab.post(checks, "{\"moisturePct\":112}").status()).isEqualTo(422);
        assertThat(lab.post(checks, "{\"moisturePct\":11,\"on\":\"2999-01-01\"}")
                        .status())
                .isEqualTo(422);
        lab.put("/api/lots/" + lot + "/decision", "{\"outcome\":\"buy\",\"reason\":\"good\"}");
        assertThat(lab.get("/api/today").body().get("tasks").toString()).contains("Measure again 1 lot");
        assertThat(lab.post(checks, "{\"moisturePct\":12.4,\"smell\":\"of sack\"}")
                        .status())
                .isEqualTo(201);
        assertThat(store(lot).get("checkDue").asBoolean()).isFalse();
        assertThat(store(lot).at("/checks/0/check/smell").asString()).isEqualTo("of sack");
        assertThat(lab.get("/api/today").body().get("tasks").toString()).doesNotContain("Measure again");
    }

    @Test
    void bagsAreDrawnAtRandomAndKept() {
        long lot = lot("Bag Hill", LocalDate.now());
        String draws = "/api/lots/" + lot + "/store/draws";
        assertThat(lab.post(draws, "{}").status()).as("how many bags?").isEqualTo(422);
        assertThat(lab.post(draws, "{\"bags\":0}").status()).isEqualTo(422);
        JsonNode first = lab.post(draws, "{\"bags\":40}").body().get("draws").get(0);
        assertThat(first.get("ofBags").asInt()).isEqualTo(40);
        assertThat(first.get("bags")).hasSize(7);
        assertThat(lab.post(draws, "{\"bags\":40,\"count\":3}").body().get("draws"))
                .hasSize(2);
    }

    @Test
    void aContractIsTheSuppliersUntilTheLotHasItsOwn() {
        long lot = lot("Contract Hill", LocalDate.now());
        assertThat(lab.put(
                                "/api/suppliers/Store & Co/contract",
                                "{\"mostMoisturePct\":11.5,\"scoreFloor\":83,\"daysToApprove\":20}")
                        .status())
                .isEqualTo(200);
        JsonNode holds = lab.get("/api/lots/" + lot + "/contract").body();
        assertThat(holds.at("/holds/mostMoisturePct").asDouble()).isEqualTo(11.5);
        assertThat(holds.get("own").has("scoreFloor")).isFalse();
        assertThat(holds.at("/own/version").asLong()).isZero();
        JsonNode d = lab.get("/api/lots/" + lot + "/decision").body();
        assertThat(d.get("dueOn").asString())
                .isEqualTo(LocalDate.now().plusDays(20).toString());
        lab.put("/api/lots/" + lot + "/contract", "{\"mostMoisturePct\":12.5}");
        holds = lab.get("/api/lots/" + lot + "/contract").body();
        assertThat(holds.at("/holds/mostMoisturePct").asDouble()).isEqualTo(12.5);
        assertThat(holds.at("/holds/scoreFloor").asDouble()).isEqualTo(83);
        assertThat(lab.put("/api/lots/" + lot + "/contract", "{\"scoreFloor\":830}")
                        .status())
                .isEqualTo(422);
        long version = lab.get("/api/lots/" + lot + "/contract")
                .body()
                .at("/own/version")
                .asLong();
        assertThat(version).isEqualTo(1);
        String mine = "{\"scoreFloor\":84,\"version\":" + version + "}";
        assertThat(lab.put("/api/lots/" + lot + "/contract", mine).status()).isEqualTo(200);
        assertThat(lab.put("/api/lots/" + lot + "/contract", mine).status())
                .as("another wrote it meanwhile")
                .isEqualTo(409);
        assertThat(lab.put("/api/suppliers/Store & Co/contract", "{\"scoreFloor\":80,\"version\":0}")
                        .status())
                .isEqualTo(409);
    }

    @Test
    void whatLiesOutsideTheContractSpeaksAgainstTheLotAndStandsInTheClaim() {
        long lot = lot("Claim Hill", LocalDate.now());
        long sample =
                lab.get("/api/lots/" + lot + "/samples").body().get(0).get("id").asLong();
        lab.put("/api/green-samples/" + sample + "/inspection", "{\"content\":{\"moisturePct\":11.8}}");
        lab.put("/api/lots/" + lot + "/contract", "{\"mostMoisturePct\":11.5}");
        assertThat(lab.get("/api/lots/" + lot + "/decision")
                        .body()
                        .at("/proposal/reasons")
                        .toString())
                .contains("Contract, moisture: at most 11.5 %, found 11.8 %.");
        lab.put("/api/lots/" + lot + "/decision", "{\"outcome\":\"claim\",\"reason\":\"too moist\"}");
        assertThat(PrintedPages.text(lab.bytes("/api/lots/" + lot + "/claim.pdf")))
                .contains("Claim: Claim Hill", "Store & Co", "too moist", "not kept", "found 11.8 %");
    }
}
