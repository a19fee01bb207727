package barrowmist.server.today;

import barrowmist.core.cupping.Attribute;
import barrowmist.server.cupping.CuppedSheets;
import barrowmist.server.cupping.CuppingViews.SheetView;
import barrowmist.server.day.DayService;
import barrowmist.server.day.DayViews.SlotView;
import barrowmist.server.decision.DueLots;
import barrowmist.server.decision.DueLots.Waiting;
import barrowmist.server.green.GreenSampleService;
import barrowmist.server.green.GreenSampleService.Named;
import barrowmist.server.green.LotService;
import barrowmist.server.plan.PlanService;
import barrowmist.server.rest.TableTimes;
import barrowmist.server.roast.RoastEntity;
import barrowmist.server.roast.RoastLists;
import barrowmist.server.roast.RoastLists.Begun;
import barrowmist.server.sample.MeterService;
import barrowmist.server.sample.SampleService;
import barrowmist.server.store.StoreService;
import barrowmist.server.today.TodayView.TaskView;
import barrowmist.server.trace.KeptFindings;
import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Gathers what waits at each station. */
@Service
@Transactional(readOnly = true)
class TodayService {

    /** A roast that is older waits for nobody: it came with a history that was imported (house default). */
    private static final int CURRENT_DAYS = 14;

    private static final int DECIDED = 4;

    private final LotService lots;
    private final RoastLists roasts;
    private final SampleService samples;
    private final CuppedSheets cuppings;
    private final KeptFindings traces;
    private final MeterService meters;
    private final GreenSampleService greenSamples;
    private final PlanService plans;
    private final DayService days;
    private final DueLots lotsDue;
    private final StoreService store;
    private final TableTimes tables;
    private final Clock clock;

    TodayService(
            LotService lots,
            RoastLists roasts,
            SampleService samples,
            CuppedSheets cuppings,
            KeptFindings traces,
            MeterService meters,
            GreenSampleService greenSamples,
            PlanService plans,
            DayService days,
            DueLots lotsDue,
            StoreService store,
            TableTimes tables,
            Clock clock) {
        this.greenSamples = greenSamples;
        this.plans = plans;
        this.days = days;
        this.lotsDue = lotsDue;
        this.store = store;
        this.tables = tables;
        this.clock = clock;
        this.lots = lots;
        this.roasts = roasts;
        this.samples = samples;
        this.cuppings = cuppings;
        this.traces = traces;
        this.meters = meters;
    }

    /** What was roasted lately and still waits for something. */
    record Recent(List<Begun> unmarked, List<Begun> unmeasured, List<Begun> uncupped) {}

    TodayView today() {
        Recent recent = recent();
        List<SheetView> halfFilled = cuppings.halfFilled();
        List<String> unroasted = lots.unroasted();
        List<SlotView> toRoast = toRoast();
        List<Named> unplanned = unplanned();
        int open = (int) traces.countWaiting();

        List<TaskView> tasks = new ArrayList<>(clockTasks(toRoast));
        LocalDate today = LocalDate.now(clock);
        List<Waiting> due = lotsDue.soon();
        decide(tasks, open, halfFilled);
        TaskWords.lots(tasks, due, today);
        TaskWords.after(tasks, recent);
        TaskWords.waiting(tasks, "plan", "Plan", unplanned, Named::lotName, TaskWords.planLink(unplanned));
        TaskWords.waiting(tasks, "green", "Roast a first sample of", unroasted, name -> name, "/green");
        TaskWords.waiting(tasks, "green", "Measure again", store.due(), StoreService.Due::name, "/green");
        TaskWords.waiting(tasks, "sample", "Calibrate", meters.due(), name -> name, "/sample/meters");

        Map<String, Integer> waiting = new LinkedHashMap<>();
        waiting.put("green", unroasted.size());
        waiting.put("plan", unplanned.size() + toRoast.size());
        waiting.put("roast", recent.unmarked.size());
        waiting.put("sample", recent.unmeasured.size());
        waiting.put("cupping", recent.uncupped.size() + halfFilled.size());
        waiting.put("trace", open);
        waiting.put("decision", due.size());
        return new TodayView(waiting, tasks);
    }

    private Recent recent() {
        List<Begun> all = roasts.begun(clock.instant().minus(CURRENT_DAYS, ChronoUnit.DAYS));
        List<Long> ids = all.stream().map(Begun::id).toList();
        Set<Long> measured = samples.measured(ids);
        Set<Long> sheeted = cuppings.cupped(ids);
        return new Recent(
                all.stream().filter(r -> r.missingMarks() > 0).toList(),
                all.stream().filter(r -> !measured.contains(r.id())).toList(),
                all.stream().filter(r -> !sheeted.contains(r.id())).toList());
    }

    /** What has a clock time: when the table opens or closes, and the next roast of the day; earliest first. */
    private List<TaskView> clockTasks(List<SlotView> toRoast) {
        List<TaskView> out = new ArrayList<>();
        tables.next()
                .forEach(t -> out.add(TaskView.byTheClock(
                        "cupping", t.title(), TaskWords.names(t.samples(), n -> n), "/rest", t.at())));
        if (!toRoast.isEmpty()) {
            SlotView next = toRoast.get(0);
            String title =
                    toRoast.size() == 1 ? "The last roast of the day" : toRoast.size() + " samples to roast today";
            out.add(TaskView.byTheClock(
                    "plan",
                    title,
                    "next " + next.lotName(),
                    "/plan/day",
                    next.chargeAt().atZone(clock.getZone()).toInstant()));
        }
        out.sort(Comparator.comparing(TaskView::at));
        return out;
    }

    private void decide(List<TaskView> tasks, int open, List<SheetView> halfFilled) {
        traces.waiting(DECIDED).forEach(row -> tasks.add(TaskWords.traced(row)));
        if (open > DECIDED) {
            tasks.add(TaskView.atItsStation(
                    "trace",
                    "Read " + (open - DECIDED) + " more traces",
                    "cups that wait for an explanation",
                    "/trace"));
        }
        Map<Long, String> named = roasts
                .all(halfFilled.stream().map(SheetView::roastId).toList())
                .stream()
                .collect(Collectors.toMap(RoastEntity::id, RoastEntity::title));
        halfFilled.stream()
                .limit(DECIDED)
                .forEach(s -> tasks.add(TaskView.toDecide(
                        "cupping",
                        "Finish a sheet",
                        named.getOrDefault(s.roastId(), ""),
                        "/cupping/" + s.cuppingId() + "?sheet=" + s.id(),
                        s.unscored().size() + " of " + Attribute.values().length + " to score",
                        false)));
    }

    /** Samples that nobody has roasted or planned; a tainted one is neither. */
    private List<Named> unplanned() {
        Set<Long> planned = plans.plannedSamples();
        return greenSamples.unroasted().stream()
                .filter(s -> !planned.contains(s.id()))
                .toList();
    }

    /** Roasts of today's timetable that have not been roasted. */
    private List<SlotView> toRoast() {
        return days.view(LocalDate.now(clock)).slots().stream()
                .filter(s -> s.roastId() == null)
                .toList();
    }
}
