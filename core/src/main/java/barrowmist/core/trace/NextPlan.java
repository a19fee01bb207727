package barrowmist.core.trace;

import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.plan.ControlPlan;
import barrowmist.core.plan.ControlStep;
import barrowmist.core.plan.ControlStep.Control;
import barrowmist.core.plan.DropRule;
import barrowmist.core.plan.Trigger;
import barrowmist.core.roast.Milestone;
import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.roast.RoastFigures;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * A roast once more with one thing changed: all its moves as they were, and the correction in them.
 *
 * @param chargeC charge temperature, °C
 * @param greenG batch, g
 * @param controls the moves and the drop
 */
public record NextPlan(double chargeC, double greenG, ControlPlan controls) {

    /** Two times of a move that are one, s: the log has them to the second. */
    private static final double SAME_S = 2;

    /** A drop no farther than this above first crack may be read before it the next time, °C (house default). */
    private static final double HARDLY_C = 4;

    private static final double MOST_PCT = 100;

    /**
     * Empty where nothing in the roast is to be changed, or the log lacks charge or drop.
     *
     * @param usual where a control stands that was not logged
     * @param greenG what was weighed in, g
     * @param gasStepPct the step of gas where a phase is to be longer or shorter, % of full
     */
    public static Optional<NextPlan> of(
            RoastAnalysis analysis, ControlLevels usual, double greenG, Correction c, double gasStepPct) {
        RoastFigures f = analysis.figures();
        Optional<NextPlan> unchanged = again(analysis, usual, greenG);
        if (unchanged.isEmpty() || c.change().equals("rest")) {
            return Optional.empty();
        }
        NextPlan again = unchanged.get();
        double dryS = dryEndS(analysis);
        return Optional.of(
                switch (c.change()) {
                    case "charge" -> again.charged(c.to());
                    case "batch" -> new NextPlan(again.chargeC, c.to(), again.controls);
                    case "drop" -> again.ending(new DropRule(DropRule.By.BEAN_C, c.to()));
                    case "development" -> again.ending(new DropRule(DropRule.By.DEVELOPMENT_S, c.to()));
                    case "drum" -> again.moved(Control.DRUM, s -> s.withValue(c.to()), c.to());
                    case "gas" ->
                        (c.unit().equals("s") ? again.shifted(c.to(), -gasStepPct) : again.gas(c, dryS))
                                .developing(c, f);
                    default ->
                        again.shifted(
                                dryS, c.to() > c.from() == c.change().equals("browning") ? -gasStepPct : gasStepPct);
                });
    }

    /** Dry end, s; half-way to the drop where it was not marked. */
    static double dryEndS(RoastAnalysis analysis) {
        RoastFigures f = analysis.figures();
        return f.dryEnd()
                .map(Milestone::timeS)
                .orElseGet(() -> f.drop().map(m -> m.timeS() / 2).orElse(0.0));
    }

    /** The same roast once more, unchanged; empty where the log lacks charge or drop. */
    public static Optional<NextPlan> again(RoastAnalysis analysis, ControlLevels usual, double greenG) {
        RoastFigures f = analysis.figures();
        if (f.chargeC().isEmpty() || f.drop().isEmpty()) {
            return Optional.empty();
        }
        Milestone drop = f.drop().get();
        // what hardly rose after first crack may be at that temperature before it, the next time
        boolean hardlyRose =
                f.developmentRiseC().isPresent() && f.developmentRiseC().getAsDouble() < HARDLY_C;
        DropRule end = hardlyRose
                ? new DropRule(DropRule.By.DEVELOPMENT_S, f.developmentS().orElseThrow())
                : new DropRule(DropRule.By.BEAN_C, drop.beanC());
        ControlPlan moves = ControlPlan.of(analysis.log(), usual, end, drop.timeS());
        return Optional.of(new NextPlan(f.chargeC().getAsDouble(), greenG, moves));
    }

    /** Heat that no longer falls away brings the drop's temperature sooner: the development is kept, and not the degrees. */
    private NextPlan developing(Correction c, RoastFigures f) {
        return c.mechanism().equals(GasCorrections.MECHANISM)
                        && f.developmentS().isPresent()
                ? ending(
                        new DropRule(DropRule.By.DEVELOPMENT_S, f.developmentS().getAsDouble()))
                : this;
    }

    NextPlan ending(DropRule drop) {
        return new NextPlan(chargeC, greenG, new ControlPlan(controls.atCharge(), controls.steps(), drop));
    }

    private NextPlan moved(Control control, UnaryOperator<ControlStep> by, double atCharge) {
        List<ControlStep> steps = controls.steps().stream()
                .map(s -> s.control() == control ? by.apply(s) : s)
                .toList();
        ControlLevels l = controls.atCharge();
        ControlLevels begin = switch (control) {
            case GAS -> new ControlLevels(atCharge, l.airflowPct(), l.drumRpm());
            case AIR -> new ControlLevels(l.gasPct(), atCharge, l.drumRpm());
            case DRUM -> new ControlLevels(l.gasPct(), l.airflowPct(), atCharge);
        };
        return new NextPlan(chargeC, greenG, controls.withSteps(begin, steps));
    }

    private NextPlan gas(Correction c, double dryS) {
        if (c.atS().isEmpty()) {
            return firstGas(dryS, c.to() - c.from());
        }
        double atS = c.atS().getAsDouble();
        List<ControlStep> steps = new ArrayList<>();
        for (ControlStep s : controls.steps()) {
            boolean replaced = s.control() == Control.GAS
                    && c.wasS().isPresent()
                    && Math.abs(timeS(s) - c.wasS().getAsDouble()) <= SAME_S;
            if (!replaced) {
                steps.add(s);
            }
        }
        return inserted(steps, atS, c.to());
    }

    /** Gas moved by so much from a time on, every later step as much. */
    NextPlan shifted(double fromS, double byPct) {
        double atS = Math.rint(fromS);
        List<ControlStep> steps = controls.steps().stream()
                .map(s -> s.control() == Control.GAS && timeS(s) >= atS ? s.withValue(within(s.value() + byPct)) : s)
                .toList();
        // where it was moved just then already, that move is the one that counts
        return steps.stream().anyMatch(s -> s.control() == Control.GAS && timeS(s) == atS)
                ? new NextPlan(chargeC, greenG, controls.withSteps(controls.atCharge(), steps))
                : inserted(steps, atS, within(gasPct(atS) + byPct));
    }

    /** Gas moved by so much from charge until a time. */
    NextPlan firstGas(double untilS, double byPct) {
        return moved(
                Control.GAS,
                s -> timeS(s) < untilS ? s.withValue(within(s.value() + byPct)) : s,
                within(controls.atCharge().gasPct() + byPct));
    }

    /** Where the gas stands just before a time, %. */
    double gasPct(double atS) {
        double standing = controls.atCharge().gasPct();
        for (ControlStep s : controls.steps()) {
            standing = s.control() == Control.GAS && timeS(s) < atS ? s.value() : standing;
        }
        return standing;
    }

    NextPlan charged(double atC) {
        return new NextPlan(atC, greenG, controls);
    }

    private NextPlan inserted(List<ControlStep> steps, double atS, double gasPct) {
        List<ControlStep> all = new ArrayList<>(steps);
        int i = 0;
        while (i < all.size() && timeS(all.get(i)) <= atS) {
            i++;
        }
        all.add(i, new ControlStep(new Trigger.AtTime(Math.rint(atS)), Control.GAS, gasPct));
        return new NextPlan(chargeC, greenG, controls.withSteps(controls.atCharge(), all));
    }

    /** The moves of a logged roast are all at a time. */
    static double timeS(ControlStep s) {
        return s.when() instanceof Trigger.AtTime at ? at.timeS() : 0;
    }

    private static double within(double pct) {
        return Math.max(0, Math.min(MOST_PCT, pct));
    }
}
