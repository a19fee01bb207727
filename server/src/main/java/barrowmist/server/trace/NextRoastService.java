package barrowmist.server.trace;

import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.plan.Prediction;
import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.trace.Cause;
import barrowmist.core.trace.ChangeSizing;
import barrowmist.core.trace.ChangeSizing.Sized;
import barrowmist.core.trace.Correction;
import barrowmist.core.trace.Finding;
import barrowmist.core.trace.NextPlan;
import barrowmist.core.trace.Traced;
import barrowmist.server.plan.ChangedView;
import barrowmist.server.plan.Foretelling;
import barrowmist.server.plan.Foretelling.ForetoldFigure;
import barrowmist.server.plan.Foretelling.Way;
import barrowmist.server.plan.PlanService;
import barrowmist.server.roast.MachineHistory;
import barrowmist.server.roast.RoastEntity;
import barrowmist.server.roast.RoastService;
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
        RoastEntity roast = roasts.get(roastId);
        Finding finding = traced.findings().stream()
                .filter(f -> f.correction().isPresent() && (cause == null || f.cause() == cause))
                .findFirst()
                .orElseThrow(NextRoastService::nothing);
        RoastAnalysis analysis = roasts.analyzed(roastId).analysis();
        ChangeSizing sizing = sizing(roast, analysis);
        Sized sized = sized(sizing, finding.correction().orElseThrow(), roast);
        NextPlan plan = sizing.plan(sized).orElseThrow(NextRoastService::nothing);
        Correction change = sized.correction();
        ChangedView what = new ChangedView(
                roastId,
                finding.cause().code(),
                change.text(),
                change.change(),
                change.from(),
                change.to(),
                change.unit());
        return plans.beginAgain(roast, plan.greenG(), plan.chargeC(), plan.controls(), what);
    }

    /**
     * A change with its size on this drum, and what it would make of the roast.
     *
     * @param foretold empty where the model of the drum may not be believed
     */
    public record SizedChange(Correction correction, String said, List<ForetoldFigure> foretold) {}

    @Transactional(readOnly = true)
    public SizedChange sized(RoastEntity roast, RoastAnalysis analysis, Correction change) {
        ChangeSizing sizing = sizing(roast, analysis);
        Optional<Function<Way, Prediction>> drum = foretelling.drum(roast);
        Sized sized = sized(sizing, change, roast);
        Optional<NextPlan> again = NextPlan.again(analysis, usual(roast), greenG(roast));
        Optional<NextPlan> next = sizing.plan(sized);
        List<ForetoldFigure> foretold = drum.isEmpty() || again.isEmpty() || next.isEmpty()
                ? List.of()
                : foretelling.between(
                        analysis.figures(),
                        drum.get().apply(way(again.get())),
                        drum.get().apply(way(next.get())));
        return new SizedChange(sized.correction(), sized.said(), foretold);
    }

    private Sized sized(ChangeSizing sizing, Correction change, RoastEntity roast) {
        return foretelling
                .drum(roast)
                .map(drum -> sizing.onDrum(
                        change,
                        roast.machine().settings().words(),
                        plan -> drum.apply(way(plan)).analysis()))
                .orElseGet(() -> sizing.house(change));
    }

    private ChangeSizing sizing(RoastEntity roast, RoastAnalysis analysis) {
        return new ChangeSizing(
                analysis, usual(roast), greenG(roast), rules.current().rules());
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
