package barrowmist.server.desk;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.server.Lab;
import barrowmist.server.Lab.Answer;
import barrowmist.standin.StandIn;
import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.function.Predicate;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** A desk with the stand-in roaster on its Modbus line, for tests that roast at it. */
abstract class DeskRig {

    static final Duration LONG = Duration.ofSeconds(20);
    static final Duration POLL = Duration.ofMillis(20);
    final Lab lab;
    static StandIn standIn;
    static int modbusPort;
    static long machineId;
    static long sampleId;

    DeskRig(MockMvc mvc) {
        lab = new Lab(mvc);
    }

    @BeforeAll
    static void switchOn() throws Exception {
        modbusPort = free();
        standIn = StandIn.start(modbusPort, 0, 20);
        machineId = 0;
    }

    @BeforeEach
    void setUp() {
        if (machineId > 0) {
            return;
        }
        long lotId = lab.lot("washed");
        sampleId = lab.get("/api/lots/" + lotId + "/samples")
                .body()
                .get(0)
                .get("id")
                .asLong();
        machineId = lab.post("/api/machines", "{\"name\":\"Desk drum\",\"drumCapacityG\":150}")
                .id();
        setLink(link("modbus"));
    }

    @AfterAll
    static void switchOff() throws Exception {
        standIn.close();
    }

    static int free() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }

    String link(String kind) {
        return """
                {"kind":"%s","host":"127.0.0.1","port":%d,"unitId":1,"table":"holding","pollMs":50,"speed":20,
                 "registers":{"bean":{"address":0,"type":"i16","scale":0.1,"offset":0},
                 "environment":{"address":1,"type":"i16","scale":0.1,"offset":0},
                 "gas":{"address":2,"type":"i16","scale":0.1,"offset":0},
                 "pops":{"address":5,"type":"u16","scale":1,"offset":0},
                 "clock":{"address":6,"type":"u32","scale":0.01,"offset":0}}}
                """.formatted(kind, modbusPort);
    }

    void setLink(String link) {
        JsonNode machine = lab.get("/api/machines/" + machineId).body();
        String settings = machine.get("settings").toString();
        String without = settings.replaceFirst(",\"link\":\\{.*\\}\\}", "}");
        String with = without.substring(0, without.length() - 1) + ",\"link\":" + link + "}";
        assertThat(lab.put(
                                "/api/machines/" + machineId,
                                "{\"name\":\"Desk drum\",\"drumCapacityG\":150,\"settings\":" + with + "}")
                        .status())
                .isEqualTo(200);
    }

    void panel(String path) throws IOException, InterruptedException {
        HttpResponse<String> answer = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + standIn.panelPort() + path))
                                .POST(HttpRequest.BodyPublishers.noBody())
                                .build(),
                        HttpResponse.BodyHandlers.ofString());
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(200);
    }

    String desk(String rest) {
        return "/api/desks/" + machineId + rest;
    }

    JsonNode state() {
        return lab.get(desk("?from=1000000")).body().get("state");
    }

    static int gaps(JsonNode state) {
        return state.get("link").get("gaps").asInt();
    }

    JsonNode await(String what, Predicate<JsonNode> come) {
        return Awaitility.await(what).atMost(LONG).pollInterval(POLL).until(this::state, come);
    }

    static String status(JsonNode state) {
        return state.get("link").get("status").asString();
    }

    static double now(JsonNode state) {
        return state.get("nowS").asDouble();
    }

    /** Presses a key; one that came too soon after another is pressed again. */
    void press(String kind) {
        Answer answer = Awaitility.await(kind)
                .atMost(LONG)
                .pollDelay(POLL)
                .until(() -> lab.post(desk("/events"), "{\"kind\":\"" + kind + "\"}"), a -> a.status() != 409);
        assertThat(answer.status()).as(answer.body().toString()).isEqualTo(200);
    }

    void charge() throws IOException, InterruptedException {
        lab.delete(desk("/batch"));
        panel("/trouble?kind=none");
        panel("/preheat?c=190");
        assertThat(lab.post(desk("/batch"), "{\"greenSampleId\":" + sampleId + ",\"greenG\":118}")
                        .status())
                .isEqualTo(200);
        await(
                "connected",
                s -> status(s).equals("ok") && s.get("link").get("kept").asInt() > 3);
        panel("/charge?g=118");
        press("charge");
        await("under way", s -> now(s) > 15);
    }

    void endRoast() throws IOException, InterruptedException {
        press("drop");
        panel("/drop");
        await(
                "kept",
                s -> s.get("phase").asString().equals("cooling")
                        && s.get("batch").has("roastId"));
    }
}
