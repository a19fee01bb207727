package barrowmist.server.demo;

import barrowmist.core.cupping.Attribute;
import barrowmist.core.roast.csv.ReadOptions;
import barrowmist.server.cupping.CuppingService;
import barrowmist.server.cupping.CuppingViews.SheetEntry;
import barrowmist.server.cupping.SheetContent.CupMark;
import barrowmist.server.cupping.SheetContent.WordMark;
import barrowmist.server.cupping.SheetService;
import barrowmist.server.cupping.TableEntries.CuppingEntry;
import barrowmist.server.green.LotEntry;
import barrowmist.server.green.LotService;
import barrowmist.server.machine.LinkSettings;
import barrowmist.server.machine.MachineEntry;
import barrowmist.server.machine.MachineService;
import barrowmist.server.machine.MachineSettings;
import barrowmist.server.roast.ImportRequest;
import barrowmist.server.roast.ImportService;
import barrowmist.server.roast.RoastService;
import barrowmist.server.roast.RoastView;
import barrowmist.server.sample.SampleService;
import barrowmist.server.web.BeforeOpening;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Puts the demo laboratory into an empty one, and leaves any other alone. */
@Component
@Order(2)
@ConditionalOnProperty(name = "barrowmist.demo", havingValue = "true")
class DemoSeeder implements BeforeOpening {

    private static final LocalTime FIRST_BATCH = LocalTime.of(9, 10);
    private static final int MINUTES_BETWEEN_BATCHES = 14;
    private static final int CUPS = 5;
    private static final int ENTRIES = 3;

    private final LotService lots;
    private final MachineService machines;
    private final RoastService roasts;
    private final ImportService logs;
    private final SampleService samples;
    private final CuppingService cuppings;
    private final SheetService sheets;
    private final DemoGreen green;
    private final DemoTables tables;
    private final DemoRoastOff roastOff;
    private final DemoForms forms;
    private final Clock clock;
    private final int standInPort;

    DemoSeeder(
            LotService lots,
            MachineService machines,
            RoastService roasts,
            ImportService logs,
            SampleService samples,
            CuppingService cuppings,
            SheetService sheets,
            DemoGreen green,
            DemoTables tables,
            DemoRoastOff roastOff,
            DemoForms forms,
            Clock clock,
            @Value("${barrowmist.standin.port:8502}") int standInPort) {
        this.lots = lots;
        this.machines = machines;
        this.roasts = roasts;
        this.logs = logs;
        this.samples = samples;
        this.cuppings = cuppings;
        this.sheets = sheets;
        this.green = green;
        this.tables = tables;
        this.roastOff = roastOff;
        this.forms = forms;
        this.clock = clock;
        this.standInPort = standInPort;
    }

    @Override
    @Transactional
    public void prepare() {
        if (!lots.list().isEmpty()) {
            return;
        }
        LocalDate today = LocalDate.now(clock);
        MachineSettings settings =
                MachineSettings.usual(DemoLab.MACHINE_CAPACITY_G).withLink(LinkSettings.standIn(standInPort));
        long machineId = machines.add(new MachineEntry(DemoLab.MACHINE, DemoLab.MACHINE_CAPACITY_G, settings, null))
                .id();
        List<Long> lotIds = new ArrayList<>();
        List<LotEntry> entries = DemoLab.lots(today);
        for (LotEntry entry : entries) {
            lotIds.add(lots.add(entry).id());
        }
        List<DemoRoast> all = DemoLab.roasts();
        List<Long> roastIds = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            DemoRoast roast = all.get(i);
            roastIds.add(seed(
                    roast,
                    entries.get(roast.lot()),
                    lotIds.get(roast.lot()),
                    machineId,
                    batchTime(today, roast, i),
                    i));
        }
        green.seed(lotIds, machineId, today);
        tables.seed(roastIds.get(0));
        roastOff.seed(ofOneLot(all, roastIds));
        forms.seed();
    }

    /** The first roasts of the lot that was roasted most, for a roast-off. */
    private static List<Long> ofOneLot(List<DemoRoast> all, List<Long> roastIds) {
        return IntStream.range(0, all.size())
                .boxed()
                .collect(Collectors.groupingBy(i -> all.get(i).lot()))
                .values()
                .stream()
                .max(Comparator.comparingInt(List::size))
                .orElseThrow()
                .stream()
                .limit(ENTRIES)
                .map(roastIds::get)
                .toList();
    }

    private static LocalDateTime batchTime(LocalDate today, DemoRoast roast, int index) {
        return today.minusDays(roast.daysAgo()).atTime(FIRST_BATCH.plusMinutes((index % 5) * MINUTES_BETWEEN_BATCHES));
    }

    private long seed(DemoRoast demo, LotEntry lot, long lotId, long machineId, LocalDateTime at, int index) {
        byte[] log = demo.curve().csv(at.toString(), lot, index + 1L).getBytes(StandardCharsets.UTF_8);
        RoastView roast = logs.importLog(
                lotId,
                log,
                new ImportRequest(machineId, null, null, Optional.empty(), null, null, ReadOptions.NONE, false));
        if (demo.accepted()) {
            roasts.accept(roast.id(), true);
        }
        if (demo.bench() != null) {
            samples.keep(roast.id(), demo.bench().entry(demo.curve().greenG(index + 1L)));
        }
        if (demo.cup() != null) {
            Instant cuppedAt =
                    at.plusHours(demo.cup().restHours()).atZone(clock.getZone()).toInstant();
            cup(demo.cup(), roast.id(), cuppedAt, DemoLab.CUPPERS.get(index % DemoLab.CUPPERS.size()));
        }
        return roast.id();
    }

    private void cup(DemoRoast.Cup cup, long roastId, Instant cuppedAt, String cupper) {
        long cuppingId = cuppings.open(CuppingEntry.open(cuppedAt, CUPS, List.of(roastId)))
                .id();
        Map<String, Double> scores = new LinkedHashMap<>();
        for (Attribute a : Attribute.values()) {
            scores.put(a.field(), cup.scores()[a.ordinal()]);
        }
        List<CupMark> marks = IntStream.rangeClosed(1, CUPS)
                .mapToObj(n -> new CupMark(true, true, n <= cup.sweetCups(), "none", null))
                .toList();
        List<Integer> allCups = IntStream.rangeClosed(1, CUPS).boxed().toList();
        List<WordMark> words =
                cup.words().stream().map(w -> new WordMark(w, allCups, null)).toList();
        sheets.add(cuppingId, SheetEntry.of(roastId, null, cupper, scores, marks, words));
    }
}
