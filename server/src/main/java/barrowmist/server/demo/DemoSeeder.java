package barrowmist.server.demo;

import barrowmist.core.green.LotRules;
import barrowmist.server.green.LotService;
import barrowmist.server.machine.LinkSettings;
import barrowmist.server.machine.MachineEntry;
import barrowmist.server.machine.MachineService;
import barrowmist.server.machine.MachineSettings;
import barrowmist.server.web.BeforeOpening;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
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
    private static final int ENTRIES = 3;

    private final LotService lots;
    private final MachineService machines;
    private final DemoRoasts each;
    private final DemoPast past;
    private final DemoDecisions decisions;
    private final DemoProduction production;
    private final DemoGreen green;
    private final DemoTables tables;
    private final DemoRoastOff roastOff;
    private final DemoForms forms;
    private final Clock clock;
    private final int standInPort;

    DemoSeeder(
            LotService lots,
            MachineService machines,
            DemoRoasts each,
            DemoPast past,
            DemoDecisions decisions,
            DemoProduction production,
            DemoGreen green,
            DemoTables tables,
            DemoRoastOff roastOff,
            DemoForms forms,
            Clock clock,
            @Value("${barrowmist.standin.port:8502}") int standInPort) {
        this.lots = lots;
        this.machines = machines;
        this.each = each;
        this.past = past;
        this.decisions = decisions;
        this.production = production;
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
        List<LotRules.Entry> entries = DemoLab.lots(today);
        for (LotRules.Entry entry : entries) {
            lotIds.add(lots.add(entry).id());
        }
        List<DemoRoast> all = DemoLab.roasts();
        List<Long> roastIds = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            DemoRoast roast = all.get(i);
            roastIds.add(each.seed(
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
        past.seed(machineId, today);
        decisions.seed();
        production.seed(lotIds.get(DemoProduction.LOT), entries.get(DemoProduction.LOT), today);
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
}
