package barrowmist.core.trace;

import barrowmist.core.plan.ControlPlan;
import barrowmist.core.plan.ControlStep;
import barrowmist.core.plan.ControlStep.Control;
import barrowmist.core.plan.DropRule;
import barrowmist.core.plan.Trigger;
import barrowmist.core.roast.Band;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.Milestone;
import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.roast.RoastAnalyzer;
import barrowmist.core.roast.RoastEvents;
import barrowmist.core.roast.RoastLog;
import barrowmist.core.roast.Series;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;

/**
 * What a change would make of a roast: what the model sees between the roast unchanged and changed, laid on the curve that was
 * logged. So a fall that the model does not have, such as that of the steam at first crack, is still there.
 */
public final class LaidOn {

    /** The model may crack so much earlier than the roast did, s. */
    private static final double LONGER_S = 120;

    private LaidOn() {}

    /** What the change would make of the curve, as far as the log and the model go; °C and °C/min by s since charge. */
    public record Next(Series beanC, Series rorCPerMin) {}

    /**
     * The curve with a change.
     *
     * @param truly the roast as it was
     * @param again its plan, unchanged
     * @param next the same with the change
     * @param roast the roast of a plan, as the model has it
     * @return empty where the model does not come to first crack and the roast did
     */
    public static Optional<Next> curve(
            RoastAnalysis truly, NextPlan again, NextPlan next, Function<NextPlan, RoastAnalysis> roast) {
        RoastAnalysis laid =
                of(truly, roast.apply(longer(truly, again)), roast.apply(longer(truly, next)), next.controls());
        if (laid == truly) {
            return Optional.empty();
        }
        double laterS = totalS(roast.apply(next)) - totalS(roast.apply(again));
        double endS = totalS(truly) + (Double.isNaN(laterS) ? 0 : laterS);
        return Optional.of(
                new Next(laid.log().beanC().slice(0, endS, 0), laid.ror().slice(0, endS, 0)));
    }

    private static double totalS(RoastAnalysis a) {
        return a.figures().totalS().orElse(Double.NaN);
    }

    /** Run on far enough that what came late in the roast is in the model too. */
    static NextPlan longer(RoastAnalysis truly, NextPlan plan) {
        return truly.figures().developmentS().stream()
                .mapToObj(s -> plan.ending(new DropRule(DropRule.By.DEVELOPMENT_S, s + LONGER_S)))
                .findFirst()
                .orElse(plan);
    }

    /**
     * @param truly the roast as it was
     * @param again the same as the model has it
     * @param would changed, as the model has it
     * @param plan its moves, all at a time
     * @return the roast as it was where it came to first crack and the model does not: then the two are not alike
     */
    static RoastAnalysis of(RoastAnalysis truly, RoastAnalysis again, RoastAnalysis would, ControlPlan plan) {
        if (cracks(truly) && !(cracks(again) && cracks(would))) {
            return truly;
        }
        Series logged = truly.log().beanC().slice(0, Double.MAX_VALUE, 0);
        List<double[]> readings = new ArrayList<>();
        for (int i = 0; i < logged.size(); i++) {
            double t = logged.timeS(i);
            OptionalDouble before = at(again, t);
            OptionalDouble after = at(would, t);
            if (before.isPresent() && after.isPresent()) {
                readings.add(new double[] {t, logged.value(i) + after.getAsDouble() - before.getAsDouble()});
            }
        }
        RoastLog log = new RoastLog(
                series(readings),
                truly.log().environmentC(),
                gas(plan, readings),
                truly.log().airflowPct(),
                truly.log().drumRpm());
        RoastEvents events = RoastEvents.of().with(EventKind.CHARGE, 0);
        events = moved(
                events,
                EventKind.DRY_END,
                truly.figures().dryEnd(),
                again.figures().dryEnd(),
                would.figures().dryEnd());
        events = moved(
                events,
                EventKind.FIRST_CRACK,
                truly.figures().firstCrack(),
                again.figures().firstCrack(),
                would.figures().firstCrack());
        double endS = readings.isEmpty() ? 0 : readings.get(readings.size() - 1)[0];
        return new RoastAnalyzer(truly.judgedBy()).analyze(log, events.with(EventKind.DROP, endS), Band.NONE);
    }

    private static boolean cracks(RoastAnalysis a) {
        return a.figures().firstCrack().isPresent();
    }

    private static OptionalDouble at(RoastAnalysis a, double t) {
        Series bean = a.log().beanC();
        boolean there = !bean.isEmpty() && t >= bean.timeS(0) && t <= bean.timeS(bean.size() - 1);
        return there ? OptionalDouble.of(bean.interpolated(t)) : OptionalDouble.empty();
    }

    private static RoastEvents moved(
            RoastEvents events,
            EventKind kind,
            Optional<Milestone> was,
            Optional<Milestone> before,
            Optional<Milestone> after) {
        if (was.isEmpty()) {
            return events;
        }
        double by = before.isPresent() && after.isPresent()
                ? after.get().timeS() - before.get().timeS()
                : 0;
        return events.with(kind, was.get().timeS() + by);
    }

    /** As it would be logged: where it stands at each reading. */
    private static Series gas(ControlPlan plan, List<double[]> readings) {
        List<double[]> out = new ArrayList<>();
        for (double[] reading : readings) {
            double now = plan.atCharge().gasPct();
            for (ControlStep s : plan.steps()) {
                now = s.control() == Control.GAS && s.when() instanceof Trigger.AtTime at && at.timeS() <= reading[0]
                        ? s.value()
                        : now;
            }
            out.add(new double[] {reading[0], now});
        }
        return series(out);
    }

    private static Series series(List<double[]> pairs) {
        return new Series(
                pairs.stream().mapToDouble(p -> p[0]).toArray(),
                pairs.stream().mapToDouble(p -> p[1]).toArray());
    }
}
