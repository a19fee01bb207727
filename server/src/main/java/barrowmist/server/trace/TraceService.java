package barrowmist.server.trace;

import barrowmist.core.cupping.HundredPointSheet;
import barrowmist.core.green.GreenFacts;
import barrowmist.core.trace.CupFacts;
import barrowmist.core.trace.Finding;
import barrowmist.core.trace.TraceEngine;
import barrowmist.core.trace.TraceInput;
import barrowmist.core.trace.TraceSettings;
import barrowmist.core.units.Wording;
import barrowmist.server.cupping.CuppingService;
import barrowmist.server.cupping.CuppingService.Cupped;
import barrowmist.server.roast.RoastService;
import barrowmist.server.roast.RoastService.Analyzed;
import barrowmist.server.sample.SampleService;
import barrowmist.server.trace.TraceViews.CupWordView;
import barrowmist.server.trace.TraceViews.FindingView;
import barrowmist.server.trace.TraceViews.TraceRow;
import barrowmist.server.trace.TraceViews.TraceView;
import barrowmist.server.web.Optionals;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Traces roasts: gathers what is known and asks the core. */
@Service
@Transactional
public class TraceService {

    private static final double DAYS_PER_MONTH = 30.4;
    private static final double MINUTES_PER_HOUR = 60;

    private final RoastService roasts;
    private final SampleService samples;
    private final CuppingService cuppings;
    private final Clock clock;
    private final TraceEngine engine = new TraceEngine(TraceSettings.DEFAULTS);

    TraceService(RoastService roasts, SampleService samples, CuppingService cuppings, Clock clock) {
        this.roasts = roasts;
        this.samples = samples;
        this.cuppings = cuppings;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    TraceView trace(long roastId, Wording wording) {
        Cupped cupped = cuppings.cupped(roastId);
        TraceInput in = input(roastId, cupped);
        List<FindingView> findings =
                engine.trace(in, wording).stream().map(FindingView::of).toList();
        List<CupWordView> words = in.cup().words().entrySet().stream()
                .map(e -> new CupWordView(e.getKey(), e.getValue()))
                .sorted(Comparator.comparingInt(CupWordView::cups).reversed())
                .toList();
        return new TraceView(
                roastId,
                roasts.get(roastId).settled(),
                in.cup().cups(),
                cupped.sheets().size(),
                Optionals.orNull(meanScore(cupped)),
                Optionals.orNull(in.restHours()),
                words,
                findings);
    }

    /** All cupped roasts with their strongest finding, newest first. */
    @Transactional(readOnly = true)
    public List<TraceRow> list() {
        Map<Long, Cupped> cupped = cuppings.cupped();
        return roasts.list().stream()
                .filter(r -> cupped.containsKey(r.id())
                        && !cupped.get(r.id()).sheets().isEmpty())
                .map(r -> row(r.id(), r.settled(), cupped.get(r.id())))
                .toList();
    }

    void settle(long roastId, boolean settled) {
        roasts.get(roastId).setSettled(settled);
    }

    private TraceRow row(long roastId, boolean settled, Cupped cupped) {
        Double score = Optionals.orNull(meanScore(cupped));
        return engine.trace(input(roastId, cupped), Wording.SI).stream()
                .findFirst()
                .map(f -> new TraceRow(
                        roastId, settled, score, f.cause().code(), f.standing().code()))
                .orElseGet(() -> new TraceRow(roastId, settled, score, null, null));
    }

    private static OptionalDouble meanScore(Cupped cupped) {
        return cupped.sheets().stream()
                .map(HundredPointSheet::finalScore)
                .flatMapToDouble(OptionalDouble::stream)
                .average();
    }

    private TraceInput input(long roastId, Cupped cupped) {
        Analyzed a = roasts.analyzed(roastId);
        GreenFacts green = a.roast().greenSample().facts();
        OptionalDouble rest = cupped.sheets().isEmpty()
                ? OptionalDouble.empty()
                : OptionalDouble.of(Duration.between(a.roast().roastedAt(), cupped.cuppedAt())
                                .toMinutes()
                        / MINUTES_PER_HOUR);
        LocalDate roasted = LocalDate.ofInstant(a.roast().roastedAt(), clock.getZone());
        double months = Math.max(0, ChronoUnit.DAYS.between(green.arrival(), roasted) / DAYS_PER_MONTH);
        return new TraceInput(
                green,
                a.analysis(),
                a.reference(),
                a.roast().machine().name(),
                samples.figures(roastId),
                CupFacts.of(cupped.sheets()),
                rest.isPresent() && rest.getAsDouble() >= 0 ? rest : OptionalDouble.empty(),
                months);
    }

    /** Whether the strongest finding of a row still waits for somebody to act on it. */
    public static boolean waits(TraceRow row) {
        return !row.settled() && row.standing() != null && !row.standing().equals(Finding.Standing.TO_WATCH.code());
    }
}
