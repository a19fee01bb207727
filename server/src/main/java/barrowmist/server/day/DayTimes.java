package barrowmist.server.day;

import barrowmist.core.day.DayPlan;
import barrowmist.core.day.FirstBatches;
import barrowmist.core.rest.RestSchool;
import barrowmist.core.rest.SharedTable;
import barrowmist.core.roast.KeyFigure;
import barrowmist.server.day.DayViews.DayContent;
import barrowmist.server.day.DayViews.DayItem;
import barrowmist.server.day.DayViews.DayView;
import barrowmist.server.day.DayViews.RestView;
import barrowmist.server.day.DayViews.SlotView;
import barrowmist.server.machine.MachineEntity;
import barrowmist.server.machine.MachineService;
import barrowmist.server.machine.MachineSettings;
import barrowmist.server.plan.PlanEntity;
import barrowmist.server.plan.PlanService;
import barrowmist.server.roast.RoastEntity;
import barrowmist.server.roast.RoastLists;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Works out the times of a day: when each roast is charged and dropped, and when they can be cupped. */
@Service
@Transactional(readOnly = true)
class DayTimes {

    private static final double USUAL_ROAST_S = 600;
    private static final DateTimeFormatter DAY_AND_TIME =
            DateTimeFormatter.ofPattern("EEE d MMM, HH:mm", Locale.ENGLISH);

    private final PlanService plans;
    private final MachineService machines;
    private final RoastLists roasts;
    private final ZoneId zone;

    DayTimes(PlanService plans, MachineService machines, RoastLists roasts, Clock clock) {
        this.plans = plans;
        this.machines = machines;
        this.roasts = roasts;
        this.zone = clock.getZone();
    }

    /** What is to be roasted, in the core's terms. */
    List<DayPlan.Item> items(DayContent content) {
        return withoutGaps(content).items().stream()
                .map(i -> item(i, content.lit()))
                .toList();
    }

    private DayPlan.Item item(DayItem item, LocalTime lit) {
        PlanEntity plan = plans.get(item.planId());
        double notBeforeS =
                item.notBefore() == null ? 0 : Math.max(0, item.notBefore().toSecondOfDay() - lit.toSecondOfDay());
        return new DayPlan.Item(
                item.planId(),
                plan.greenSample().lot().process(),
                plans.facts(plan).dense(),
                plan.content().chargeC(),
                roastS(plan),
                notBeforeS);
    }

    private static double roastS(PlanEntity plan) {
        var aim = plan.content().targets().get(KeyFigure.TOTAL_S);
        return aim == null ? USUAL_ROAST_S : aim.value();
    }

    /** A day with its times. */
    DayView view(LocalDate date, long version, DayContent asKept) {
        DayContent content = withoutGaps(asKept);
        MachineEntity machine = machine(content);
        MachineSettings settings = machine == null ? null : machine.settings();
        double preheatS = settings == null ? 0 : settings.warmUpS();
        double turnaroundS = settings == null ? 0 : settings.turnaroundS();
        FirstBatches first = settings == null ? FirstBatches.NONE : settings.first();
        double warmUpS = first.warmUpS(preheatS, turnaroundS);
        DayPlan day = DayPlan.of(items(content), new DayPlan.Pace(warmUpS, turnaroundS));
        LocalDateTime lit = date.atTime(content.lit());
        List<RoastEntity> roasted = content.items().isEmpty() ? List.of() : roasts.onDay(date, zone);
        List<SlotView> slots = new ArrayList<>();
        for (DayPlan.Slot s : day.slots()) {
            slots.add(slot(s, first.higherC(slots.size() + 1), lit, content, roasted));
        }
        boolean warmUp = first.warmUpBatch() && !slots.isEmpty();
        return new DayView(
                date,
                version,
                content,
                machine == null ? null : machine.name(),
                preheatS,
                warmUp ? after(lit, preheatS) : null,
                warmUp ? after(lit, preheatS + FirstBatches.WARM_UP_ROAST_S) : null,
                first.laterC(),
                turnaroundS,
                slots,
                day.chargeChanges(),
                day.settlings(),
                slots.isEmpty() ? null : after(lit, day.endS()),
                slots.isEmpty() ? null : rest(day, lit, content.rest()));
    }

    /** A plan that is gone leaves the rest of its day as it is. */
    private DayContent withoutGaps(DayContent content) {
        List<DayItem> there =
                content.items().stream().filter(i -> plans.exists(i.planId())).toList();
        return new DayContent(content.machineId(), content.lit(), there, content.rest());
    }

    private @Nullable MachineEntity machine(DayContent content) {
        if (content.machineId() != null) {
            return machines.get(content.machineId());
        }
        return content.items().isEmpty()
                ? null
                : plans.get(content.items().get(0).planId()).machine();
    }

    /** The roast of a plan: the one that followed it, else one of its sample that followed none. */
    private static @Nullable Long roastOf(PlanEntity plan, List<RoastEntity> roasted) {
        return roasted.stream()
                .filter(r -> Objects.equals(r.planId(), plan.id()))
                .findFirst()
                .or(() -> roasted.stream()
                        .filter(r -> r.planId() == null
                                && r.greenSample().id() == plan.greenSample().id())
                        .findFirst())
                .map(RoastEntity::id)
                .orElse(null);
    }

    private SlotView slot(
            DayPlan.Slot slot, double higherC, LocalDateTime lit, DayContent content, List<RoastEntity> roasted) {
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
                plan.greenSample().lot().process(),
                plan.greenSample().stage().label(),
                plan.content().chargeC() + higherC,
                plan.content().greenG(),
                slot.item().roastS(),
                after(lit, slot.chargeS()),
                after(lit, slot.dropS()),
                slot.settleS(),
                notBefore,
                roastOf(plan, roasted));
    }

    static LocalDateTime after(LocalDateTime lit, double s) {
        return lit.plusSeconds(Math.round(s));
    }

    private static RestView rest(DayPlan day, LocalDateTime lit, RestSchool school) {
        SharedTable table = SharedTable.of(
                day.slots().stream()
                        .map(x -> new SharedTable.Dropped(x.dropS(), x.item().process()))
                        .toList(),
                school);
        LocalDateTime opens = after(lit, table.opensS());
        LocalDateTime closes = after(lit, table.closesS());
        String what =
                day.slots().size() == 1 ? "The sample" : "All " + day.slots().size() + " samples";
        String text = table.together()
                ? "%s can be cupped on one table from %s to %s."
                        .formatted(what, DAY_AND_TIME.format(opens), DAY_AND_TIME.format(closes))
                : "The first sample closes %s, before the last one opens %s: cup them on two tables."
                        .formatted(DAY_AND_TIME.format(closes), DAY_AND_TIME.format(opens));
        return new RestView(table.together(), opens, closes, text);
    }
}
