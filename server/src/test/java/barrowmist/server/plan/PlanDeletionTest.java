package barrowmist.server.plan;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.server.Lab;
import barrowmist.server.Lab.Answer;
import barrowmist.server.LabTest;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.MockMvc;

/** A plan that something stands on is not deleted, and a gap that is there all the same breaks no page. */
@LabTest
class PlanDeletionTest {

    private final Lab lab;
    private final JdbcTemplate store;

    PlanDeletionTest(@Autowired MockMvc mvc, @Autowired JdbcTemplate store) {
        lab = new Lab(mvc);
        this.store = store;
    }

    private long plan() {
        long lot = lab.lot("washed");
        long sample =
                lab.get("/api/lots/" + lot + "/samples").body().get(0).get("id").asLong();
        long machine = lab.post("/api/machines", "{\"name\":\"Drum %d\"}".formatted(lot))
                .id();
        return lab.post("/api/plans", "{\"greenSampleId\":%d,\"machineId\":%d}".formatted(sample, machine))
                .id();
    }

    private void inDay(String date, long plan) {
        assertThat(lab.put(
                                "/api/days/" + date,
                                "{\"content\":{\"lit\":\"08:00\",\"items\":[{\"planId\":%d}],\"rest\":\"protocol\"}}"
                                        .formatted(plan))
                        .status())
                .isEqualTo(200);
    }

    @Test
    void aPlanOfADayIsKeptAndTheDayIsNamed() {
        long plan = plan();
        inDay("2026-03-03", plan);
        Answer refused = lab.delete("/api/plans/" + plan);
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.body().get("detail").asString()).contains("the day of 3 March 2026");
        assertThat(lab.put(
                                "/api/days/2026-03-03",
                                "{\"content\":{\"lit\":\"08:00\",\"items\":[],\"rest\":\"protocol\"}}")
                        .status())
                .isEqualTo(200);
        assertThat(lab.delete("/api/plans/" + plan).status()).isEqualTo(204);
    }

    @Test
    void aGapInADayBreaksNeitherItNorToday() {
        long plan = plan();
        String today = LocalDate.now().toString();
        inDay(today, plan);
        store.update("delete from roast_plan where id = ?", plan);
        assertThat(lab.get("/api/days/" + today).status()).isEqualTo(200);
        assertThat(lab.get("/api/days/" + today).body().get("slots")).isEmpty();
        assertThat(lab.get("/api/today").status()).isEqualTo(200);
        assertThat(lab.status("/api/days/" + today + "/calendar.ics")).isEqualTo(200);
        lab.put("/api/days/" + today, "{\"content\":{\"lit\":\"08:00\",\"items\":[],\"rest\":\"protocol\"}}");
    }
}
