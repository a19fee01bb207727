package barrowmist.core.plan;

import barrowmist.core.machine.EventTemperatures;
import barrowmist.core.machine.thermal.BatchConditions;
import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.plan.ControlStep.Control;
import barrowmist.core.plan.Targets.DevelopmentFrom;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.RoastFigures;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * Carries a profile from one machine to another: the times and phases as they are, the temperatures by where each
 * machine's probe stands at dry end and first crack, the controls by a search on the other machine's model.
 */
public final class Translator {

    private static final double TIME_TOLERANCE_S = 12;
    private static final double TEMPERATURE_TOLERANCE_C = 2;
    private static final double SHARE_TOLERANCE_PCT = 1.5;

    private Translator() {}

    /**
     * A machine to translate to.
     *
     * @param predictor its model and its references
     * @param limits how far its gas and charge may go
     * @param airStepPct smallest step of its airflow, %; empty range when it has none
     * @param hasAir whether its airflow can be set
     * @param hasDrum whether its drum speed can be set
     */
    public record To(Predictor predictor, Finder.Limits limits, double airStepPct, boolean hasAir, boolean hasDrum) {}

    /**
     * A translated profile.
     *
     * @param targets what it aims at on the other machine
     * @param found the controls found there
     * @param notCarried what could not be carried over, a sentence each
     */
    public record Translated(Targets targets, Finder.Found found, List<String> notCarried) {}

    /**
     * @param figures what the profile gives on its own machine
     * @param plan its controls there
     * @param from where dry end and first crack are called on its own machine
     * @param batch what goes into the other machine, charged where that one advises
     */
    public static Translated translate(
            RoastFigures figures, ControlPlan plan, EventTemperatures from, BatchConditions batch, To to) {
        EventTemperatures there = to.predictor.events();
        List<String> notCarried = new ArrayList<>();
        Targets targets = targets(figures, from, there);
        ControlPlan start = start(plan, from, to, figures, targets, notCarried);
        Finder.Found found = new Finder(to.predictor, to.limits).find(batch, start, targets);
        notCarried.addAll(found.missed());
        return new Translated(targets, found, notCarried);
    }

    private static Targets targets(RoastFigures figures, EventTemperatures from, EventTemperatures to) {
        Map<KeyFigure, Aim> aims = new EnumMap<>(KeyFigure.class);
        for (KeyFigure figure : List.of(KeyFigure.DRY_END_S, KeyFigure.FIRST_CRACK_S, KeyFigure.TOTAL_S)) {
            figure.of(figures).ifPresent(v -> aims.put(figure, new Aim(v, TIME_TOLERANCE_S)));
        }
        KeyFigure.DEVELOPMENT_PCT
                .of(figures)
                .ifPresent(v -> aims.put(KeyFigure.DEVELOPMENT_PCT, new Aim(v, SHARE_TOLERANCE_PCT)));
        KeyFigure.DROP_C
                .of(figures)
                .ifPresent(v -> aims.put(KeyFigure.DROP_C, new Aim(mapped(v, from, to), TEMPERATURE_TOLERANCE_C)));
        return new Targets(aims, DevelopmentFrom.FIRST_CRACK);
    }

    /** A probe reading of one machine as the other would show it: on the line through dry end and first crack. */
    static double mapped(double c, EventTemperatures from, EventTemperatures to) {
        double slope = (to.firstCrackC() - to.dryEndC()) / (from.firstCrackC() - from.dryEndC());
        return to.firstCrackC() + slope * (c - from.firstCrackC());
    }

    private static ControlPlan start(
            ControlPlan plan,
            EventTemperatures from,
            To to,
            RoastFigures figures,
            Targets targets,
            List<String> notCarried) {
        ControlLevels usual = new ControlLevels(
                clampGas(plan.atCharge().gasPct(), to),
                plan.atCharge().airflowPct(),
                to.predictor.model().machine().usualRpm());
        List<ControlStep> steps = new ArrayList<>();
        for (ControlStep step : plan.steps()) {
            if (step.control() == Control.AIR && !to.hasAir) {
                say(notCarried, "Airflow moves: the other machine's airflow cannot be set.");
            } else if (step.control() == Control.DRUM) {
                say(
                        notCarried,
                        to.hasDrum
                                ? "Drum speed moves: a speed of one drum says nothing of another."
                                : "Drum speed moves: the other machine's drum speed cannot be set.");
            } else {
                steps.add(carried(step, from, to));
            }
        }
        double dropC = targets.aims().containsKey(KeyFigure.DROP_C)
                ? targets.aims().get(KeyFigure.DROP_C).value()
                : mapped(plan.drop().value(), from, to.predictor.events());
        figures.rorAtFirstCrackCPerMin()
                .ifPresent(ror -> say(
                        notCarried,
                        "Rate of rise at first crack, %s: two probes differ in lag and do not show the same."
                                .formatted(to.predictor.wording().rate(ror))));
        return new ControlPlan(usual, steps, new DropRule(DropRule.By.BEAN_C, dropC));
    }

    private static void say(List<String> list, String sentence) {
        if (!list.contains(sentence)) {
            list.add(sentence);
        }
    }

    private static double clampGas(double gas, To to) {
        return Math.max(to.limits.lowestGasPct(), Math.min(to.limits.highestGasPct(), gas));
    }

    private static ControlStep carried(ControlStep step, EventTemperatures from, To to) {
        Trigger when = step.when() instanceof Trigger.AtBean at
                ? new Trigger.AtBean(mapped(at.beanC(), from, to.predictor.events()))
                : step.when();
        double value = step.value();
        if (step.control() == Control.GAS) {
            value = clampGas(value, to);
        } else if (to.airStepPct > 0) {
            value = Math.round(value / to.airStepPct) * to.airStepPct;
        }
        return new ControlStep(when, step.control(), value);
    }
}
