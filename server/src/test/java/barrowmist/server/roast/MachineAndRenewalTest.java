package barrowmist.server.roast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import barrowmist.core.machine.MachineReference;
import barrowmist.core.roast.KnownLog;
import barrowmist.core.roast.RoastAnalyzer;
import barrowmist.core.roast.csv.Column;
import barrowmist.core.roast.csv.ReadOptions;
import barrowmist.server.Lab;
import barrowmist.server.Lab.Answer;
import barrowmist.server.LabTest;
import barrowmist.server.web.InputProblems;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.MockMvc;

@LabTest
class MachineAndRenewalTest {

    private final Lab lab;
    private final RoastService roasts;
    private final JdbcTemplate jdbc;

    MachineAndRenewalTest(@Autowired MockMvc mvc, @Autowired RoastService roasts, @Autowired JdbcTemplate jdbc) {
        this.lab = new Lab(mvc);
        this.roasts = roasts;
        this.jdbc = jdbc;
    }

    @Test
    void aRoasterNeedsANameOfItsOwn() {
        assertThat(lab.post("/api/machines", "{\"name\":\"Small drum\",\"drumCapacityG\":150}")
                        .status())
                .isEqualTo(201);
        Answer twice = lab.post("/api/machines", "{\"name\":\"small DRUM\"}");
        assertThat(twice.status()).isEqualTo(422);
        assertThat(twice.body().get("problems").get(0).get("message").asString())
                .isEqualTo("There is a roaster called small DRUM: choose another name");
        assertThat(lab.post("/api/machines", "{\"name\":\"\"}").status()).isEqualTo(422);
        assertThat(lab.post("/api/machines", "{\"name\":\"Thimble\",\"drumCapacityG\":2}")
                        .status())
                .isEqualTo(422);
        assertThat(lab.get("/api/machines").body())
                .anySatisfy(m -> assertThat(m.get("name").asString()).isEqualTo("Small drum"));
    }

    @Test
    void aLogBeforeAnyRoasterMakesOne() {
        long lot = lab.lot("honey");
        Answer roast = lab.csv("/api/lots/" + lot + "/roasts", KnownLog.csv(false));
        assertThat(roast.status()).isEqualTo(201);
        assertThat(roast.body().get("machineName").asString()).isNotBlank();
        assertThat(roast.body().get("number").asInt()).isEqualTo(1);
        assertThat(lab.csv("/api/lots/" + lot + "/roasts", KnownLog.csv(true))
                        .body()
                        .get("number")
                        .asInt())
                .isEqualTo(2);
    }

    @Test
    void theTimeOfRoastingIsTakenFromTheCallOrTheLog() {
        long lot = lab.lot("washed");
        String noted = "# roasted_at: 2026-02-03T09:10\n" + KnownLog.csv(false);
        assertThat(lab.csv("/api/lots/" + lot + "/roasts", noted)
                        .body()
                        .get("roastedAt")
                        .asString())
                .startsWith("2026-02-0");
        assertThat(lab.csv("/api/lots/" + lot + "/roasts?again=true&roastedAt=2026-01-02T03:04:05Z", noted)
                        .body()
                        .get("roastedAt")
                        .asString())
                .isEqualTo("2026-01-02T03:04:05Z");
        String nonsense = "# roasted_at: yesterday\n" + KnownLog.csv(false);
        assertThat(lab.csv("/api/lots/" + lot + "/roasts", nonsense).status()).isEqualTo(422);
    }

    @Test
    void figuresOfOlderRulesAreMadeAnewAtStart() {
        long lot = lab.lot("washed");
        long roast = lab.csv("/api/lots/" + lot + "/roasts", KnownLog.csv(true)).id();
        jdbc.update("update roast set rules_version = 0, charge_c = null, faults = '' where id = ?", roast);
        assertThat(lab.get("/api/roasts/" + roast).body().get("chargeC")).isNull();
        roasts.renewFigures();
        var renewed = lab.get("/api/roasts/" + roast).body();
        assertThat(renewed.get("chargeC").asDouble()).isBetween(194.0, 196.0);
        assertThat(renewed.get("faults").get(0).asString()).isEqualTo("crash");
        assertThat(jdbc.queryForObject("select rules_version from roast where id = ?", Integer.class, roast))
                .isEqualTo(RoastAnalyzer.RULES_VERSION);
    }

    @Test
    void whatARoasterUsuallyDoesIsTaughtByTheNewestRoastsAlone() {
        long machine = lab.post("/api/machines", "{\"name\":\"Old drum\",\"drumCapacityG\":150}")
                .id();
        long lot = lab.lot("washed");
        long roast = lab.csv("/api/lots/" + lot + "/roasts?machineId=" + machine, KnownLog.csv(true))
                .id();
        lab.put("/api/roasts/" + roast + "/accepted", "{\"accepted\":true}");
        // as many as teach, and as many that are older and were charged hotter
        jdbc.execute("create table copies as select r.*, x from roast r, system_range(1, "
                + (2 * MachineReference.MOST_ROASTS) + ") x where r.id = " + roast);
        jdbc.execute("update copies set id = 900000 + x, number_in_lot = 1000 + x, import_key = 'copy ' || x,"
                + " roasted_at = dateadd(day, -x, roasted_at)");
        jdbc.execute("update copies set charge_c = charge_c + 100 where x >= " + MachineReference.MOST_ROASTS);
        jdbc.execute("alter table copies drop column x");
        jdbc.execute("insert into roast select * from copies");
        jdbc.execute("drop table copies");
        var washed = lab.get("/api/machines/" + machine + "/references").body().get(0);
        assertThat(washed.get("roasts").asInt()).isEqualTo(MachineReference.MOST_ROASTS);
        assertThat(washed.get("bands").get("chargeC").get("median").asDouble()).isBetween(190.0, 200.0);
    }

    @Test
    void answersOfTheImportPageAreReadStrictly() {
        ReadOptions options = ImportRequest.options(List.of("a:b:bean_c", "x: Ignore"), "as-written");
        assertThat(options.columns()).containsEntry("a:b", Column.BEAN_C).containsEntry("x", Column.IGNORE);
        assertThat(options.celsius()).isEqualTo(ReadOptions.Celsius.AS_WRITTEN);
        assertThat(ImportRequest.options(null, null)).isEqualTo(ReadOptions.NONE);
        assertThatThrownBy(() -> ImportRequest.options(List.of("bean"), null))
                .isInstanceOfSatisfying(
                        InputProblems.class,
                        e -> assertThat(e.problems().get(0).message())
                                .startsWith("map is \"bean\", expected heading:column"));
    }

    @Test
    void eventsAreRefusedOutsideTheLogAndForPops() {
        long lot = lab.lot("washed");
        long roast =
                lab.csv("/api/lots/" + lot + "/roasts", KnownLog.csv(false)).id();
        String events = "/api/roasts/" + roast + "/events/";
        assertThat(lab.put(events + "second_crack", "{\"timeS\":9000}").status())
                .isEqualTo(422);
        assertThat(lab.put(events + "pop", "{\"timeS\":400}").status()).isEqualTo(422);
        assertThat(lab.put(events + "third_crack", "{\"timeS\":400}").status()).isEqualTo(422);
        assertThat(lab.put(events + "drop", "{}").status()).isEqualTo(422);
        assertThat(lab.put(events + "first_crack_end", "{\"timeS\":530}").status())
                .isEqualTo(200);
        assertThat(lab.delete(events + "first_crack_end").body().get("events")).hasSize(4);
    }
}
