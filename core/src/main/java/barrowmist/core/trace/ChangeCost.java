package barrowmist.core.trace;

import barrowmist.core.machine.MachineReference;
import barrowmist.core.plan.Aim;
import barrowmist.core.plan.Targets;
import barrowmist.core.roast.Band;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.roast.RoastFigures;
import java.util.OptionalDouble;

/**
 * What a change costs the other aims: how much farther, in tolerances, it takes the figures of the roast from where they are
 * meant to be. That is what the plan aims at, else what the machine usually does, else what the roast did. Immutable.
 */
final class ChangeCost {

    private final RoastFigures truly;
    private final MachineReference usual;
    private final Targets targets;
    private final TraceRules rules;

    /**
     * @param truly the roast as it was
     * @param usual what its machine usually does with such coffee
     * @param targets of the plan that it followed; without aims where it followed none
     */
    ChangeCost(RoastFigures truly, MachineReference usual, Targets targets, TraceRules rules) {
        this.truly = truly;
        this.usual = usual;
        this.targets = targets;
        this.rules = rules;
    }

    /**
     * @param again the roast unchanged, as the model has it
     * @param would the roast changed, as the model has it
     * @param mending what the change is for, which is no cost
     * @return tolerances; below 0 where the change brings the roast nearer to its aims
     */
    double of(RoastAnalysis again, RoastAnalysis would, Mending mending) {
        int more = would.faults().size() - again.faults().size();
        double cost = Math.max(0, more) * rules.value("cost.fault");
        for (KeyFigure figure : KeyFigure.OF_A_CHANGE) {
            OptionalDouble was = targets.figure(figure, truly);
            OptionalDouble from = targets.figure(figure, again.figures());
            OptionalDouble to = targets.figure(figure, would.figures());
            if (!meant(mending, figure) && was.isPresent() && from.isPresent() && to.isPresent()) {
                double now = was.getAsDouble();
                Aim aim = aim(figure, now);
                double then = now + to.getAsDouble() - from.getAsDouble();
                cost += (Math.abs(then - aim.value()) - Math.abs(now - aim.value())) / aim.tolerance();
            }
        }
        return cost;
    }

    private static boolean meant(Mending mending, KeyFigure figure) {
        return mending instanceof Mending.Moved moved && moved.meant() == figure;
    }

    private Aim aim(KeyFigure figure, double now) {
        double tolerance = rules.value(
                switch (figure.unit()) {
                    case SECONDS -> "cost.seconds";
                    case CELSIUS -> "cost.celsius";
                    case PERCENT -> "cost.share";
                    case CELSIUS_PER_MINUTE -> "cost.rate";
                });
        Aim planned = targets.aims().get(figure);
        if (planned != null) {
            return planned;
        }
        Band band = figure == KeyFigure.ROR_PEAK ? usual.peakCPerMin() : usual.of(figure);
        return new Aim(band instanceof Band.Learned l ? l.median() : now, tolerance);
    }
}
