package barrowmist.server.plan;

import barrowmist.core.green.Process;
import barrowmist.core.plan.Batches;
import barrowmist.core.plan.DayPlan;
import barrowmist.core.plan.PlanFigure;
import barrowmist.core.rest.RestSchool;
import barrowmist.server.plan.DayViews.BatchesEntry;
import barrowmist.server.plan.DayViews.BatchesView;
import barrowmist.server.plan.DayViews.DayChange;
import barrowmist.server.plan.DayViews.DayContent;
import barrowmist.server.plan.DayViews.DayItem;
import barrowmist.server.plan.DayViews.DayView;
import barrowmist.server.plan.DayViews.RestView;
import barrowmist.server.plan.DayViews.SlotView;
import barrowmist.server.roast.MachineEntity;
import barrowmist.server.roast.MachineService;
import barrowmist.server.roast.MachineSettings;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps days of roasting and works out their times. */
@Service
@Transactional
public class DayService {

    private static final LocalTime USUAL_START = LocalTime.of(8, 0);
    private static final double USUAL_ROAST_S = 600;
    private static final int MOST_ITEMS = 60;
    private static final double SECONDS_PER_HOUR = 3600;
    private static final DateTimeFormatter DAY_AND_TIME =
            DateTimeFormatter.ofPattern("EEE d MMM, HH:mm", Locale.ENGLISH);

    private final DayRepository days;
    private final PlanService plans;
    private final MachineService machines;

    DayService(DayRepository days, PlanService plans, MachineService machines) {
        this.days = days;
        this.plans = plans;
        this.machines = machines;
    }

    @Transactional(readOnly = true)
    public DayView view(LocalDate date) {
        return days.findById(date)
                .map(d -> view(date, d.version(), d.content()))
                .orElseGet(
                        () -> view(date, 0, new DayContent(null, USUAL_START, List.of(), label(RestSchool.PROTOCOL))));
    }

    public DayView keep(LocalDate date, DayChange change) {
        DayContent content = checked(change.content());
        DayEntity day = days.findById(date).orElseGet(() -> new DayEntity(date));
        Conflict.ifStale(change.version(), day.version(), "day");
        day.keep(content);
        DayEntity kept = days.saveAndFlush(day);
        return view(date, kept.version(), content);
    }

    /** The same day in the order that spares changes of the charge; nothing is kept. */
    @Transactional(readOnly = true)
    DayView ordered(LocalDate date, DayChange change) {
        DayContent content = checked(change.content());
        Map<Long, DayItem> byPlan = new LinkedHashMap<>();
        content.items().forEach(i -> byPlan.put(i.planId(), new DayItem(i.planId(), null)));
        List<DayItem> ordered = DayPlan.ordered(items(content)).stream()
                .map(i -> byPlan.get(i.key()))
                .toList();
        return view(
                date, change.version(), new DayContent(content.machineId(), content.lit(), ordered, content.rest()));
    }

    private DayContent checked(@Nullable DayContent content) {
        if (content == null || content.lit() == null) {
            throw new InputProblems("lit", "The time at which the drum is lit is missing, expected such as 08:00");
        }
        List<DayItem> items = content.items() == null ? List.of() : content.items();
        if (items.size() > MOST_ITEMS) {
            throw new InputProblems("items", "The day has " + items.size() + " roasts, at most " + MOST_ITEMS);
        }
        Set<Long> seen = new HashSet<>();
        items.stream().filter(i -> !seen.add(i.planId())).findFirst().ifPresent(i -> {
            throw new InputProblems("items", "A plan is in the day twice: make a second plan for a second roast");
        });
        rest(content.rest());
        return new DayContent(content.machineId(), content.lit(), items, content.rest());
    }

    private static RestSchool rest(@Nullable String name) {
        return Arrays.stream(RestSchool.values())
                .filter(s -> s.label().equals(name))
                .findFirst()
                .orElseThrow(() ->
                        new InputProblems("rest", "Rest is \"" + name + "\", expected protocol, drinking or late"));
    }

    private static String label(RestSchool school) {
        return school.label();
    }

    private List<DayPlan.Item> items(DayContent content) {
        return content.items().stream().map(i -> item(i, content.lit())).toList();
    }

    private DayPlan.Item item(DayItem item, LocalTime lit) {
        PlanEntity plan = plans.get(item.planId());
        double notBeforeS =
                item.notBefore() == null ? 0 : Math.max(0, item.notBefore().toSecondOfDay() - lit.toSecondOfDay());
        return new DayPlan.Item(
                item.planId(),
                plan.greenSample().lot().process(),
                plan.greenSample().facts().densityGPerL(),
                plan.content().chargeC(),
                roastS(plan),
                notBeforeS);
    }

    private static double roastS(PlanEntity plan) {
        var aim = plan.content().targets().get(PlanFigure.TOTAL_S.field());
        return aim == null ? USUAL_ROAST_S : aim.value();
    }

    private DayView view(LocalDate date, long version, DayContent content) {
        MachineEntity machine = machine(content);
        MachineSettings settings = machine == null ? null : machine.settings();
        double warmUpS = settings == null ? 0 : settings.warmUpS();
        double turnaroundS = settings == null ? 0 : settings.turnaroundS();
        DayPlan day = DayPlan.of(items(content), new DayPlan.Pace(warmUpS, turnaroundS));
        LocalDateTime lit = date.atTime(content.lit());
        List<SlotView> slots =
                day.slots().stream().map(s -> slot(s, lit, content)).toList();
        return new DayView(
                date,
                version,
                content,
                machine == null ? null : machine.name(),
                warmUpS,
                turnaroundS,
                slots,
                day.chargeChanges(),
                slots.isEmpty() ? null : after(lit, day.endS()),
                slots.isEmpty() ? null : rest(day, lit, rest(content.rest())));
    }

    private @Nullable MachineEntity machine(DayContent content) {
        if (content.machineId() != null) {
            return machines.get(content.machineId());
        }
        return content.items().isEmpty()
                ? null
                : plans.get(content.items().get(0).planId()).machine();
    }

    private SlotView slot(DayPlan.Slot slot, LocalDateTime lit, DayContent content) {
        PlanEntity plan = plans.get(slot.item().key());
        LocalTime notBefore = content.items().stream()
                .filter(i -> i.planId() == plan.id())
                .findFirst()
                .map(DayItem::notBefore)
                .orElse(null);
        return new SlotView(
                plan.id(),
                plan.greenSample().id(),
                plan.greenSample().lot().name(),
                plan.greenSample().lot().process().label(),
                plan.greenSample().stage().label(),
                plan.content().chargeC(),
                plan.content().greenG(),
                slot.item().roastS(),
                after(lit, slot.chargeS()),
                after(lit, slot.dropS()),
                slot.changed(),
                notBefore);
    }

    private static LocalDateTime after(LocalDateTime lit, double s) {
        return lit.plusSeconds(Math.round(s));
    }

    private static RestView rest(DayPlan day, LocalDateTime lit, RestSchool school) {
        double opensS = 0;
        double closesS = Double.MAX_VALUE;
        for (DayPlan.Slot slot : day.slots()) {
            Process process = slot.item().process();
            opensS = Math.max(opensS, slot.dropS() + school.opensH(process) * SECONDS_PER_HOUR);
            closesS = Math.min(closesS, slot.dropS() + school.closesH(process) * SECONDS_PER_HOUR);
        }
        LocalDateTime opens = after(lit, opensS);
        LocalDateTime closes = after(lit, closesS);
        boolean together = opensS <= closesS;
        String what =
                day.slots().size() == 1 ? "The sample" : "All " + day.slots().size() + " samples";
        String text = together
                ? "%s can be cupped on one table from %s to %s."
                        .formatted(what, DAY_AND_TIME.format(opens), DAY_AND_TIME.format(closes))
                : "The first sample closes %s, before the last one opens %s: cup them on two tables."
                        .formatted(DAY_AND_TIME.format(closes), DAY_AND_TIME.format(opens));
        return new RestView(together, opens, closes, text);
    }

    @Transactional(readOnly = true)
    BatchesView batches(BatchesEntry entry) {
        MachineSettings machine = machines.get(entry.machineId()).settings();
        double turnaroundS = entry.turnaroundS() == null ? machine.turnaroundS() : entry.turnaroundS();
        Batches.Wanted wanted =
                new Batches.Wanted(entry.roastedKg(), entry.batchG(), entry.lossPct(), entry.roastS(), turnaroundS);
        InputProblems.refuseIfAny(wanted.problems(machine.batchMinG(), machine.batchMaxG()));
        Batches batches = Batches.of(wanted);
        return new BatchesView(
                batches.batches(),
                batches.greenKg(),
                batches.roastedKg(),
                batches.durationS(),
                entry.startsAt() == null ? null : after(entry.startsAt(), batches.durationS()));
    }
}
