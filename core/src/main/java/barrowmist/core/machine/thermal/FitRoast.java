package barrowmist.core.machine.thermal;

import barrowmist.core.green.GreenFacts;
import barrowmist.core.roast.RoastFigures;
import barrowmist.core.roast.RoastLog;
import barrowmist.core.roast.Series;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A roast that a machine's constants are fitted to.
 *
 * @param batch what went in
 * @param log readings since charge, gas among them
 * @param figures its milestones, drop included
 */
public record FitRoast(BatchConditions batch, RoastLog log, RoastFigures figures) {

    /** The environment at charge is read within so long of it, s (house default). */
    private static final double NEAR_CHARGE_S = 6;

    /**
     * A roast as a model is fitted to it; empty when it lacks gas, charge or drop.
     *
     * @param green what was roasted
     * @param greenG what was weighed in, g
     * @param sinceCharge readings since charge
     * @param roomC the room, °C
     */
    public static Optional<FitRoast> of(
            GreenFacts green, double greenG, RoastLog sinceCharge, RoastFigures figures, double roomC) {
        if (figures.chargeC().isEmpty()
                || figures.totalS().isEmpty()
                || sinceCharge.gasPct().isEmpty()) {
            return Optional.empty();
        }
        RoastLog log = sinceCharge.sliced(0, figures.totalS().getAsDouble());
        BatchConditions batch =
                BatchConditions.of(green, greenG, figures.chargeC().getAsDouble(), near(log.environmentC()), roomC);
        return Optional.of(new FitRoast(batch, log, figures));
    }

    private static OptionalDouble near(Series environment) {
        boolean there = !environment.isEmpty() && environment.timeS(0) <= NEAR_CHARGE_S;
        return there ? OptionalDouble.of(environment.value(0)) : OptionalDouble.empty();
    }
}
