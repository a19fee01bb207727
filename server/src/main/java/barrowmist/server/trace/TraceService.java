package barrowmist.server.trace;

import barrowmist.core.cupping.CuppingSheet;
import barrowmist.core.green.GreenFacts;
import barrowmist.core.rest.Rest;
import barrowmist.core.trace.CupFacts;
import barrowmist.core.trace.TraceEngine;
import barrowmist.core.trace.TraceInput;
import barrowmist.core.trace.TraceSettings;
import barrowmist.core.units.Wording;
import barrowmist.server.cupping.CuppedSheets;
import barrowmist.server.cupping.CuppedSheets.Cupped;
import barrowmist.server.green.GreenSampleService;
import barrowmist.server.rest.RestSettings;
import barrowmist.server.roast.RoastService;
import barrowmist.server.roast.RoastService.Analyzed;
import barrowmist.server.sample.BenchVerdicts;
import barrowmist.server.sample.SampleService;
import barrowmist.server.trace.TraceViews.CupWordView;
import barrowmist.server.trace.TraceViews.FindingView;
import barrowmist.server.trace.TraceViews.TraceView;
import barrowmist.server.web.KeptInTurn;
import barrowmist.server.web.Optionals;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Traces roasts: gathers what is known and asks the core. */
@Service
@KeptInTurn
public class TraceService {

    private final RoastService roasts;
    private final SampleService samples;
    private final CuppedSheets cuppings;
    private final GreenSampleService greenSamples;
    private final BenchVerdicts verdicts;
    private final RestSettings rest;
    private final Clock clock;
    private final TraceEngine engine = new TraceEngine(TraceSettings.DEFAULTS);

    TraceService(
            RoastService roasts,
            GreenSampleService greenSamples,
            SampleService samples,
            BenchVerdicts verdicts,
            RestSettings rest,
            CuppedSheets cuppings,
            Clock clock) {
        this.greenSamples = greenSamples;
        this.verdicts = verdicts;
        this.rest = rest;
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
                engine
                        .trace(
                                in,
                                wording.on(
                                        roasts.get(roastId).machine().settings().words()))
                        .stream()
                        .map(FindingView::of)
                        .toList();
        List<CupWordView> words = in.cup().words().entrySet().stream()
                .map(e -> new CupWordView(e.getKey(), e.getValue()))
                .sorted(Comparator.comparingInt(CupWordView::cups).reversed())
                .toList();
        return new TraceView(
                roastId,
                roasts.get(roastId).settled(),
                in.cup().cups(),
                cupped.sheets().size(),
                meanScore(cupped),
                in.restHours(),
                words,
                findings);
    }

    /** The strongest finding of a roast, for lists. */
    record Summary(
            @Nullable String cause,
            @Nullable String standing,
            @Nullable Double finalScore) {}

    /** Empty for a roast without a finished sheet. */
    @Transactional(readOnly = true)
    Optional<Summary> summary(long roastId) {
        Cupped cupped = cuppings.cupped(roastId);
        if (cupped.sheets().isEmpty()) {
            return Optional.empty();
        }
        Double score = Optionals.orNull(meanScore(cupped));
        return Optional.of(engine.trace(input(roastId, cupped), Wording.SI).stream()
                .findFirst()
                .map(f -> new Summary(f.cause().code(), f.standing().code(), score))
                .orElseGet(() -> new Summary(null, null, score)));
    }

    void settle(long roastId, boolean settled) {
        roasts.get(roastId).setSettled(settled);
    }

    private static OptionalDouble meanScore(Cupped cupped) {
        return cupped.sheets().stream()
                .map(CuppingSheet::finalScore)
                .flatMapToDouble(OptionalDouble::stream)
                .average();
    }

    private TraceInput input(long roastId, Cupped cupped) {
        Analyzed a = roasts.analyzed(roastId);
        GreenFacts green = greenSamples.facts(a.roast().greenSample());
        OptionalDouble rested = cupped.sheets().isEmpty()
                ? OptionalDouble.empty()
                : OptionalDouble.of(Rest.ageH(a.roast().droppedAt(), cupped.cuppedAt()));
        LocalDate roasted = LocalDate.ofInstant(a.roast().roastedAt(), clock.getZone());
        return new TraceInput(
                green,
                a.analysis(),
                a.reference(),
                a.roast().machine().name(),
                samples.figures(roastId),
                CupFacts.of(cupped.sheets()),
                rested.isPresent() && rested.getAsDouble() >= 0 ? rested : OptionalDouble.empty(),
                roasted,
                verdicts.limits(),
                rest.school(),
                a.roast().madeFor());
    }
}
