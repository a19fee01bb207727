package barrowmist.core.trace;

import barrowmist.core.plan.ControlPlan;
import barrowmist.core.plan.ControlStep;
import barrowmist.core.plan.ControlStep.Control;
import java.util.Optional;

/**
 * A move of gas upwards.
 *
 * @param atS when, s
 * @param fromPct where it stood, % of full
 * @param toPct where it was put, % of full
 */
record GasRise(double atS, double fromPct, double toPct) {

    /** The largest one between two times of a roast that was logged; empty where the gas only falls. */
    static Optional<GasRise> largest(ControlPlan moves, double fromS, double toS) {
        GasRise largest = new GasRise(0, 0, 0);
        double standing = moves.atCharge().gasPct();
        for (ControlStep s : moves.steps()) {
            if (s.control() == Control.GAS) {
                GasRise rise = new GasRise(NextPlan.timeS(s), standing, s.value());
                standing = s.value();
                boolean within = rise.atS > fromS && rise.atS < toS;
                largest = within && rise.byPct() > largest.byPct() ? rise : largest;
            }
        }
        return Optional.of(largest).filter(r -> r.byPct() > 0);
    }

    double byPct() {
        return toPct - fromPct;
    }
}
