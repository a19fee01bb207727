package barrowmist.server.batch;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.roast.KnownLog;
import barrowmist.server.Lab;
import barrowmist.server.LabTest;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** A plan that became a profile, and every batch against it, as a script would ask. */
@LabTest
class ProfileTest {

    private final Lab lab;

    ProfileTest(@Autowired MockMvc mvc) {
        lab = new Lab(mvc);
    }

    private long machine(String name) {
        return lab.post("/api/machines", "{\"name\":\"%s\",\"drumCapacityG\":1200}".formatted(name))
                .id();
    }

    private long lot(String name) {
        return lab.post(
                        "/api/lots",
                        "{\"name\":\"%s\",\"supplier\":\"T\",\"origin\":\"Kenya\",\"process\":\"washed\",\"arrivalDate\":\"2026-02-20\",\"kg\":60,\"moisturePct\":11}"
                                .formatted(name))
                .id();
    }

    private long plan(long lotId, long machineId) {
        long sample = lab.get("/api/lots/" + lotId + "/samples")
                .body()
                .get(0)
                .get("id")
                .asLong();
        Lab.Answer plan =
                lab.post("/api/plans", "{\"greenSampleId\":%d,\"machineId\":%d}".formatted(sample, machineId));
        assertThat(plan.status()).as("%s", plan.body()).isEqualTo(201);
        return plan.id();
    }

    private long roast(long lotId, long machineId, String at, String who) {
        Lab.Answer answer = lab.csv(
                "/api/lots/" + lotId + "/roasts?again=true&greenG=1000&roastedG=870&machineId=" + machineId,
                "# roasted_at: " + at + "\n# roasted_by: " + who + "\n" + KnownLog.csv(false));
        assertThat(answer.status()).isEqualTo(201);
        return answer.id();
    }

    private long profile(long planId, String more) {
        Lab.Answer answer = lab.post("/api/profiles", "{\"planId\":%d%s}".formatted(planId, more));
        assertThat(answer.status()).as("%s", answer.body()).isEqualTo(201);
        return answer.id();
    }

    private JsonNode batches(long profileId) {
        return lab.get("/api/profiles/" + profileId + "/batches").body();
    }

    @Test
    void aPlanBecomesAProfileAndEachFigureOfABatchIsInOrOut() {
        long drum = machine("Profile drum");
        long lot = lot("Profile Hill");
        long plan = plan(lot, drum);
        long id = profile(
                plan,
                ",\"figures\":[{\"name\":\"weightLossPct\",\"target\":13,\"tolerance\":0.5},{\"name\":\"dropC\",\"target\":150,\"tolerance\":2},{\"name\":\"colourGround\",\"target\":60,\"tolerance\":2}]");
        long roast = roast(lot, drum, "2026-03-02T09:10", "Ada");
        assertThat(batches(id).get("batches")).isEmpty();
        assertThat(lab.post("/api/profiles/" + id + "/batches", "{\"roastIds\":[" + roast + "]}")
                        .status())
                .isEqualTo(200);
        JsonNode batch = batches(id).get("batches").get(0);
        assertThat(batch.get("roastId").asLong()).isEqualTo(roast);
        assertThat(batch.get("person").asString()).isEqualTo("Ada");
        assertThat(figure(batch, "weightLossPct").get("in").asBoolean()).isTrue();
        assertThat(figure(batch, "weightLossPct").get("value").asDouble()).isEqualTo(13);
        assertThat(figure(batch, "dropC").get("in").asBoolean()).isFalse();
        assertThat(figure(batch, "colourGround").has("value"))
                .as("not measured")
                .isFalse();
        assertThat(figure(batch, "colourGround").get("in").asBoolean()).isFalse();
        JsonNode chart = batches(id).get("charts").get(0);
        assertThat(chart.has("centre")).as("one batch has no limits").isFalse();
        assertThat(chart.get("text").asString()).contains("Limits come with 8 batches");
    }

    private static JsonNode figure(JsonNode batch, String name) {
        for (JsonNode f : batch.get("figures")) {
            if (f.get("name").asString().equals(name)) {
                return f;
            }
        }
        throw new AssertionError(name);
    }

    @Test
    void withoutFiguresThePlanAndTheApprovedRoastSayThem() {
        long drum = machine("Target drum");
        long lot = lot("Target Hill");
        long plan = plan(lot, drum);
        long roast = roast(lot, drum, "2026-03-02T09:10", "Ada");
        lab.put("/api/roasts/" + roast + "/followed", "{\"planId\":" + plan + "}");
        lab.put("/api/roasts/" + roast + "/accepted", "{\"accepted\":true}");
        JsonNode p = lab.get("/api/profiles/" + profile(plan, "")).body();
        assertThat(p.get("name").asString()).isEqualTo("Target Hill on Target drum");
        List<String> names = new ArrayList<>();
        p.get("figures").forEach(f -> names.add(f.get("name").asString()));
        assertThat(names).contains("chargeC", "developmentPct", "weightLossPct").doesNotContain("colourGround");
    }

    @Test
    void aBatchIsLetGoOrHeldWithAReasonAndItsBagsAreFoundBothWays() {
        long drum = machine("Bag drum");
        long lot = lot("Bag Hill");
        long plan = plan(lot, drum);
        long id = profile(plan, "");
        long first = roast(lot, drum, "2026-03-02T09:10", "Ada");
        long second = roast(lot, drum, "2026-03-02T09:40", "Bo");
        lab.post("/api/profiles/" + id + "/batches", "{\"roastIds\":[%d,%d]}".formatted(first, second));
        String at = "/api/roasts/" + first + "/release";
        assertThat(lab.get(at).body().has("released")).isFalse();
        assertThat(lab.put(at, "{}").status()).isEqualTo(422);
        assertThat(lab.put(at, "{\"released\":false}").status()).as("no reason").isEqualTo(422);
        assertThat(lab.put(at, "{\"released\":true,\"bags\":[{\"bag\":\"\"},{\"bag\":\"X\",\"kg\":-1}]}")
                        .status())
                .isEqualTo(422);
        assertThat(lab.put(at, "{\"released\":true,\"bags\":[{\"bag\":\"K-7\",\"kg\":0.5},{\"bag\":\"K-8\"}]}")
                        .status())
                .isEqualTo(200);
        lab.put(
                "/api/roasts/" + second + "/release",
                "{\"released\":false,\"reason\":\"dark\",\"bags\":[{\"bag\":\"k-7\"}]}");
        JsonNode inBag = lab.get("/api/bags?bag=K-7").body();
        assertThat(inBag).hasSize(2);
        assertThat(inBag.get(0).get("lotName").asString()).isEqualTo("Bag Hill");
        assertThat(lab.get("/api/lots/" + lot + "/bags").body()).hasSize(3);
        // what is said again takes the place of what was said
        lab.put(at, "{\"released\":true,\"bags\":[{\"bag\":\"K-9\"}]}");
        assertThat(lab.get("/api/bags?bag=K-8").body()).isEmpty();
        assertThat(batches(id).get("outturn").asString()).isEqualTo("1 of 2 held (1.0 kg green): dark.");
        JsonNode release = lab.get(at).body();
        String stale = "{\"released\":false,\"reason\":\"dark\",\"version\":1}";
        assertThat(release.get("version").asLong()).isEqualTo(2);
        assertThat(lab.put(at, stale).status()).as("changed meanwhile").isEqualTo(409);
        assertThat(release.get("profiles")).hasSize(1);
        assertThat(release.get("released").asBoolean()).isTrue();
    }

    @Test
    void aNextVersionTakesThePlaceAndEachBatchCountsForTheOneThatHeld() {
        long drum = machine("Version drum");
        long lot = lot("Version Hill");
        long plan = plan(lot, drum);
        long first = profile(plan, ",\"name\":\"House\"");
        long roast = roast(lot, drum, "2026-03-02T09:10", "Ada");
        lab.post("/api/profiles/" + first + "/batches", "{\"roastIds\":[" + roast + "]}");
        long second = profile(plan, ",\"replaces\":" + first);
        assertThat(lab.get("/api/profiles/" + second).body().get("version").asInt())
                .isEqualTo(2);
        assertThat(lab.get("/api/profiles/" + second).body().get("name").asString())
                .isEqualTo("House");
        assertThat(lab.get("/api/profiles/" + first).body().get("replacedBy").asLong())
                .isEqualTo(second);
        assertThat(batches(first).get("batches")).hasSize(1);
        assertThat(batches(second).get("batches")).isEmpty();
        long third = profile(plan, "");
        assertThat(lab.get("/api/profiles/" + second).body().get("replacedBy").asLong())
                .as("approved once more without a word, it is the next version")
                .isEqualTo(third);
        assertThat(lab.post("/api/profiles", "{\"planId\":%d,\"replaces\":%d}".formatted(plan, first))
                        .status())
                .isEqualTo(409);
    }

    @Test
    void whatIsWrongIsRefusedWithItsName() {
        assertThat(lab.post("/api/profiles", "{}").status()).isEqualTo(422);
        assertThat(lab.post("/api/profiles", "{\"planId\":99999}").status()).isEqualTo(422);
        long drum = machine("Wrong drum");
        long lot = lot("Wrong Hill");
        long plan = plan(lot, drum);
        assertThat(lab.post(
                                "/api/profiles",
                                "{\"planId\":%d,\"figures\":[{\"name\":\"warmth\",\"target\":1,\"tolerance\":1}]}"
                                        .formatted(plan))
                        .status())
                .isEqualTo(422);
        assertThat(lab.post(
                                "/api/profiles",
                                "{\"planId\":%d,\"figures\":[{\"name\":\"dropC\",\"target\":200,\"tolerance\":0}]}"
                                        .formatted(plan))
                        .status())
                .isEqualTo(422);
        assertThat(lab.get("/api/profiles/99999").status()).isEqualTo(404);
        long id = profile(plan, "");
        long elsewhere = roast(lot, machine("Other drum"), "2026-03-02T09:10", "Ada");
        assertThat(lab.post("/api/profiles/" + id + "/batches", "{\"roastIds\":[" + elsewhere + "]}")
                        .status())
                .isEqualTo(422);
        assertThat(lab.post("/api/profiles/" + id + "/tables", "{}").status())
                .as("no approved roast")
                .isEqualTo(409);
    }

    @Test
    void itGoesOutAsAFileAndComesInAsATemplate() {
        long drum = machine("File drum");
        long lot = lot("File Hill");
        long plan = plan(lot, drum);
        long id = profile(
                plan,
                ",\"name\":\"=Sum\",\"figures\":[{\"name\":\"developmentPct\",\"target\":19.5,\"tolerance\":1},{\"name\":\"dropC\",\"target\":208,\"tolerance\":2}]");
        String csv = lab.text("/api/profiles/" + id + "/file.csv");
        assertThat(csv).contains("developmentPct,19.5,1.0").contains("# profile: =Sum");
        String json = lab.text("/api/profiles/" + id + "/file.json");
        assertThat(json).contains("barrowmist-profile");
        long sample =
                lab.get("/api/lots/" + lot + "/samples").body().get(0).get("id").asLong();
        for (String file : List.of(csv, json)) {
            Lab.Answer made = lab.post(
                    "/api/profiles/template",
                    "{\"file\":%s,\"greenSampleId\":%d,\"machineId\":%d}".formatted(Lab.quoted(file), sample, drum));
            assertThat(made.status()).as("%s", made.body()).isEqualTo(201);
            JsonNode begun =
                    lab.get("/api/plans/" + made.body().get("planId").asLong()).body();
            assertThat(begun.at("/content/targets/developmentPct/value").asDouble())
                    .isEqualTo(19.5);
            assertThat(begun.at("/content/targets/dropC/value").asDouble())
                    .as("a probe's reading does not carry over")
                    .isNotEqualTo(208);
        }
        assertThat(lab.post("/api/profiles/template", "{\"file\":\"hello\",\"greenSampleId\":" + sample + "}")
                        .status())
                .isEqualTo(422);
        assertThat(lab.post(
                                "/api/profiles/template",
                                "{\"file\":\"{\\\"format\\\":1}\",\"greenSampleId\":" + sample + "}")
                        .status())
                .isEqualTo(422);
    }
}
