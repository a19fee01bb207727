package barrowmist.server.trace;

import barrowmist.core.trace.Cause;
import barrowmist.core.trace.Correction;
import barrowmist.core.trace.Finding;
import barrowmist.core.trace.NextPlan;
import barrowmist.core.units.Wording;
import barrowmist.server.plan.ChangedView;
import barrowmist.server.plan.PlanService;
import barrowmist.server.roast.MachineHistory;
import barrowmist.server.roast.RoastEntity;
import barrowmist.server.roast.RoastService;
import barrowmist.server.sample.SampleService;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.KeptInTurn;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Plans the next roast with the one change that a trace asks for. */
@Service
@KeptInTurn
public class NextRoastService {

    /** Gas is eased by so much where a phase is to be longer or shorter, % of full (house default). */
    private static final double GAS_STEP_PCT = 6;

    private final TraceService traces;
    private final RoastService roasts;
    private final SampleService samples;
    private final PlanService plans;
    private final MachineHistory history;

    NextRoastService(
            TraceService traces,
            RoastService roasts,
            SampleService samples,
            PlanService plans,
            MachineHistory history) {
        this.history = history;
        this.traces = traces;
        this.roasts = roasts;
        this.samples = samples;
        this.plans = plans;
    }

    /**
     * @param cause whose change; that of the likeliest supported cause when it is left out
     * @return the number of the plan
     * @throws Conflict if no supported cause asks for a change of the roast
     */
    long plan(long roastId, @Nullable Cause cause) {
        RoastEntity roast = roasts.get(roastId);
        Wording wording = Wording.SI.on(roast.machine().settings().words());
        Finding finding = traces.traced(roastId, wording).findings().stream()
                .filter(f -> f.correction().isPresent() && (cause == null || f.cause() == cause))
                .findFirst()
                .orElseThrow(NextRoastService::nothing);
        Correction change = finding.correction().orElseThrow();
        double greenG = samples.figures(roastId)
                .greenG()
                .orElseGet(() -> roast.machine()
                        .drum()
                        .usualG(history.weighedG(roast.machine().id())));
        Optional<NextPlan> next = NextPlan.of(
                roasts.analyzed(roastId).analysis(),
                roast.machine().drum().usualLevels(),
                greenG,
                change,
                GAS_STEP_PCT);
        NextPlan plan = next.orElseThrow(NextRoastService::nothing);
        ChangedView what = new ChangedView(roastId, finding.cause().code(), change.text());
        return plans.beginAgain(roast, plan.greenG(), plan.chargeC(), plan.controls(), what);
    }

    private static Conflict nothing() {
        return new Conflict("No supported cause of this roast asks for a change that can be planned.", Map.of());
    }
}
