package barrowmist.server.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.server.Lab.Answer;
import barrowmist.server.LabTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.TestPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** Planning in the demo laboratory. */
@LabTest
@TestPropertySource(properties = "barrowmist.demo=true")
class PlanningTest extends PlanningLab {

    PlanningTest(@Autowired MockMvc mvc) {
        super(mvc);
    }

    private String tried(JsonNode plan, String content) {
        return "{\"greenSampleId\":%d,\"machineId\":1,\"content\":%s}"
                .formatted(plan.get("greenSampleId").asLong(), content);
    }

    private static double figure(JsonNode prediction, String field) {
        for (JsonNode f : prediction.get("figures")) {
            if (f.get("field").asString().equals(field)) {
                return f.get("value").asDouble();
            }
        }
        throw new AssertionError("no " + field);
    }

    private JsonNode predict(JsonNode plan, String content) {
        Answer answer = lab.post("/api/plans/prediction", tried(plan, content));
        assertThat(answer.status()).isEqualTo(200);
        return answer.body();
    }

    @Test
    void theModelSaysHowWellItFitsAndForetellsRoastsLeftOut() {
        JsonNode fitted = model().get("fitted");
        assertThat(fitted.get("roasts").asInt()).isEqualTo(20);
        assertThat(fitted.get("beanErrorC").asDouble()).isBetween(0.1, 2.0);
        // dry end and first crack within 15 s, drop within 2.5 °C, for roasts left out of the fit
        assertThat(fitted.get("errors").get("dryEndS").asDouble()).isLessThan(15);
        assertThat(fitted.get("errors").get("firstCrackS").asDouble()).isLessThan(15);
        assertThat(fitted.get("errors").get("dropC").asDouble()).isLessThan(2.5);
        assertThat(lab.post("/api/machines/1/model", "").body().get("state").asString())
                .isIn("fitting", "fitted");
    }

    @Test
    void aNaturalIsChargedLowerAndTheLinesSayWhy() {
        long sample = natural.get("greenSampleId").asLong();
        JsonNode advice = lab.get("/api/green-samples/" + sample + "/charge-advice?machineId=1")
                .body();
        assertThat(advice.get("base").get("c").asDouble()
                        - advice.get("chargeC").asDouble())
                .isBetween(5.0, 12.0);
        assertThat(advice.get("addends").get(0).get("text").asString())
                .isEqualTo("Naturals on this machine against washed ones, learned");
        assertThat(advice.get("addends").get(0).get("roasts").asInt()).isGreaterThanOrEqualTo(5);
    }

    @Test
    void moreGasBringsFirstCrackForward() {
        String content = washed.get("content").toString();
        double before = figure(predict(washed, content), "firstCrackS");
        String more = content.replaceFirst("\"gasPct\":[0-9.]+", "\"gasPct\":89.0");
        assertThat(figure(predict(washed, more), "firstCrackS")).isLessThan(before - 5);
    }

    @Test
    void whatIsSaidFollowsTheReadersUnits() {
        String hot = washed.get("content").toString().replaceFirst("\"chargeC\":[0-9.]+", "\"chargeC\":230.0");
        JsonNode celsius = lab.post("/api/plans/prediction", tried(washed, hot)).body();
        JsonNode fahrenheit = lab.post("/api/plans/prediction?fahrenheit=true", tried(washed, hot))
                .body();
        assertThat(celsius.get("trusted").asBoolean()).isFalse();
        assertThat(celsius.get("doubts").get(0).asString()).startsWith("A charge of 230 °C lies outside");
        assertThat(fahrenheit.get("doubts").get(0).asString()).startsWith("A charge of 446 °F lies outside");
    }

    @Test
    void theSearchChangesThePlanAndSaysWhat() {
        JsonNode found = lab.post(
                        "/api/plans/search",
                        tried(natural, natural.get("content").toString()))
                .body();
        assertThat(found.get("changes").size() + found.get("missed").size()).isPositive();
        assertThat(found.get("content").get("steps").size())
                .isEqualTo(natural.get("content").get("steps").size());
        assertThat(found.get("prediction").get("trusted").asBoolean()).isTrue();
    }

    @Test
    void aPlanIsKeptFromItsVersionOnly() {
        long id = washed.get("id").asLong();
        JsonNode plan = lab.get("/api/plans/" + id).body();
        String change = "{\"version\":%d,\"content\":%s}"
                .formatted(plan.get("version").asLong(), plan.get("content").toString());
        assertThat(lab.put("/api/plans/" + id, change).status()).isEqualTo(200);
        String next = "{\"version\":%d,\"content\":%s}"
                .formatted(
                        lab.get("/api/plans/" + id).body().get("version").asLong(),
                        plan.get("content").toString());
        String big = next.replaceFirst("\"greenG\":[0-9.]+", "\"greenG\":900.0");
        assertThat(lab.put("/api/plans/" + id, big)
                        .body()
                        .get("problems")
                        .get(0)
                        .get("message")
                        .asString())
                .isEqualTo("Batch is 900 g, allowed are 60 to 150 g");
        String stale = change.replaceFirst("\"version\":[0-9]+", "\"version\":99");
        assertThat(lab.put("/api/plans/" + id, stale).status()).isEqualTo(409);
    }

    @Test
    void wrongMovesAndTargetsAreNamed() {
        refuses("\"control\":\"gas\"", "\"control\":\"steam\"", "steam", "gas, air or drum");
        refuses("\"by\":\"bean-c\"", "\"by\":\"mood\"", "mood", "bean-c, total-s");
        refuses("\"dryEndS\"", "\"fragrance\"", "fragrance", "turningPointS, turningPointC");
    }

    private void refuses(String sound, String wrong, String... says) {
        String content = washed.get("content").toString().replaceFirst(sound, wrong);
        Answer refused = lab.post("/api/plans/prediction", tried(washed, content));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("problems").toString()).contains(says);
    }

    @Test
    void aRoasterWithoutAModelSaysSo() {
        long machine = lab.post("/api/machines", "{\"name\":\"Drum without a model\",\"drumCapacityG\":500}")
                .id();
        JsonNode plan = lab.post(
                        "/api/plans",
                        "{\"greenSampleId\":%d,\"machineId\":%d}"
                                .formatted(washed.get("greenSampleId").asLong(), machine))
                .body();
        String body = "{\"greenSampleId\":%d,\"machineId\":%d,\"content\":%s}"
                .formatted(
                        plan.get("greenSampleId").asLong(),
                        machine,
                        plan.get("content").toString());
        JsonNode prediction = lab.post("/api/plans/prediction", body).body();
        assertThat(prediction.get("available").asBoolean()).isFalse();
        assertThat(prediction.get("doubts").get(0).asString()).startsWith("Drum without a model has no model yet");
        assertThat(lab.post("/api/plans/search", body).status()).isEqualTo(409);
        assertThat(lab.post("/api/machines/" + machine + "/model", "")
                        .body()
                        .get("detail")
                        .asString())
                .startsWith("There is no log to fit to");
        assertThat(lab.get("/api/machines/" + machine + "/references").body()).isEmpty();
    }

    @Test
    void aTaintedSampleIsNotPlanned() {
        long lot = lab.lot("washed");
        long sample =
                lab.get("/api/lots/" + lot + "/samples").body().get(0).get("id").asLong();
        lab.put("/api/green-samples/" + sample + "/inspection", "{\"version\":0,\"content\":{\"mouldOrTaint\":true}}");
        Answer refused = lab.post("/api/plans", "{\"greenSampleId\":%d,\"machineId\":1}".formatted(sample));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().toString()).contains("not roasted and not tasted");
    }

    @Test
    void batchesAreWorkedOutForTheRoaster() {
        JsonNode batches = lab.post(
                        "/api/batches",
                        "{\"machineId\":1,\"roastedKg\":1.2,\"batchG\":140,\"lossPct\":14,\"roastS\":600,"
                                + "\"startsAt\":\"2027-01-04T09:00:00\"}")
                .body();
        assertThat(batches.get("batches").asInt()).isEqualTo(10);
        assertThat(batches.get("greenKg").asDouble()).isCloseTo(1.4, within(1e-9));
        assertThat(batches.get("finishesAt").asString()).isEqualTo("2027-01-04T11:02:30");
        assertThat(lab.post(
                                "/api/batches",
                                "{\"machineId\":1,\"roastedKg\":1.2,\"batchG\":900,\"lossPct\":14,\"roastS\":600}")
                        .body()
                        .toString())
                .contains("Batch is 900 g, allowed are 60 to 150 g");
    }

    @Test
    void schoolsAndMachinesAreEditedWithinReason() {
        JsonNode schools = lab.get("/api/schools").body();
        assertThat(lab.put("/api/schools", schools.toString()).status()).isEqualTo(200);
        assertThat(lab.put("/api/schools", "{\"schools\":[]}").status()).isEqualTo(422);
        JsonNode machine = lab.get("/api/machines/1").body();
        String entry = "{\"name\":\"Drum 1\",\"drumCapacityG\":150,\"settings\":%s}";
        String settings = machine.get("settings").toString();
        assertThat(lab.put("/api/machines/1", entry.formatted(settings)).status())
                .isEqualTo(200);
        String never = settings.replace(
                "\"kind\":\"rise-to\",\"probe\":\"bean\",\"value\":190.0",
                "\"kind\":\"rise-to\",\"probe\":\"bean\",\"value\":150.0");
        assertThat(lab.put("/api/machines/1", entry.formatted(never)).body().toString())
                .contains("Step 8: it waits for the bean probe to rise to 150 °C");
        assertThat(lab.put("/api/machines/1", entry.formatted(settings.replace("\"step\":1.0", "\"step\":0.0")))
                        .status())
                .isEqualTo(422);
    }
}
