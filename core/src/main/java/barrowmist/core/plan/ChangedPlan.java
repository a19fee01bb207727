package barrowmist.core.plan;

import barrowmist.core.machine.thermal.BatchConditions;
import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.plan.ControlStep.Control;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * What a search may change of a plan, as a vector: the charge, °C, the gas at the charge, %, then the gas of each step,
 * %.
 */
final class ChangedPlan {

    private final BatchConditions batch;
    private final ControlPlan start;
    private final Finder.Limits limits;
    private final List<Integer> gasSteps;
    private final double[] from;

    ChangedPlan(BatchConditions batch, ControlPlan start, Finder.Limits limits) {
        this.batch = batch;
        this.start = start;
        this.limits = limits;
        gasSteps = IntStream.range(0, start.steps().size())
                .filter(i -> start.steps().get(i).control() == Control.GAS)
                .boxed()
                .toList();
        from = new double[2 + gasSteps.size()];
        from[0] = batch.chargeC();
        from[1] = start.atCharge().gasPct();
        for (int i = 0; i < gasSteps.size(); i++) {
            from[2 + i] = gasStep(2 + i).value();
        }
    }

    /** Where the search begins. */
    double[] from() {
        return from.clone();
    }

    double from(int i) {
        return from[i];
    }

    int size() {
        return from.length;
    }

    /** The step of the plan whose gas is the {@code i}th number, from 2 on. */
    ControlStep gasStep(int i) {
        return start.steps().get(gasSteps.get(i - 2));
    }

    BatchConditions batch(double[] x) {
        return batch.withCharge(x[0]);
    }

    ControlPlan plan(double[] x) {
        ControlLevels first = start.atCharge();
        List<ControlStep> steps = new ArrayList<>(start.steps());
        for (int i = 0; i < gasSteps.size(); i++) {
            int at = gasSteps.get(i);
            steps.set(at, steps.get(at).withValue(x[2 + i]));
        }
        return start.withSteps(new ControlLevels(x[1], first.airflowPct(), first.drumRpm()), steps);
    }

    double low(int i) {
        return Math.min(from[i], i == 0 ? limits.lowestChargeC() : limits.lowestGasPct());
    }

    double high(int i) {
        return Math.max(from[i], i == 0 ? limits.highestChargeC() : limits.highestGasPct());
    }

    /** A change that counts as one. */
    double unit(int i) {
        return i == 0 ? Finder.CHARGE_UNIT_C : Finder.GAS_UNIT_PCT;
    }

    /** The smallest change that can be set. */
    double step(int i) {
        return i == 0 ? 1 : limits.gasStepPct();
    }
}
