package barrowmist.server.demo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verifyNoInteractions;
import static org.mockito.Mockito.when;

import barrowmist.core.green.LotRules;
import barrowmist.core.green.Process;
import barrowmist.server.Lab;
import barrowmist.server.LabTest;
import barrowmist.server.green.LotService;
import barrowmist.server.green.LotView;
import barrowmist.server.machine.MachineService;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.TestPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

/** The demo laboratory tells the story that the README walks through. */
@LabTest
@TestPropertySource(properties = "barrowmist.demo=true")
class DemoLabTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 3, 2);
    private static final LotRules.Entry LOT = DemoLab.lots(TODAY).get(0);
    private final Lab lab;

    DemoLabTest(@Autowired MockMvc mvc) {
        lab = new Lab(mvc);
    }

    private Map<String, String> findings() {
        Map<Long, String> names = new HashMap<>();
        lab.get("/api/roasts")
                .body()
                .forEach(r -> names.put(
                        r.get("id").asLong(),
                        r.get("lotName").asString() + " " + r.get("number").asInt()));
        Map<String, String> findings = new HashMap<>();
        for (JsonNode row : DemoPastTest.traces(lab)) {
            if (row.get("cause") != null
                    && row.get("roastId").asLong() <= DemoLab.roasts().size()) {
                findings.put(
                        names.get(row.get("roastId").asLong()),
                        row.get("cause").asString() + ", " + row.get("standing").asString());
            }
        }
        return findings;
    }

    @Test
    void eachFaultIsTracedToItsCauseAndSoundRoastsToNone() {
        assertThat(findings())
                .containsExactlyInAnyOrderEntriesOf(Map.of(
                        "Gatovu Hill 2", "baked, supported",
                        "Mwendo Slope 2", "baked, supported",
                        "Serra Quimbroa 3", "scorched, supported",
                        "Kivumba Ridge 3", "underdeveloped, supported",
                        "Ostrelmo Terraces 3", "underdeveloped, supported",
                        "Kapenda Station 2", "baked, to-watch",
                        "Velquora Hollow 3", "baked, unexplained"));
    }

    @Test
    void theReferenceIsLearnedForWashedAndForNaturals() {
        int learned = 0;
        for (JsonNode roast : lab.get("/api/roasts").body()) {
            if (!roast.get("machineName").asString().equals("Drum 1")) {
                continue;
            }
            JsonNode charge = lab.get("/api/roasts/" + roast.get("id").asLong() + "/analysis")
                    .body()
                    .get("reference")
                    .get("chargeC");
            boolean usual =
                    List.of("washed", "natural").contains(roast.get("process").asString());
            assertThat(charge.get("learned").asBoolean()).isEqualTo(usual);
            learned += usual ? 1 : 0;
        }
        assertThat(learned).isGreaterThanOrEqualTo(16);
    }

    @Test
    void allIsInventedAndFromElsewhere() {
        List<LotRules.Entry> lots = DemoLab.lots(TODAY);
        assertThat(lots).hasSizeGreaterThanOrEqualTo(8);
        assertThat(lots)
                .extracting(LotRules.Entry::origin)
                .containsOnly(
                        "Burundi",
                        "Rwanda",
                        "Kenya",
                        "Honduras",
                        "Brazil",
                        "Nicaragua",
                        "Tanzania",
                        "Sumatra",
                        "Costa Rica");
        assertThat(lots).extracting(LotRules.Entry::supplier).hasSizeGreaterThan(4);
        assertThat(lots.stream().map(LotRules.Entry::supplier).distinct()).hasSize(4);
    }

    @Test
    void logsLookLikeARealProbes() {
        String csv = DemoLab.roasts().get(0).curve().csv("2026-03-02T09:10", LOT, 1);
        double[] times = csv.lines()
                .filter(l -> Character.isDigit(l.charAt(0)))
                .mapToDouble(l -> Double.parseDouble(l.split(",")[0]))
                .toArray();
        long lost = 0;
        for (int i = 1; i < times.length; i++) {
            lost += times[i] - times[i - 1] > 1.5 ? 1 : 0;
        }
        assertThat(lost).isBetween(3L, 40L);
        assertThat(csv)
                .isEqualTo(DemoLab.roasts().get(0).curve().csv("2026-03-02T09:10", LOT, 1))
                .isNotEqualTo(DemoLab.roasts().get(0).curve().csv("2026-03-02T09:10", LOT, 2));
    }

    /** Three who differ, two triangles of which one shows a difference, and a roast-off with a leader. */
    @Test
    void theTablesOfTheMonthSayWhatTheyWereMadeToSay() {
        Map<String, List<Long>> byKind = new HashMap<>();
        lab.get("/api/cuppings").body().forEach(c -> {
            if (c.get("blind").asString().equals("coded")
                    && !"value-assessment".equals(c.path("form").asString(""))) {
                byKind.computeIfAbsent(c.get("kind").asString(), k -> new ArrayList<>())
                        .add(c.get("id").asLong());
            }
        });
        // of the lab's own roasts are the two on which a change was proven
        List<Long> ofOffers = byKind.get("scoring").stream()
                .filter(id ->
                        lab.get("/api/cuppings/" + id).body().get("samples").size() == 5)
                .toList();
        assertThat(ofOffers).hasSize(3).allSatisfy(id -> {
            JsonNode panel = lab.get("/api/cuppings/" + id + "/panel").body();
            assertThat(panel.get("samples")).hasSize(5);
            Map<String, Double> offsets = new HashMap<>();
            panel.get("cuppers")
                    .forEach(c -> offsets.put(
                            c.get("name").asString(), c.get("offset").asDouble()));
            assertThat(offsets).hasSize(3);
            // the first offer lies under two codes
            assertThat(panel.get("cuppers"))
                    .allSatisfy(c -> assertThat(c.get("repeats").asDouble()).isBetween(0.0, 2.0));
            assertThat(offsets.get("Marit O.")).as("the strict one").isLessThan(-0.8);
        });
        assertThat(byKind.get("triangle").stream()
                        .map(id -> lab.get("/api/cuppings/" + id + "/difference")
                                .body()
                                .get("shown")
                                .asBoolean()))
                .containsExactlyInAnyOrder(true, false);
        assertThat(byKind.get("triage")).hasSize(1);
        assertThat(lab.get("/api/vocabulary/candidates").body().toString())
                .isEqualTo("[{\"word\":\"marzipan\",\"times\":3}]");
        assertThat(byKind.get("roast-off")).hasSize(1);
        JsonNode liked = lab.get("/api/cuppings/" + byKind.get("roast-off").get(0) + "/preference")
                .body();
        assertThat(liked.get("text").asString()).endsWith("roast 1 is preferred to every other.");
        assertThat(liked.get("own").asInt()).isEqualTo(2);
        assertThat(liked.get("withoutOwn").asString()).contains("roast 1");
        assertThat(liked.get("guesses").toString()).contains("\"originRight\":true", "\"originRight\":false");
        assertThat(liked.get("parties")).hasSize(3);
    }

    @Test
    void aLabWithLotsIsLeftAlone() {
        LotService lots = mock(LotService.class);
        MachineService machines = mock(MachineService.class);
        DemoRoasts roasts = mock(DemoRoasts.class);
        when(lots.list())
                .thenReturn(List.of(new LotView(
                        1,
                        "Own",
                        "S",
                        "O",
                        Process.WASHED,
                        TODAY,
                        60,
                        null,
                        null,
                        null,
                        null,
                        null,
                        null,
                        0,
                        0,
                        null)));
        new DemoSeeder(
                        lots,
                        machines,
                        roasts,
                        mock(DemoPast.class),
                        mock(DemoDecisions.class),
                        mock(DemoProduction.class),
                        mock(DemoGreen.class),
                        mock(DemoTables.class),
                        mock(DemoRoastOff.class),
                        mock(DemoForms.class),
                        Clock.systemUTC(),
                        8502)
                .prepare();
        verifyNoInteractions(machines, roasts);
    }
}
