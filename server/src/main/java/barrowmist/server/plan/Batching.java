package barrowmist.server.plan;

import barrowmist.core.green.GreenFacts;
import barrowmist.core.green.Process;
import barrowmist.core.green.ScreenRange;
import barrowmist.core.plan.thermal.BatchConditions;
import barrowmist.core.plan.thermal.FitRoast;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.RoastFigures;
import barrowmist.core.roast.RoastLog;
import barrowmist.core.roast.Series;
import barrowmist.server.roast.MachineEntity;
import barrowmist.server.roast.RoastEntity;
import java.util.Optional;
import java.util.OptionalDouble;

/** What goes into the drum, from what is kept of a coffee and a roast. */
final class Batching {

    /** Share of the drum that is usually filled where nobody weighed. */
    private static final double USUAL_FILL = 0.8;

    private static final double USUAL_CAPACITY_G = 150;
    private static final double NEAR_CHARGE_S = 6;

    private Batching() {}

    static BatchConditions of(
            GreenFacts green, double greenG, double chargeC, OptionalDouble environmentC, double roomC) {
        return new BatchConditions(
                greenG,
                green.moisturePct().orElse(BatchConditions.USUAL_MOISTURE_PCT),
                green.screen().map(Batching::meanMm).orElse(BatchConditions.USUAL_DIAMETER_MM),
                chargeC,
                environmentC,
                roomC,
                green.process() == Process.NATURAL);
    }

    private static double meanMm(ScreenRange range) {
        return (range.smallest() + range.largest()) / 2.0 * ScreenRange.MM_PER_64TH_INCH;
    }

    static double capacityG(MachineEntity machine) {
        Double capacity = machine.drumCapacityG();
        return capacity == null ? USUAL_CAPACITY_G : capacity;
    }

    static double usualG(MachineEntity machine) {
        return Math.min(machine.settings().batchMaxG(), USUAL_FILL * capacityG(machine));
    }

    /**
     * A roast as a model is fitted to it; empty when it lacks gas, charge or drop.
     *
     * @param greenG what was weighed in
     */
    static Optional<FitRoast> fitRoast(RoastEntity roast, OptionalDouble greenG) {
        RoastFigures figures = roast.figures();
        if (figures.chargeC().isEmpty() || figures.totalS().isEmpty()) {
            return Optional.empty();
        }
        RoastLog log = sinceCharge(roast);
        if (log.gasPct().isEmpty()) {
            return Optional.empty();
        }
        double mass = greenG.orElse(usualG(roast.machine()));
        BatchConditions batch = of(
                roast.greenSample().facts(),
                mass,
                figures.chargeC().getAsDouble(),
                near(log.environmentC()),
                roast.machine().settings().roomC());
        return Optional.of(new FitRoast(batch, log, figures));
    }

    static RoastLog sinceCharge(RoastEntity roast) {
        double chargeS = roast.events().timeS(EventKind.CHARGE).orElse(0);
        RoastLog log = roast.log().shifted(-chargeS);
        double endS = roast.figures().totalS().orElse(Double.MAX_VALUE);
        return new RoastLog(
                log.beanC().slice(0, endS, 0),
                log.environmentC().slice(0, endS, 0),
                log.gasPct().slice(0, endS, 0),
                log.airflowPct().slice(0, endS, 0),
                log.drumRpm().slice(0, endS, 0));
    }

    private static OptionalDouble near(Series environment) {
        boolean there = !environment.isEmpty() && environment.timeS(0) <= NEAR_CHARGE_S;
        return there ? OptionalDouble.of(environment.value(0)) : OptionalDouble.empty();
    }
}
