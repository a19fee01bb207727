package barrowmist.server;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.roast.KnownLog;
import barrowmist.server.Lab.Answer;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.IntFunction;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** Several people at the very same moment: nothing is counted twice, nothing is lost, nobody meets an error. */
@LabTest
class TwoAtOnceTest {

    private static final int PEOPLE = 8;

    private final Lab lab;
    private long lotId;

    TwoAtOnceTest(@Autowired MockMvc mvc) {
        lab = new Lab(mvc);
    }

    @BeforeEach
    void enterLot() {
        lotId = lab.lot("washed");
    }

    private static List<Answer> together(IntFunction<Answer> each) throws Exception {
        CyclicBarrier start = new CyclicBarrier(PEOPLE);
        ExecutorService people = Executors.newFixedThreadPool(PEOPLE);
        try {
            List<Future<Answer>> answers = new ArrayList<>();
            for (int i = 0; i < PEOPLE; i++) {
                int person = i;
                answers.add(people.submit(() -> {
                    start.await();
                    return each.apply(person);
                }));
            }
            List<Answer> out = new ArrayList<>();
            for (Future<Answer> answer : answers) {
                out.add(answer.get());
            }
            return out;
        } finally {
            people.shutdown();
        }
    }

    private static List<Integer> statuses(List<Answer> answers) {
        return answers.stream().map(Answer::status).toList();
    }

    private long roast() {
        return lab.csv("/api/lots/" + lotId + "/roasts", KnownLog.csv(false)).id();
    }

    @Test
    void importsIntoOneLotGetNumbersOfTheirOwn() throws Exception {
        List<Answer> kept =
                together(i -> lab.csv("/api/lots/" + lotId + "/roasts?again=true", KnownLog.csv(i % 2 == 0)));
        assertThat(statuses(kept)).containsOnly(201);
        Set<Integer> numbers = new HashSet<>();
        kept.forEach(a -> numbers.add(a.body().get("number").asInt()));
        assertThat(numbers).containsExactlyInAnyOrder(1, 2, 3, 4, 5, 6, 7, 8);
    }

    @Test
    void oneLogIsKeptOnce() throws Exception {
        List<Answer> kept = together(i -> lab.csv("/api/lots/" + lotId + "/roasts", KnownLog.csv(true)));
        assertThat(statuses(kept)).containsOnlyOnce(201).containsOnly(201, 409);
        assertThat(lab.get("/api/lots/" + lotId + "/roasts").body().size()).isEqualTo(1);
    }

    @Test
    void firstSheetsAreAllKept() throws Exception {
        long roast = roast();
        long table = lab.post("/api/cuppings", "{}").id();
        List<Answer> kept = together(i -> lab.post(
                "/api/cuppings/" + table + "/sheets", "{\"roastId\":%d,\"cupper\":\"C%d\"}".formatted(roast, i)));
        assertThat(statuses(kept)).containsOnly(201);
        JsonNode there = lab.get("/api/cuppings/" + table).body();
        assertThat(there.get("sheets").size()).isEqualTo(PEOPLE);
        assertThat(there.get("roastIds").size()).isEqualTo(1);
    }

    @Test
    void aCupperWithTwoTabletsHasOneSheetASample() throws Exception {
        long roast = roast();
        JsonNode laid = lab.post("/api/cuppings", "{\"roastIds\":[%d],\"blind\":\"coded\"}".formatted(roast))
                .body();
        String table = "/api/cuppings/" + laid.get("id");
        String code = laid.get("samples").get(0).get("code").asString();
        List<Answer> kept =
                together(i -> lab.post(table + "/sheets", "{\"code\":\"%s\",\"cupper\":\"Ines\"}".formatted(code)));
        assertThat(statuses(kept)).containsOnly(201);
        assertThat(lab.get(table).body().get("progress").size()).isEqualTo(1);
    }

    @Test
    void firstBenchFiguresAndStudiesAreTaken() throws Exception {
        long roast = roast();
        assertThat(statuses(together(i -> lab.put(
                        "/api/roasts/" + roast + "/sample", "{\"greenG\":%d,\"roastedG\":100}".formatted(120 + i)))))
                .containsOnly(200);
        assertThat(statuses(together(i ->
                        lab.put("/api/roasts/" + roast + "/ageing", "{\"keptG\":80,\"days\":[%d]}".formatted(i + 1)))))
                .containsOnly(200);
    }

    @Test
    void aStageIsAddedOnce() throws Exception {
        List<Answer> added = together(i -> lab.post("/api/lots/" + lotId + "/samples", "{\"stage\":\"pre-shipment\"}"));
        assertThat(statuses(added)).containsOnlyOnce(201).containsOnly(201, 422);
        assertThat(lab.get("/api/lots/" + lotId + "/samples").body().size()).isEqualTo(2);
    }

    @Test
    void firstLimitsAndDaysAreTaken() throws Exception {
        String limits = "{\"protocol\":true,\"leastLossPct\":%d,\"mostLossPct\":16,\"mostGap\":8,\"mostQuakers\":0,"
                + "\"mostShells\":5}";
        assertThat(statuses(together(i -> lab.put("/api/bench/limits", limits.formatted(i + 1)))))
                .containsOnly(200);
        String day = "{\"content\":{\"lit\":\"08:%02d\",\"items\":[],\"rest\":\"protocol\"}}";
        assertThat(statuses(together(
                        i -> lab.put("/api/days/2026-03-%02d".formatted(lotId % 28 + 1), day.formatted(i)))))
                .containsOnly(200);
    }

    @Test
    void whatWasChangedMeanwhileIsNotOverwritten() {
        long roast = roast();
        long machine = lab.post("/api/machines", "{\"name\":\"Drum of %d\"}".formatted(lotId))
                .id();
        String lot = "{\"name\":\"%s\",\"supplier\":\"T\",\"origin\":\"Burundi\",\"process\":\"washed\","
                + "\"arrivalDate\":\"2026-01-05\",\"kg\":60%s}";
        changedTwice("/api/lots/" + lotId, lot.formatted("Hill", "%s"));
        changedTwice("/api/machines/" + machine, "{\"name\":\"Drum of " + lotId + "\",\"drumCapacityG\":150%s}");
        changedTwice("/api/roasts/" + roast + "/sample", "{\"greenG\":120%s}");
        changedTwice("/api/roasts/" + roast + "/ageing", "{\"keptG\":80,\"days\":[7]%s}");
        changedTwice("/api/green-limits", fields(lab.get("/api/green-limits").body()));
        changedTwice("/api/bench/limits", fields(lab.get("/api/bench/limits").body()));
        changedTwice("/api/schools", fields(lab.get("/api/schools").body()));
    }

    /** All fields but the version, which is put where {@code %s} stands. */
    private static String fields(JsonNode kept) {
        String json = kept.toString().replaceAll(",?\"version\":\\d+", "").replace("%", "%%");
        return json.substring(0, json.length() - 1) + "%s}";
    }

    private void changedTwice(String path, String body) {
        Answer first = lab.put(path, body.formatted(""));
        assertThat(first.status()).as("%s: %s", path, first.body()).isEqualTo(200);
        long version = first.body().get("version").asLong();
        Answer second = lab.put(path, body.formatted(",\"version\":" + version));
        assertThat(second.status()).as("%s: %s", path, second.body()).isEqualTo(200);
        // a change of nothing need not count, so something else is what makes the version old
        Answer stale = lab.put(
                path,
                body.formatted(",\"version\":" + (second.body().get("version").asLong() - 1)));
        assertThat(stale.status()).as("%s: %s", path, stale.body()).isEqualTo(409);
        assertThat(stale.body().get("detail").asString()).contains("Nothing was overwritten");
        assertThat(lab.put(path, body.formatted("")).status()).as(path).isEqualTo(200);
    }
}
