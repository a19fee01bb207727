package barrowmist.core.plan;

import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.plan.ControlStep.Control;
import barrowmist.core.roast.RoastLog;
import barrowmist.core.roast.Series;
import java.util.ArrayList;
import java.util.List;

/**
 * How the controls are to move.
 *
 * @param atCharge where they stand at charge
 * @param steps the moves
 * @param drop the end
 */
public record ControlPlan(ControlLevels atCharge, List<ControlStep> steps, DropRule drop) {

    public ControlPlan {
        steps = List.copyOf(steps);
    }

    public ControlPlan withSteps(ControlLevels newAtCharge, List<ControlStep> newSteps) {
        return new ControlPlan(newAtCharge, newSteps, drop);
    }

    /**
     * The moves of a logged roast as a plan: each change of a control at the time it came.
     *
     * @param log readings since charge
     * @param usual where a control stands that the log lacks
     */
    public static ControlPlan of(RoastLog log, ControlLevels usual, DropRule drop, double endS) {
        List<ControlStep> steps = new ArrayList<>();
        double gas = moves(steps, log.gasPct(), Control.GAS, usual.gasPct(), endS);
        double air = moves(steps, log.airflowPct(), Control.AIR, usual.airflowPct(), endS);
        double drum = moves(steps, log.drumRpm(), Control.DRUM, usual.drumRpm(), endS);
        return new ControlPlan(new ControlLevels(gas, air, drum), steps, drop);
    }

    private static double moves(List<ControlStep> steps, Series values, Control control, double usual, double endS) {
        if (values.isEmpty()) {
            return usual;
        }
        double first = values.held(0);
        double standing = first;
        for (int i = values.indexFrom(0); i < values.size() && values.timeS(i) < endS; i++) {
            if (Math.abs(values.value(i) - standing) > LEAST_MOVE) {
                standing = values.value(i);
                steps.add(new ControlStep(new Trigger.AtTime(Math.round(values.timeS(i))), control, standing));
            }
        }
        return first;
    }

    /** A change smaller than this is the jitter of a sensor, % or 1/min (house default). */
    private static final double LEAST_MOVE = 0.5;
}
