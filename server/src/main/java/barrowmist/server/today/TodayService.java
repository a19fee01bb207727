package barrowmist.server.today;

import barrowmist.server.cupping.CuppingService;
import barrowmist.server.cupping.CuppingViews.CuppingView;
import barrowmist.server.cupping.CuppingViews.SheetView;
import barrowmist.server.green.GreenSampleService;
import barrowmist.server.green.GreenViews.GreenSampleView;
import barrowmist.server.green.LotService;
import barrowmist.server.green.LotView;
import barrowmist.server.plan.DayService;
import barrowmist.server.plan.DayViews.SlotView;
import barrowmist.server.plan.PlanService;
import barrowmist.server.plan.PlanViews.PlanView;
import barrowmist.server.roast.RoastService;
import barrowmist.server.roast.RoastView;
import barrowmist.server.sample.SampleService;
import barrowmist.server.sample.SampleView;
import barrowmist.server.today.TodayView.TaskView;
import barrowmist.server.trace.TraceService;
import barrowmist.server.trace.TraceViews.TraceRow;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Gathers what waits at each station. */
@Service
@Transactional(readOnly = true)
class TodayService {

    /** A roast that is older waits for nobody: it came with a history that was imported (house default). */
    private static final int CURRENT_DAYS = 14;

    private static final int NAMED = 3;

    private final LotService lots;
    private final RoastService roasts;
    private final SampleService samples;
    private final CuppingService cuppings;
    private final TraceService traces;
    private final GreenSampleService greenSamples;
    private final PlanService plans;
    private final DayService days;
    private final Clock clock;

    TodayService(
            LotService lots,
            RoastService roasts,
            SampleService samples,
            CuppingService cuppings,
            TraceService traces,
            GreenSampleService greenSamples,
            PlanService plans,
            DayService days,
            Clock clock) {
        this.greenSamples = greenSamples;
        this.plans = plans;
        this.days = days;
        this.clock = clock;
        this.lots = lots;
        this.roasts = roasts;
        this.samples = samples;
        this.cuppings = cuppings;
        this.traces = traces;
    }

    TodayView today() {
        List<RoastView> all = roasts.list();
        Map<Long, RoastView> byId = all.stream().collect(Collectors.toMap(RoastView::id, Function.identity()));
        Set<Long> measured = samples.list().stream().map(SampleView::roastId).collect(Collectors.toSet());
        List<SheetView> sheets = cuppings.list().stream()
                .map(CuppingView::sheets)
                .flatMap(List::stream)
                .toList();
        Set<Long> sheeted = sheets.stream().map(SheetView::roastId).collect(Collectors.toSet());

        List<LotView> unroasted =
                lots.list().stream().filter(l -> l.roasts() == 0).toList();
        Instant current = clock.instant().minus(CURRENT_DAYS, ChronoUnit.DAYS);
        List<RoastView> recent =
                all.stream().filter(r -> r.roastedAt().isAfter(current)).toList();
        List<RoastView> unmarked =
                recent.stream().filter(r -> r.missingMarks() > 0).toList();
        List<RoastView> unmeasured =
                recent.stream().filter(r -> !measured.contains(r.id())).toList();
        List<SheetView> halfFilled = sheets.stream()
                .filter(s -> s.finalScore() == null && byId.containsKey(s.roastId()))
                .toList();
        List<RoastView> uncupped =
                recent.stream().filter(r -> !sheeted.contains(r.id())).toList();
        List<TraceRow> open = traces.list().stream().filter(TraceService::waits).toList();

        List<TaskView> tasks = new ArrayList<>();
        open.forEach(row -> tasks.add(traced(row, byId.get(row.roastId()))));
        halfFilled.forEach(s -> tasks.add(new TaskView(
                "cupping",
                "Finish a sheet",
                name(byId.get(s.roastId())) + ": " + s.unscored().size() + " attributes to score",
                "/cupping/" + s.cuppingId() + "?sheet=" + s.id())));
        task(tasks, "cupping", "Cup", uncupped, TodayService::name, "/cupping");
        task(tasks, "sample", "Weigh, read and count", unmeasured, TodayService::name, one(unmeasured, "/sample"));
        task(tasks, "roast", "Mark missing events of", unmarked, TodayService::name, one(unmarked, "/roast"));
        List<SlotView> toRoast = toRoast(all);
        if (!toRoast.isEmpty()) {
            tasks.add(roastToday(toRoast));
        }
        List<GreenSampleView> unplanned = unplanned();
        task(tasks, "plan", "Plan", unplanned, GreenSampleView::lotName, planLink(unplanned));
        task(tasks, "green", "Roast a first sample of", unroasted, LotView::name, "/green");

        Map<String, Integer> waiting = new LinkedHashMap<>();
        waiting.put("green", unroasted.size());
        waiting.put("plan", unplanned.size() + toRoast.size());
        waiting.put("roast", unmarked.size());
        waiting.put("sample", unmeasured.size());
        waiting.put("cupping", uncupped.size() + halfFilled.size());
        waiting.put("trace", open.size());
        return new TodayView(waiting, tasks);
    }

    /** Samples that nobody has roasted or planned; a tainted one is neither. */
    private List<GreenSampleView> unplanned() {
        Set<Long> planned = plans.list().stream().map(PlanView::greenSampleId).collect(Collectors.toSet());
        return greenSamples.list().stream()
                .filter(s -> s.inspected() && s.roasts() == 0 && !s.stopped() && !planned.contains(s.id()))
                .toList();
    }

    /** Roasts of today's timetable whose sample has not been roasted today. */
    private List<SlotView> toRoast(List<RoastView> all) {
        LocalDate today = LocalDate.now(clock);
        Set<Long> roasted = all.stream()
                .filter(r -> LocalDate.ofInstant(r.roastedAt(), clock.getZone()).equals(today))
                .map(RoastView::greenSampleId)
                .collect(Collectors.toSet());
        return days.view(today).slots().stream()
                .filter(s -> !roasted.contains(s.greenSampleId()))
                .toList();
    }

    private static TaskView roastToday(List<SlotView> slots) {
        String samples = slots.size() == 1 ? "1 sample" : slots.size() + " samples";
        SlotView first = slots.get(0);
        String detail = "first %s at %02d:%02d"
                .formatted(
                        first.lotName(),
                        first.chargeAt().getHour(),
                        first.chargeAt().getMinute());
        return new TaskView("plan", "Roast " + samples + " today", detail, "/plan/day");
    }

    private static String planLink(List<GreenSampleView> unplanned) {
        return unplanned.size() == 1 ? "/plan/new?sample=" + unplanned.get(0).id() : "/plan/new";
    }

    private static TaskView traced(TraceRow row, RoastView roast) {
        boolean supported = "supported".equals(row.standing());
        String title = supported
                ? "Read why it tastes " + row.cause()
                : "A cup tastes " + row.cause() + " and the log does not say why";
        return new TaskView("trace", title, name(roast), "/trace/" + row.roastId());
    }

    private static String one(List<RoastView> roasts, String page) {
        return roasts.size() == 1 ? page + "/" + roasts.get(0).id() : page;
    }

    private static String name(RoastView r) {
        return r.lotName() + ", roast " + r.number();
    }

    private static <T> void task(
            List<TaskView> tasks, String station, String verb, List<T> what, Function<T, String> name, String link) {
        if (what.isEmpty()) {
            return;
        }
        String names = what.stream().limit(NAMED).map(name).collect(Collectors.joining("; "));
        String more = what.size() > NAMED ? "; and " + (what.size() - NAMED) + " more" : "";
        String things = station.equals("green") ? "lot" : station.equals("roast") ? "roast" : "sample";
        String title = verb + " " + what.size() + " " + things + (what.size() == 1 ? "" : "s");
        tasks.add(new TaskView(station, title, names + more, link));
    }
}
