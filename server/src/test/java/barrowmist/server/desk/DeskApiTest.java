package barrowmist.server.desk;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.server.Lab.Answer;
import barrowmist.server.LabTest;
import java.net.ServerSocket;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.annotation.DirtiesContext;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** The desk through the public API, reading the stand-in roaster by Modbus TCP, and each of the stand-in's faults. */
@LabTest
@DirtiesContext
class DeskApiTest extends DeskRig {

    @Autowired
    DeskApiTest(MockMvc mvc) {
        super(mvc);
    }

    @Test
    void aConnectionIsTriedBeforeItIsKept() {
        Answer good = lab.post("/api/machines/" + machineId + "/link-test", link("modbus"));
        assertThat(good.body().get("answered").asBoolean()).isTrue();
        assertThat(good.body().get("beanC").asDouble()).isBetween(20.0, 400.0);
        Answer nobody = lab.post(
                "/api/machines/" + machineId + "/link-test",
                link("modbus").replace("\"port\":" + modbusPort, "\"port\":1"));
        assertThat(nobody.body().get("answered").asBoolean()).isFalse();
        assertThat(nobody.body().get("text").asString()).contains("Nothing answers at 127.0.0.1, port 1");
        Answer beyond = lab.post(
                "/api/machines/" + machineId + "/link-test", link("modbus").replace("\"address\":6", "\"address\":60"));
        assertThat(beyond.body().get("text").asString()).contains("check the register map");
        assertThat(lab.post("/api/machines/" + machineId + "/link-test", link("smoke"))
                        .status())
                .isEqualTo(422);
    }

    @Test
    void whatTakesTheConnectionAndSaysNothingAsksForItsUnit() throws Exception {
        try (ServerSocket silent = new ServerSocket(0)) {
            Answer tried = lab.post(
                    "/api/machines/" + machineId + "/link-test",
                    link("modbus").replace("\"port\":" + modbusPort, "\"port\":" + silent.getLocalPort()));
            assertThat(tried.body().get("answered").asBoolean()).isFalse();
            assertThat(tried.body().get("text").asString()).endsWith("but unit 1 says nothing: check the unit.");
        }
    }

    @Test
    void aRoastIsLoggedKeptDiscardedAndTakenBack() throws Exception {
        charge();
        assertThat(lab.post(desk("/notes"), "{\"text\":\"smells of toast\"}").status())
                .isEqualTo(200);
        await("turned", s -> s.has("turning"));
        press("dry_end");
        assertThat(lab.post(desk("/batch"), "{\"greenSampleId\":" + sampleId + "}")
                        .status())
                .isEqualTo(409);
        endRoast();
        JsonNode view = lab.get(desk("")).body();
        long roastId = view.get("state").get("batch").get("roastId").asLong();
        assertThat(view.get("readings").get("timeS").size())
                .isEqualTo(view.get("seq").asInt());
        JsonNode roast = lab.get("/api/roasts/" + roastId).body();
        assertThat(roast.get("events").toString()).contains("charge", "dry_end", "drop");
        JsonNode review = lab.get("/api/roasts/" + roastId + "/review").body();
        assertThat(review.get("desk").get("notes").get(0).get("text").asString())
                .isEqualTo("smells of toast");
        assertThat(lab.get("/api/roasts/" + roastId + "/sample")
                        .body()
                        .get("greenG")
                        .asDouble())
                .isEqualTo(118);

        String aside = "/api/roasts/" + roastId + "/discarded";
        assertThat(lab.put(aside, "{\"reason\":\" \"}").status()).isEqualTo(422);
        assertThat(lab.put(aside, "{\"reason\":\"wrong beans\"}").status()).isEqualTo(200);
        assertThat(lab.get("/api/roasts/search?discarded=true")
                        .body()
                        .get("total")
                        .asInt())
                .isEqualTo(1);
        assertThat(lab.delete(aside).body().has("discardedReason")).isFalse();
        assertThat(lab.get("/api/roasts/search?discarded=true")
                        .body()
                        .get("total")
                        .asInt())
                .isZero();

        // a drop that was called too early is taken back with its roast, and the roast goes on
        int drop = view.get("state").get("entries").size();
        lab.put("/api/roasts/" + roastId + "/sample", "{\"greenG\":118,\"roastedG\":103}");
        Answer refused = lab.delete(desk("/entries/" + drop));
        assertThat(refused.body().get("detail").asString()).contains("The bench has figures");
        assertThat(state().get("phase").asString()).isEqualTo("cooling");
        assertThat(lab.get("/api/roasts/" + roastId).status()).isEqualTo(200);
        lab.put("/api/roasts/" + roastId + "/sample", "{\"greenG\":118}");
        assertThat(lab.delete(desk("/entries/" + drop)).status()).isEqualTo(200);
        assertThat(lab.get("/api/roasts/" + roastId).status()).isEqualTo(404);
        assertThat(state().get("phase").asString()).isEqualTo("roasting");
        endRoast();
        assertThat(lab.get(desk("/day")).body().get("batches").size()).isPositive();
    }

    @Test
    void silenceIsSaidMendsItselfAndLeavesAGap() throws Exception {
        charge();
        int before = gaps(state());
        panel("/trouble?kind=silence");
        await("silence noticed", s -> status(s).equals("lost"));
        panel("/trouble?kind=none");
        await("heard again", s -> status(s).equals("ok") && gaps(s) > before);
        endRoast();
    }

    @Test
    void aCableThatIsPulledIsSaidMendsItselfAndLeavesAGap() throws Exception {
        charge();
        int before = gaps(state());
        panel("/trouble?kind=disconnect");
        await("loss noticed", s -> status(s).equals("lost"));
        panel("/trouble?kind=none");
        await("connected again", s -> status(s).equals("ok") && gaps(s) > before);
        endRoast();
    }

    @Test
    void garbageIsNotKept() throws Exception {
        charge();
        int before = state().get("link").get("refused").asInt();
        panel("/trouble?kind=garbage");
        JsonNode state =
                await("garbage refused", s -> s.get("link").get("refused").asInt() > before + 40);
        assertThat(now(state)).as("time does not jump").isLessThan(400);
        panel("/trouble?kind=none");
        await("sense again", s -> status(s).equals("ok"));
        endRoast();
    }

    @Test
    void aFrozenProbeAndAnOpenOneAreNamed() throws Exception {
        charge();
        panel("/trouble?kind=frozen");
        await("frozen", s -> status(s).equals("frozen"));
        panel("/trouble?kind=open-probe");
        JsonNode open = await("open", s -> status(s).equals("probe"));
        assertThat(open.get("figures").has("beanC")).isFalse();
        assertThat(open.get("figures").get("environmentC").asDouble()).isPositive();
        panel("/trouble?kind=none");
        await("well again", s -> status(s).equals("ok"));
        endRoast();
    }

    @Test
    void aRoasterWithoutProbesIsTypedIn() throws Exception {
        setLink(link("by-hand"));
        lab.delete(desk("/batch"));
        assertThat(lab.post(desk("/batch"), "{\"greenSampleId\":" + sampleId + "}")
                        .status())
                .isEqualTo(200);
        assertThat(lab.post(desk("/readings"), "{\"beanC\":190}")
                        .body()
                        .get("link")
                        .get("status")
                        .asString())
                .isEqualTo("by-hand");
        assertThat(lab.post(desk("/readings"), "{\"beanC\":1900}").status()).isEqualTo(422);
        assertThat(lab.post(desk("/readings"), "{}").status()).isEqualTo(422);
        assertThat(state().get("gate").get("beanC").asDouble()).isEqualTo(190);
        assertThat(lab.delete(desk("/batch")).status()).isEqualTo(200);
        setLink(link("modbus"));
    }

    @Test
    void aLogIsPlayedAgainAndTheSimulatorNeedsNoRoaster() throws Exception {
        String replay = "/api/machines/" + machineId + "/link-test";
        assertThat(lab.post(replay, link("replay")).body().get("answered").asBoolean())
                .isFalse();
        StringBuilder log = new StringBuilder("time,bean_c\n");
        for (int s = 0; s < 60; s++) {
            log.append(s).append(',').append(190 - s).append('\n');
        }
        assertThat(lab.putCsv("/api/machines/" + machineId + "/replay", "no log")
                        .status())
                .isEqualTo(422);
        assertThat(lab.putCsv("/api/machines/" + machineId + "/replay", log.toString())
                        .status())
                .isEqualTo(204);
        assertThat(lab.post(replay, link("replay")).body().get("beanC").asDouble())
                .isBetween(130.0, 190.0);
        assertThat(lab.post(replay, link("simulated")).body().get("answered").asBoolean())
                .isTrue();
    }
}
