package barrowmist.server.trace;

import barrowmist.core.cupping.CupUse;
import barrowmist.core.green.GreenFacts;
import barrowmist.core.rest.Rest;
import barrowmist.core.roast.Band;
import barrowmist.core.roast.EventKind;
import barrowmist.core.trace.Cause;
import barrowmist.core.trace.CupFacts;
import barrowmist.core.trace.TraceEngine;
import barrowmist.core.trace.TraceInput;
import barrowmist.core.trace.Traced;
import barrowmist.core.units.Wording;
import barrowmist.server.cupping.TracedCups;
import barrowmist.server.cupping.TracedCups.Cupped;
import barrowmist.server.green.GreenSampleService;
import barrowmist.server.rest.RestSettings;
import barrowmist.server.roast.MachineHistory;
import barrowmist.server.roast.RoastEntity;
import barrowmist.server.roast.RoastService;
import barrowmist.server.roast.RoastService.Analyzed;
import barrowmist.server.sample.BenchVerdicts;
import barrowmist.server.sample.SampleService;
import barrowmist.server.trace.TraceViews.CupWordView;
import barrowmist.server.trace.TraceViews.TraceView;
import barrowmist.server.web.KeptInTurn;
import barrowmist.server.web.Optionals;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Traces roasts: gathers what is known and asks the core. */
@Service
@KeptInTurn
public class TraceService {

    /** Batches are weighed to no less than this, g (house default). */
    private static final double LEAST_SPREAD_G = 1;

    private final RoastService roasts;
    private final SampleService samples;
    private final TracedCups cuppings;
    private final TableGathering tables;
    private final MachineHistory history;
    private final VerdictService verdicts;
    private final GreenSampleService greenSamples;
    private final BenchVerdicts bench;
    private final RestSettings rest;
    private final Clock clock;
    private final RuleService rules;
    private final NextRoastService next;

    TraceService(
            RoastService roasts,
            GreenSampleService greenSamples,
            SampleService samples,
            BenchVerdicts bench,
            RestSettings rest,
            TracedCups cuppings,
            TableGathering tables,
            MachineHistory history,
            VerdictService verdicts,
            RuleService rules,
            NextRoastService next,
            Clock clock) {
        this.verdicts = verdicts;
        this.rules = rules;
        this.next = next;
        this.tables = tables;
        this.history = history;
        this.greenSamples = greenSamples;
        this.bench = bench;
        this.rest = rest;
        this.roasts = roasts;
        this.samples = samples;
        this.cuppings = cuppings;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    TraceView trace(long roastId, Wording wording) {
        Cupped cupped = cuppings.of(roastId);
        Analyzed a = roasts.analyzed(roastId);
        TraceInput in = input(a, cupped);
        Wording spoken = wording.on(a.roast().machine().settings().words());
        RuleService.Book book = rules.current();
        Traced traced = book.engine().trace(in, spoken);
        List<CupWordView> words = in.cup().words().entrySet().stream()
                .map(e -> new CupWordView(e.getKey(), e.getValue()))
                .sorted(Comparator.comparingInt(CupWordView::cups).reversed())
                .toList();
        return TraceView.of(
                roastId,
                a.roast().settled(),
                in.cup().cups(),
                cupped.sheets().size(),
                cupped.scores().mean(),
                in.restHours(),
                words,
                cupped.leftOut(),
                traced,
                book.version(),
                verdicts.of(roastId),
                change -> next.sizedChange(a, change, wording));
    }

    /** The same in the core's terms, spoken in SI and in the words of its roaster. */
    @Transactional(readOnly = true)
    public Traced traced(long roastId) {
        Analyzed a = roasts.analyzed(roastId);
        Wording wording = Wording.SI.on(a.roast().machine().settings().words());
        return rules.current().engine().trace(input(a, cuppings.of(roastId)), wording);
    }

    /** All that is known of a roast. */
    @Transactional(readOnly = true)
    TraceInput known(long roastId) {
        return input(roasts.analyzed(roastId), cuppings.of(roastId));
    }

    /** The strongest finding of a roast, for lists. */
    record Summary(
            @Nullable String cause,
            @Nullable String standing,
            @Nullable String chance,
            double sound,
            @Nullable Double finalScore,
            @Nullable String cupCause,
            String words,
            Set<CupUse> counts) {}

    /** Empty for a roast without a finished sheet. */
    @Transactional(readOnly = true)
    Optional<Summary> summary(long roastId) {
        Cupped cupped = cuppings.of(roastId);
        if (cupped.sheets().isEmpty()) {
            return Optional.empty();
        }
        Double score = Optionals.orNull(cupped.scores().mean());
        TraceInput in = input(roasts.analyzed(roastId), cupped);
        TraceEngine engine = rules.current().engine();
        Traced traced = engine.trace(in, Wording.SI);
        String cup = engine.cupAlone(in.read().cup()).map(Cause::code).orElse(null);
        String words = KeptWords.of(in.cup());
        return Optional.of(traced.findings().stream()
                .findFirst()
                .map(f -> new Summary(
                        f.cause().code(),
                        f.standing().code(),
                        f.chance().label(),
                        traced.sound(),
                        score,
                        cup,
                        words,
                        cupped.counts()))
                .orElseGet(() -> new Summary(null, null, null, traced.sound(), score, cup, words, cupped.counts())));
    }

    private TraceInput input(Analyzed a, Cupped cupped) {
        GreenFacts green = greenSamples.facts(a.roast().greenSample());
        OptionalDouble rested = cupped.sheets().isEmpty()
                ? OptionalDouble.empty()
                : OptionalDouble.of(Rest.ageH(a.roast().droppedAt(), cupped.cuppedAt()));
        return new TraceInput(
                green,
                a.roast().greenSample().inspection(),
                roast(a),
                samples.figures(a.roast().id()),
                bench.limits(),
                CupFacts.of(cupped.sheets(), cupped.acidity()),
                rested.isPresent() && rested.getAsDouble() >= 0 ? rested : OptionalDouble.empty(),
                rest.school(green.process()),
                tables.of(a.roast()));
    }

    private TraceInput.Roast roast(Analyzed a) {
        RoastEntity roast = a.roast();
        return new TraceInput.Roast(
                a.analysis(),
                roast.machine().name(),
                a.reference(),
                Band.learn(history.weighedG(roast.machine().id()), LEAST_SPREAD_G),
                LocalDate.ofInstant(roast.roastedAt(), clock.getZone()),
                roast.madeFor(),
                roast.events().sinceCharge(EventKind.SECOND_CRACK));
    }
}
