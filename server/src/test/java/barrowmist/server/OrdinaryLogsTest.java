package barrowmist.server;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.server.Lab.Answer;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** Logs with parts missing, as they are met: each is kept, says what it lacks, and no page fails for it. */
@LabTest
class OrdinaryLogsTest {

    private static final List<String> EVENTS = List.of("charge", "turning_point", "dry_end", "first_crack", "drop");
    private static final Map<String, Integer> AT =
            Map.of("charge", 0, "turning_point", 60, "dry_end", 300, "first_crack", 480, "drop", 590);
    private static final List<String> WAITED_FOR = List.of("charge", "dry_end", "first_crack", "drop");

    private final Lab lab;
    private long lotId;
    private long machineId;

    OrdinaryLogsTest(@Autowired MockMvc mvc) {
        lab = new Lab(mvc);
    }

    @BeforeEach
    void enter() {
        lotId = lab.lot("natural");
        machineId = lab.post("/api/machines", "{\"name\":\"Drum %d\"}".formatted(lotId))
                .id();
    }

    private static List<String> subset(int bits) {
        return IntStream.range(0, EVENTS.size())
                .filter(i -> (bits >> i & 1) == 1)
                .mapToObj(EVENTS::get)
                .toList();
    }

    private static String log(List<String> events, boolean gas) {
        StringBuilder csv = new StringBuilder(gas ? "time,bean_c,gas_pct,event\n" : "time,bean_c,event\n");
        for (int t = 0; t <= 600; t += 5) {
            int at = t;
            Optional<String> event =
                    events.stream().filter(e -> AT.get(e) == at).findFirst();
            double bean = t < 60 ? 190 - 1.6 * t : 90 + 118 * (1 - Math.exp(-(t - 60) / 280.0));
            csv.append(t).append(',').append(Math.round(10 * bean) / 10.0).append(',');
            csv.append(gas ? "70," : "").append(event.orElse("")).append('\n');
        }
        return csv.toString();
    }

    private List<Long> keepEverySubset() {
        List<Long> ids = new ArrayList<>();
        for (int bits = 0; bits < 1 << EVENTS.size(); bits++) {
            List<String> events = subset(bits);
            Answer kept = lab.csv(
                    "/api/lots/" + lotId + "/roasts?again=true&machineId=" + machineId, log(events, bits % 2 == 0));
            assertThat(kept.status()).as("events %s: %s", events, kept.body()).isEqualTo(201);
            long lacking = WAITED_FOR.stream().filter(e -> !events.contains(e)).count();
            assertThat(kept.body().get("missingMarks").asInt())
                    .as("events %s", events)
                    .isGreaterThanOrEqualTo((int) lacking);
            ids.add(kept.id());
        }
        return ids;
    }

    /** Every reading operation of the API document, asked for this roast and for all that it belongs to. */
    private List<String> everyReading(long roastId, boolean ofRoastOnly) {
        JsonNode roast = lab.get("/api/roasts/" + roastId).body();
        String sample = roast.get("greenSampleId").asString();
        List<String> paths = new ArrayList<>();
        lab.get("/v3/api-docs").body().get("paths").properties().forEach(p -> {
            String path = p.getKey();
            boolean asked = p.getValue().has("get")
                    && !path.endsWith("/stream")
                    && !path.startsWith("/api/photos")
                    && !path.contains("{name}")
                    && !path.contains("{sheetId}");
            if (!asked || ofRoastOnly && !path.contains("roasts/{id}")) {
                return;
            }
            String id = path.contains("roasts/")
                    ? String.valueOf(roastId)
                    : path.contains("green-samples/")
                            ? sample
                            : path.contains("machines/") ? "" + machineId : "" + lotId;
            paths.add(path.replace("{id}", id)
                            .replace("{lotId}", "" + lotId)
                            .replace("{machineId}", "" + machineId)
                            .replace("{date}", LocalDate.now().toString())
                    + (path.endsWith("charge-advice") || path.endsWith("most-like") ? "?machineId=" + machineId : "")
                    + (path.contains("/patterns") ? "?metric=chargeC&cause=baked&machineId=" + machineId : ""));
        });
        return paths;
    }

    @Test
    void everyPageLivesWithEveryRoast() {
        List<Long> ids = keepEverySubset();
        for (int i = 0; i < ids.size(); i++) {
            long id = ids.get(i);
            for (String path : everyReading(id, i > 0)) {
                // a table that was laid for scoring has neither: it says so
                boolean other = path.matches("/api/cuppings/\\d+/(difference|preference)");
                assertThat(lab.status(path))
                        .as("roast with %s at %s", subset(i), path)
                        .isIn(200, 404, other ? 409 : 200);
            }
            assertThat(lab.status("/api/roasts/" + id + "/analysis")).isEqualTo(200);
        }
    }

    @Test
    void everyRoastCanBeAcceptedWeighedCuppedPlannedAfterAndSetAside() {
        for (long id : keepEverySubset()) {
            String roast = "/api/roasts/" + id;
            assertThat(lab.put(roast + "/accepted", "{\"accepted\":true}").status())
                    .isEqualTo(200);
            assertThat(lab.put(roast + "/sample", "{\"greenG\":120,\"roastedG\":104}")
                            .status())
                    .isEqualTo(200);
            long table = lab.post("/api/cuppings", "{\"roastIds\":[%d],\"cups\":1}".formatted(id))
                    .id();
            Answer sheet = lab.post("/api/cuppings/" + table + "/sheets", """
                    {"attributes":{"fragranceAroma":7.5,"flavour":7.5,"aftertaste":7.25,"acidity":7.5,"body":7.5,
                     "balance":7.5,"overall":7.5},"words":[{"word":"flat","cups":1}]}""");
            assertThat(sheet.status()).as("%s", sheet.body()).isEqualTo(201);
            assertThat(lab.get(roast + "/trace").status()).isEqualTo(200);
            assertThat(lab.put(roast + "/ageing", "{\"keptG\":80,\"days\":[7]}").status())
                    .isEqualTo(200);
            String sample = lab.get(roast).body().get("greenSampleId").asString();
            assertThat(lab.post(
                                    "/api/plans",
                                    "{\"greenSampleId\":%s,\"machineId\":%d,\"templateRoastId\":%d}"
                                            .formatted(sample, machineId, id))
                            .status())
                    .isEqualTo(201);
        }
        for (String path : List.of(
                "/api/today",
                "/api/traces",
                "/api/rest/shelf",
                "/api/roasts",
                "/api/samples",
                "/api/lots/" + lotId + "/roasts",
                "/api/machines/" + machineId + "/references",
                "/api/machines/" + machineId + "/model",
                "/api/desks/" + machineId + "/day",
                "/api/rest/shelf.ics")) {
            assertThat(lab.status(path)).as(path).isEqualTo(200);
        }
        JsonNode model = lab.get("/api/machines/" + machineId + "/model").body();
        assertThat(model.get("withoutGas").asInt())
                .as("every log with charge and drop, and none has a column of the gas: %s", model)
                .isEqualTo(1 << EVENTS.size() - 2);
        assertThat(model.get("usableRoasts").asInt()).isZero();
        lab.get("/api/lots/" + lotId + "/roasts")
                .body()
                .forEach(r -> assertThat(
                                lab.put("/api/roasts/" + r.get("id") + "/discarded", "{\"reason\":\"no charge\"}")
                                        .status())
                        .isEqualTo(200));
    }
}
