package barrowmist.server.device;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.awaitility.Awaitility.await;

import barrowmist.core.desk.RoasterReading;
import barrowmist.core.machine.RoasterLinkSpec;
import barrowmist.server.Lab;
import barrowmist.server.LabTest;
import barrowmist.server.machine.LinkSettings;
import java.time.Duration;
import java.util.Map;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** Readings that another logger pushes, and what a trial of a link says. */
@LabTest
class LinkTest {

    private final Lab lab;
    private final RoasterLinks links;

    LinkTest(@Autowired MockMvc mvc, @Autowired RoasterLinks links) {
        lab = new Lab(mvc);
        this.links = links;
    }

    private long machine(String link) {
        String name = "Pushed " + System.nanoTime();
        long id = lab.post("/api/machines", "{\"name\":\"%s\",\"drumCapacityG\":150}".formatted(name))
                .id();
        String settings = lab.get("/api/machines/" + id)
                .body()
                .get("settings")
                .toString()
                .replaceFirst(",\"link\":\\{.*\\}\\}", "}");
        String with = settings.substring(0, settings.length() - 1) + ",\"link\":" + link + "}";
        assertThat(lab.put(
                                "/api/machines/" + id,
                                "{\"name\":\"%s\",\"drumCapacityG\":150,\"settings\":%s}".formatted(name, with))
                        .status())
                .isEqualTo(200);
        return id;
    }

    private static String link(String kind) {
        return """
                {"kind":"%s","host":"","port":502,"unitId":1,"table":"input","pollMs":50,"registers":{},"speed":1,
                "bean":{"lowC":5,"highC":300}}""".formatted(kind);
    }

    private static LinkSettings pushed() {
        return new LinkSettings(
                RoasterLinkSpec.Kind.PUSHED,
                "",
                502,
                1,
                RoasterLinkSpec.Table.INPUT,
                50,
                Map.of(),
                null,
                null,
                null,
                1,
                null,
                null);
    }

    @Test
    void whatIsPushedIsReadOnceAndInItsOrder() throws Exception {
        long id = machine(link("pushed"));
        try (RoasterLink link = links.open(id, pushed())) {
            assertThat(lab.post("/api/machines/" + id + "/readings", "{\"beanC\":187.4,\"gasPct\":60,\"clockS\":12}")
                            .status())
                    .isEqualTo(202);
            lab.post("/api/machines/" + id + "/readings", "{\"beanC\":188}");
            RoasterReading first = link.read();
            assertThat(first.beanC()).hasValue(187.4);
            assertThat(first.clockS()).hasValue(12);
            assertThat(first.environmentC()).isEqualTo(OptionalDouble.empty());
            assertThat(link.read().beanC()).hasValue(188);
            assertThatThrownBy(link::read).hasMessageContaining("No reading was pushed for 5 seconds");
        }
        assertThat(lab.post("/api/machines/999999/readings", "{\"beanC\":187.4}")
                        .status())
                .isEqualTo(404);
    }

    @Test
    void theDeskShowsWhatIsPushedAndDropsWhatLiesOutsideTheProbesRange() {
        long id = machine(link("pushed"));
        String readings = "/api/machines/" + id + "/readings";
        await().atMost(Duration.ofSeconds(20)).until(() -> {
            lab.post(readings, "{\"beanC\":%s}".formatted(150 + System.nanoTime() % 1000 / 1000.0));
            return status(id).equals("ok");
        });
        int before = refused(id);
        await().atMost(Duration.ofSeconds(20)).until(() -> {
            lab.post(readings, "{\"beanC\":301}");
            return refused(id) > before + 5;
        });
        assertThat(state(id).get("figures").has("beanC")).isFalse();
    }

    private JsonNode state(long id) {
        return lab.get("/api/desks/" + id + "?from=1000000").body().get("state");
    }

    private String status(long id) {
        return state(id).at("/link/status").asString();
    }

    private int refused(long id) {
        return state(id).at("/link/refused").asInt();
    }

    @Test
    void aTrialOfALinkSaysWhatItDoubts() {
        long id = machine(link("pushed"));
        lab.post("/api/machines/" + id + "/readings", "{\"beanC\":1}");
        Thread pushing = new Thread(() -> {
            for (int i = 0; i < 20; i++) {
                lab.post("/api/machines/" + id + "/readings", "{\"beanC\":2,\"gasPct\":600}");
            }
        });
        pushing.start();
        JsonNode tried = lab.post("/api/machines/" + id + "/link-test?fahrenheit=true", link("pushed"))
                .body();
        assertThat(tried.get("answered").asBoolean()).isTrue();
        assertThat(tried.get("doubts").get(0).asString()).startsWith("Bean reads 36 °F, outside of 41 °F to 572 °F");
        assertThat(tried.get("doubts").get(1).asString()).contains("Gas is at 600 %");
        JsonNode wrong = lab.post(
                        "/api/machines/" + id + "/link-test", link("pushed").replace("\"highC\":300", "\"highC\":1"))
                .body();
        assertThat(wrong.get("status").asInt()).isEqualTo(422);
    }
}
