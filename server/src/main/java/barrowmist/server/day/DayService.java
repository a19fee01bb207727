package barrowmist.server.day;

import barrowmist.core.check.Checks;
import barrowmist.core.day.Batches;
import barrowmist.core.day.DayPlan;
import barrowmist.core.rest.RestSchool;
import barrowmist.server.day.DayViews.BatchesEntry;
import barrowmist.server.day.DayViews.BatchesView;
import barrowmist.server.day.DayViews.DayChange;
import barrowmist.server.day.DayViews.DayContent;
import barrowmist.server.day.DayViews.DayItem;
import barrowmist.server.day.DayViews.DayView;
import barrowmist.server.machine.MachineService;
import barrowmist.server.machine.MachineSettings;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps days of roasting and works out their times. */
@Service
@KeptInTurn
public class DayService {

    private static final LocalTime USUAL_START = LocalTime.of(8, 0);
    private static final int MOST_ITEMS = 60;
    private final DayRepository days;
    private final DayTimes times;
    private final MachineService machines;

    DayService(DayRepository days, DayTimes times, MachineService machines) {
        this.days = days;
        this.times = times;
        this.machines = machines;
    }

    @Transactional(readOnly = true)
    public DayView view(LocalDate date) {
        return days.findById(date)
                .map(d -> times.view(date, d.version(), d.content()))
                .orElseGet(
                        () -> times.view(date, 0, new DayContent(null, USUAL_START, List.of(), RestSchool.PROTOCOL)));
    }

    public DayView keep(LocalDate date, DayChange change) {
        DayContent content = checked(change.content());
        DayEntity day = days.findById(date).orElseGet(() -> new DayEntity(date));
        Conflict.ifStale(change.version(), day.version(), "day");
        day.keep(content);
        DayEntity kept = days.saveAndFlush(day);
        return times.view(date, kept.version(), content);
    }

    /** The same day in the order that spares changes of the charge; nothing is kept. */
    @Transactional(readOnly = true)
    DayView ordered(LocalDate date, DayChange change) {
        DayContent content = checked(change.content());
        Map<Long, DayItem> byPlan = new LinkedHashMap<>();
        content.items().forEach(i -> byPlan.put(i.planId(), new DayItem(i.planId(), null)));
        List<DayItem> ordered = DayPlan.ordered(times.items(content)).stream()
                .map(i -> byPlan.get(i.key()))
                .toList();
        return times.view(
                date,
                change.version() == null ? 0 : change.version(),
                new DayContent(content.machineId(), content.lit(), ordered, content.rest()));
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
        InputProblems.refuseIfAny(
                new Checks().chosen("rest", RestSchool.class, content.rest()).problems());
        return new DayContent(content.machineId(), content.lit(), items, content.rest());
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
                batches, entry.startsAt() == null ? null : DayTimes.after(entry.startsAt(), batches.durationS()));
    }
}
