package barrowmist.server.cupping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.roast.KnownLog;
import barrowmist.server.Lab;
import barrowmist.server.Lab.Answer;
import barrowmist.server.LabTest;
import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

@LabTest
class ClockTest {

    private final Lab lab;
    private final JdbcTemplate jdbc;
    private long id;
    private String clock;

    ClockTest(@Autowired MockMvc mvc, @Autowired JdbcTemplate jdbc) {
        this.lab = new Lab(mvc);
        this.jdbc = jdbc;
    }

    @BeforeEach
    void layATable() {
        long lot = lab.lot("washed");
        long first =
                lab.csv("/api/lots/" + lot + "/roasts", KnownLog.csv(false)).id();
        long second =
                lab.csv("/api/lots/" + lot + "/roasts", KnownLog.csv(true)).id();
        id = lab.post("/api/cuppings", "{\"roastIds\":[%d,%d]}".formatted(first, second))
                .id();
        clock = "/api/cuppings/" + id + "/clock";
    }

    /** Lets so many seconds pass, as if the pour had been earlier. */
    private void pass(int seconds) {
        jdbc.update("update cupping set poured_at = dateadd(second, ?, poured_at) where id = ?", -seconds, id);
    }

    private static double from(JsonNode view, String stage) {
        for (JsonNode step : view.get("steps")) {
            if (step.get("stage").asString().equals(stage)) {
                return step.get("fromS").asDouble();
            }
        }
        throw new AssertionError(stage + " is no step of " + view);
    }

    @Test
    void itStartsAtThePourAndTwoCannotStartIt() {
        assertThat(lab.get(clock).body().get("pouredAt")).isNull();
        JsonNode poured = lab.post(clock + "/pour", "{\"gapS\":30}").body();
        Instant at = Instant.parse(poured.get("pouredAt").asString());
        assertThat(Duration.between(at, Instant.parse(poured.get("now").asString())))
                .isLessThan(Duration.ofSeconds(5));
        assertThat(poured.get("samples").get(1).get("breakS").asDouble()).isEqualTo(270);
        assertThat(lab.post(clock + "/pour", "{}").status()).isEqualTo(409);
        assertThat(lab.delete(clock + "/pour").body().get("pouredAt")).isNull();
        assertThat(lab.post(clock + "/pour", "{}").status()).isEqualTo(200);
    }

    @Test
    void aLateBreakIsNotedOnceAndUnknownCodesAreNamed() {
        assertThat(lab.post(clock + "/breaks", "{\"code\":\"1\"}").status()).isEqualTo(409);
        lab.post(clock + "/pour", "{\"gapS\":0}");
        pass(200);
        assertThat(lab.post(clock + "/breaks", "{\"code\":\"1\"}")
                        .body()
                        .get("samples")
                        .get(0)
                        .get("late")
                        .asBoolean())
                .isFalse();
        pass(150);
        JsonNode late = lab.post(clock + "/breaks", "{\"code\":\"2\"}").body().get("samples");
        assertThat(late.get(1).get("late").asBoolean()).isTrue();
        assertThat(late.get(0).get("brokenS").asDouble()).isCloseTo(200, within(5.0));
        Answer unknown = lab.post(clock + "/breaks", "{\"code\":\"777\"}");
        assertThat(unknown.status()).isEqualTo(422);
    }

    @Test
    void aThermometerMovesTheFirstTaste() {
        double usual =
                from(lab.post(clock + "/pour", "{\"waterC\":93,\"roomC\":22}").body(), "taste");
        pass(300);
        JsonNode fitted = lab.post(clock + "/readings", "{\"c\":78}").body();
        assertThat(fitted.get("readings").asInt()).isEqualTo(1);
        // (93 − 22)/(78 − 22) in 300 s, so 71 °C at 300 · ln(71/49)/ln(71/56)
        assertThat(from(fitted, "taste")).isCloseTo(300 * Math.log(71.0 / 49) / Math.log(71.0 / 56), within(20.0));
        assertThat(from(fitted, "taste")).isLessThan(usual);
        assertThat(lab.post(clock + "/readings", "{\"c\":200}").status()).isEqualTo(422);
    }

    @Test
    void aWrongPourIsNamed() {
        assertThat(lab.post(clock + "/pour", "{\"waterC\":200}").status()).isEqualTo(422);
        assertThat(lab.post(clock + "/pour", "{\"gapS\":-1}").status()).isEqualTo(422);
        assertThat(lab.post(clock + "/pour", "{\"waterC\":45,\"roomC\":44}").status())
                .isEqualTo(422);
    }

    @Test
    void fromTheFirstGrindTheWaterIsOnWithinAQuarterOfAnHour() {
        JsonNode ground = lab.post(clock + "/ground", "{}").body();
        assertThat(Duration.between(
                        Instant.parse(ground.get("groundAt").asString()),
                        Instant.parse(ground.get("pourBy").asString())))
                .isEqualTo(Duration.ofMinutes(15));
        JsonNode covered = lab.post(clock + "/ground", "{\"covered\":true}").body();
        assertThat(covered.get("groundAt")).as("the first time stands").isEqualTo(ground.get("groundAt"));
        assertThat(Duration.between(
                        Instant.parse(covered.get("groundAt").asString()),
                        Instant.parse(covered.get("pourBy").asString())))
                .isEqualTo(Duration.ofMinutes(30));
        assertThat(lab.post(clock + "/pour", "{}").body().get("pouredLate").asBoolean())
                .isFalse();
        jdbc.update("update cupping set poured_at = dateadd(minute, 31, poured_at) where id = ?", id);
        assertThat(lab.get(clock).body().get("pouredLate").asBoolean()).isTrue();
        assertThat(lab.delete(clock + "/pour").body().get("pourBy"))
                .as("ground it is still")
                .isNotNull();
        assertThat(lab.delete(clock + "/ground").body().has("groundAt")).isFalse();
    }

    @Test
    void aPourThatIsTappedMovesItsBreak() {
        lab.post(clock + "/pour", "{\"gapS\":20}");
        pass(45);
        JsonNode tapped = lab.post(clock + "/pours", "{\"code\":\"2\"}").body();
        assertThat(tapped.at("/samples/1/pourS").asDouble()).isBetween(45.0, 60.0);
        assertThat(tapped.at("/samples/1/poured").asBoolean()).isTrue();
        assertThat(tapped.at("/samples/1/breakS").asDouble()
                        - tapped.at("/samples/1/pourS").asDouble())
                .isCloseTo(240, within(1e-6));
        pass(60);
        assertThat(lab.post(clock + "/pours", "{\"code\":\"2\"}").body().at("/samples/1/pourS"))
                .as("poured once")
                .isEqualTo(tapped.at("/samples/1/pourS"));
        assertThat(lab.post(clock + "/pours", "{\"code\":\"9\"}").status()).isEqualTo(422);
    }

    @Test
    void theHouseMayBreakAndTasteAtItsOwnTime() {
        long own = lab.post("/api/cuppings", """
                {"samples":[{"outside":{"name":"A bag"}}],"protocol":{"breakS":270,"tasteS":720}}""").id();
        JsonNode view = lab.get("/api/cuppings/" + own + "/clock").body();
        assertThat(from(view, "break")).isEqualTo(270);
        assertThat(from(view, "taste")).isEqualTo(720);
        assertThat(lab.post("/api/cuppings", "{\"protocol\":{\"breakS\":400}}").status())
                .isEqualTo(422);
    }
}
