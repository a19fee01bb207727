package barrowmist.server.today;

import barrowmist.server.cupping.CuppingService;
import barrowmist.server.cupping.CuppingViews.CuppingView;
import barrowmist.server.cupping.CuppingViews.SheetView;
import barrowmist.server.green.LotService;
import barrowmist.server.green.LotView;
import barrowmist.server.roast.RoastService;
import barrowmist.server.roast.RoastView;
import barrowmist.server.sample.SampleService;
import barrowmist.server.sample.SampleView;
import barrowmist.server.today.TodayView.TaskView;
import barrowmist.server.trace.TraceService;
import barrowmist.server.trace.TraceViews.TraceRow;
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

    private static final int NAMED = 3;

    private final LotService lots;
    private final RoastService roasts;
    private final SampleService samples;
    private final CuppingService cuppings;
    private final TraceService traces;

    TodayService(
            LotService lots, RoastService roasts, SampleService samples, CuppingService cuppings, TraceService traces) {
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
        List<RoastView> unmarked =
                all.stream().filter(r -> r.missingMarks() > 0).toList();
        List<RoastView> unmeasured =
                all.stream().filter(r -> !measured.contains(r.id())).toList();
        List<SheetView> halfFilled =
                sheets.stream().filter(s -> s.finalScore() == null).toList();
        List<RoastView> uncupped =
                all.stream().filter(r -> !sheeted.contains(r.id())).toList();
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
        task(tasks, "green", "Roast a first sample of", unroasted, LotView::name, "/green");

        Map<String, Integer> waiting = new LinkedHashMap<>();
        waiting.put("green", unroasted.size());
        waiting.put("roast", unmarked.size());
        waiting.put("sample", unmeasured.size());
        waiting.put("cupping", uncupped.size() + halfFilled.size());
        waiting.put("trace", open.size());
        return new TodayView(waiting, tasks);
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
