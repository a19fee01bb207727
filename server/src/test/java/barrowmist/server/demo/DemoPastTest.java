package barrowmist.server.demo;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.trace.Cause;
import barrowmist.server.Lab;
import barrowmist.server.LabTest;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.TestPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** The season before tells what there is to be learned, and what was proven. */
@LabTest
@TestPropertySource(properties = "barrowmist.demo=true")
class DemoPastTest {

    private final Lab lab;
    private final long machineId;

    DemoPastTest(@Autowired MockMvc mvc) {
        lab = new Lab(mvc);
        machineId = lab.get("/api/machines").body().get(0).get("id").asLong();
    }

    private Map<String, JsonNode> patterns(Cause cause) {
        traces(lab);
        Map<String, JsonNode> out = new HashMap<>();
        lab.get("/api/patterns?machineId=" + machineId + "&cause=" + cause.code())
                .body()
                .forEach(p -> out.put(p.get("metric").asString(), p));
        return out;
    }

    /** The list, when all that it tells has been worked out; that goes on in the background. */
    static JsonNode traces(Lab lab) {
        int cupped = DemoSeason.roasts().size() + 20;
        for (int i = 0; i < 200; i++) {
            JsonNode rows = lab.get("/api/traces").body();
            int told = 0;
            for (JsonNode row : rows) {
                told += row.get("sound") == null ? 0 : 1;
            }
            if (told >= cupped) {
                return rows;
            }
            sleep();
        }
        throw new AssertionError("not all worked out in time");
    }

    private static void sleep() {
        try {
            Thread.sleep(100);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    @Test
    void twoFiguresAreLearnedAndOneNotYet() {
        JsonNode charge = patterns(Cause.SCORCHED).get("chargeC");
        assertThat(charge.get("n").asInt()).as("cupped roasts").isGreaterThanOrEqualTo(40);
        assertThat(charge.get("standing").asString()).as("%s", charge).isEqualTo("learned");
        assertThat(charge.get("direction").asString()).isEqualTo("above");
        assertThat(charge.get("lower").asDouble()).isLessThanOrEqualTo(DemoSeason.SCORCHES_FROM_C);
        assertThat(charge.get("upper").asDouble()).isGreaterThanOrEqualTo(DemoSeason.SCORCHES_FROM_C);
        JsonNode development = patterns(Cause.UNDERDEVELOPED).get("developmentS");
        assertThat(development.get("standing").asString()).as("%s", development).isEqualTo("learned");
        assertThat(patterns(Cause.TIPPED).values())
                .allSatisfy(p -> assertThat(p.get("standing").asString()).isEqualTo("not-yet"));
    }

    @Test
    void whatIsLearnedIsOfferedToTheRulesAndShownAsDots() {
        traces(lab);
        JsonNode dots = lab.get("/api/patterns/points?metric=chargeC&cause=scorched&machineId=" + machineId)
                .body();
        assertThat(dots.size()).isGreaterThanOrEqualTo(56);
        JsonNode offers = lab.get("/api/patterns/offers?cause=scorched&machineId=" + machineId)
                .body();
        assertThat(offers.toString()).contains("\"rule\":\"sign.hot-charge.line\"");
        for (JsonNode offer : offers) {
            assertThat(offer.get("learned").asDouble())
                    .isBetween(offer.get("lower").asDouble(), offer.get("upper").asDouble());
        }
        assertThat(lab.get("/api/patterns/points?metric=taste&cause=scorched&machineId=" + machineId)
                        .status())
                .isEqualTo(422);
    }

    @Test
    void oneLotIsRejectedForMouldOneIsClaimedAndTwoAreDue() {
        Map<String, List<String>> by = new HashMap<>();
        for (JsonNode lot : lab.get("/api/decisions").body()) {
            by.computeIfAbsent(lot.get("outcome").asString(), o -> new ArrayList<>())
                    .add(lot.get("lotName").asString());
            if (Set.of("reject", "claim").contains(lot.get("outcome").asString())) {
                JsonNode d = lab.get("/api/lots/" + lot.get("lotId").asLong() + "/decision")
                        .body();
                String decided = lot.get("outcome").asString();
                assertThat(d.at("/proposal/outcome").asString()).isEqualTo(decided);
                assertThat(d.at("/history/0/proposed").asString()).isEqualTo(decided);
            }
        }
        assertThat(by.get("reject")).containsExactly("Rimba Sengkara");
        assertThat(by.get("claim")).containsExactly("Velquora Hollow");
        // other tests of this laboratory may add lots of their own
        assertThat(by.get("undecided")).contains("Batu Sembuyan", "Zaramonde Bench");
    }

    @Test
    void oneChangeHeldAndOneIsAnEstimate() {
        JsonNode record = lab.get("/api/trace-record").body();
        List<String> outcomes = new ArrayList<>();
        record.get("proofs").forEach(p -> outcomes.add(p.get("outcome").asString()));
        assertThat(outcomes).as("%s", record).containsExactlyInAnyOrder("held", "estimate");
        assertThat(record.get("judged").asInt()).isGreaterThanOrEqualTo(10);
        assertThat(record.get("right").asInt()).isGreaterThanOrEqualTo(8);
    }

    @Test
    void theSeasonIsAnsweredAndDoesNotFloodToday() {
        // the newest is a musty lot: it is still to be answered
        long newest = 0;
        for (JsonNode row : traces(lab)) {
            newest = Math.max(newest, row.get("roastId").asLong());
        }
        for (JsonNode row : traces(lab)) {
            long id = row.get("roastId").asLong();
            boolean past = id > DemoLab.roasts().size() && id < newest - 1;
            if (past && "supported".equals(row.path("standing").asString(""))) {
                assertThat(row.get("settled").asBoolean()).as("%s", row).isTrue();
            }
        }
    }
}
