package barrowmist.server.trace;

import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.trace.Cause;
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
        Correction change = finding.correction().orElseThrow();
        NextPlan plan = next(roast, roasts.analyzed(roastId).analysis(), change).orElseThrow(NextRoastService::nothing);
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

    /** What a change would make of a roast, on the model of its drum; empty where that may not be believed. */
    @Transactional(readOnly = true)
    public List<ForetoldFigure> foretold(RoastEntity roast, RoastAnalysis analysis, Correction change) {
        Optional<NextPlan> again =
                NextPlan.again(analysis, roast.machine().drum().usualLevels(), greenG(roast));
        Optional<NextPlan> next = next(roast, analysis, change);
        return again.isEmpty() || next.isEmpty()
                ? List.of()
                : foretelling.of(roast, analysis.figures(), way(again.get()), way(next.get()));
    }

    private static Way way(NextPlan plan) {
        return new Way(plan.greenG(), plan.chargeC(), plan.controls());
    }

    private Optional<NextPlan> next(RoastEntity roast, RoastAnalysis analysis, Correction change) {
        return NextPlan.of(
                analysis,
                roast.machine().drum().usualLevels(),
                greenG(roast),
                change,
                rules.current().rules());
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
