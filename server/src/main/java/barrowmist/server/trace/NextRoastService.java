package barrowmist.server.trace;

import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.plan.Prediction;
import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.trace.Cause;
import barrowmist.core.trace.ChangeSizing;
import barrowmist.core.trace.ChangeSizing.Sized;
import barrowmist.core.trace.Correction;
import barrowmist.core.trace.Finding;
import barrowmist.core.trace.ForetoldDrum;
import barrowmist.core.trace.LaidOn;
import barrowmist.core.trace.NextPlan;
import barrowmist.core.trace.Traced;
import barrowmist.core.units.Wording;
import barrowmist.server.plan.ChangedView;
import barrowmist.server.plan.Foretelling;
import barrowmist.server.plan.Foretelling.ForetoldFigure;
import barrowmist.server.plan.Foretelling.Way;
import barrowmist.server.plan.PlanService;
import barrowmist.server.roast.MachineHistory;
import barrowmist.server.roast.RoastEntity;
import barrowmist.server.roast.RoastService;
import barrowmist.server.roast.RoastService.Analyzed;
import barrowmist.server.sample.SampleService;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.KeptInTurn;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Plans the next roast with the one change that a trace asks for. */
@Service
@KeptInTurn
public class NextRoastService {

    private final RoastService roasts;
    private final SampleService samples;
    private final PlanService plans;
    private final MachineHistory history;
    private final Foretelling foretelling;
    private final RuleService rules;

    NextRoastService(
            RoastService roasts,
            SampleService samples,
            PlanService plans,
            MachineHistory history,
            Foretelling foretelling,
            RuleService rules) {
        this.rules = rules;
        this.foretelling = foretelling;
        this.history = history;
        this.roasts = roasts;
        this.samples = samples;
        this.plans = plans;
    }

    /**
     * @param traced what the roast traces back to
     * @param cause whose change; that of the likeliest supported cause when it is left out
     * @return the number of the plan
     * @throws Conflict if no supported cause asks for a change of the roast
     */
    public long plan(long roastId, Traced traced, @Nullable Cause cause) {
        Analyzed a = roasts.analyzed(roastId);
        Finding finding = traced.findings().stream()
                .filter(f -> f.correction().isPresent() && (cause == null || f.cause() == cause))
                .findFirst()
                .orElseThrow(NextRoastService::nothing);
        Sized sized = sized(a, foretelling.drum(a.roast()), finding.correction().orElseThrow(), Wording.SI);
        NextPlan plan = sized.plan().orElseThrow(NextRoastService::nothing);
        Correction change = sized.correction();
        ChangedView what = new ChangedView(
                roastId,
                finding.cause().code(),
                change.text(),
                change.change(),
                change.from(),
                change.to(),
                change.unit());
        return plans.beginAgain(a.roast(), plan.greenG(), plan.chargeC(), plan.controls(), what);
    }

    /**
     * A change with its size on this drum, and what it would make of the roast.
     *
     * @param foretold empty where the model of the drum may not be believed
     * @param curve the roast with it; empty there too
     */
    public record SizedChange(Sized sized, List<ForetoldFigure> foretold, Optional<LaidOn.Next> curve) {}

    @Transactional(readOnly = true)
    public SizedChange sizedChange(Analyzed a, Correction change, Wording wording) {
        RoastEntity roast = a.roast();
        RoastAnalysis analysis = a.analysis();
        Optional<Foretelling.Drum> drum = foretelling.drum(roast);
        Sized sized = sized(a, drum, change, wording);
        Optional<NextPlan> again = NextPlan.again(analysis, usual(roast), greenG(roast));
        Optional<NextPlan> next = sized.plan();
        if (drum.isEmpty() || again.isEmpty() || next.isEmpty()) {
            return new SizedChange(sized, List.of(), Optional.empty());
        }
        Function<NextPlan, Prediction> foretold = plan -> drum.get().roast().apply(way(plan));
        return new SizedChange(
                sized,
                foretelling.between(analysis.figures(), foretold.apply(again.get()), foretold.apply(next.get())),
                LaidOn.curve(
                        analysis,
                        again.get(),
                        next.get(),
                        plan -> foretold.apply(plan).analysis()));
    }

    private Sized sized(Analyzed a, Optional<Foretelling.Drum> drumOf, Correction change, Wording wording) {
        RoastEntity roast = a.roast();
        ChangeSizing sizing = new ChangeSizing(
                a.analysis(),
                usual(roast),
                greenG(roast),
                rules.current().rules(),
                a.reference(),
                plans.targets(roast.planId()));
        Wording spoken = wording.on(roast.machine().settings().words());
        return drumOf.map(drum -> sizing.onDrum(
                        change,
                        spoken,
                        new ForetoldDrum(
                                plan -> drum.roast().apply(way(plan)).analysis(),
                                drum.model().calibration())))
                .orElseGet(() -> sizing.house(change, spoken));
    }

    private static ControlLevels usual(RoastEntity roast) {
        return roast.machine().drum().usualLevels();
    }

    private static Way way(NextPlan plan) {
        return new Way(plan.greenG(), plan.chargeC(), plan.controls());
    }

    private double greenG(RoastEntity roast) {
        return samples.figures(roast.id())
                .greenG()
                .orElseGet(() -> roast.machine()
                        .drum()
                        .usualG(history.weighedG(roast.machine().id())));
    }

    private static Conflict nothing() {
        return new Conflict("No supported cause of this roast asks for a change that can be planned.", Map.of());
    }
}
