package barrowmist.core.desk;

import barrowmist.core.desk.Outlook.Expected;
import barrowmist.core.machine.EventTemperatures;
import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.machine.thermal.DrumTracker;
import barrowmist.core.plan.ControlPlan;
import barrowmist.core.plan.ControlStep;
import barrowmist.core.plan.DropRule;
import barrowmist.core.plan.PlanRun;
import barrowmist.core.plan.Predictor;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.RoastEvents;
import barrowmist.core.roast.RoastLog;
import barrowmist.core.roast.Series;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** Looks ahead from what the tracker has found of a roast. Pure but for the tracker that it asks. */
public final class Forecaster {

    /** How much further off an expectation is for each second that lies before it (house default). */
    private static final double GROWS = 0.045;

    private static final double LEAST_S = 1.5;

    /** The same of a temperature, °C for each second, and of a rate, °C/min for each second (house defaults). */
    private static final double GROWS_C = 0.012;

    private static final double GROWS_C_PER_MIN = 0.006;
    private static final double LEAST_C_PER_MIN = 0.3;

    /** Slower than this a temperature is hardly reached at all, °C/min. */
    private static final double SLOWEST_C_PER_MIN = 2;

    private static final double SLOPE_HALF_S = 12;

    /** So far above first crack no sample is roasted, °C (house default). */
    private static final double FAR_C = 40;

    /** How far beside its temperature a drop is called, °C (house default). */
    private static final double DROP_SD_C = 0.5;

    private final EventTemperatures events;
    private final Optional<ControlPlan> plan;

    public Forecaster(EventTemperatures events, Optional<ControlPlan> plan) {
        this.events = events;
        this.plan = plan;
    }

    /**
     * @param called the events so far, the turning point among them once it is known
     * @param levels where the controls stand
     * @param waiting planned moves that are still to be made; they are taken to be made when they are due
     */
    public Outlook ahead(DrumTracker tracker, RoastEvents called, ControlLevels levels, List<ControlStep> waiting) {
        double now = tracker.timeS();
        // without a plan the roast is looked at until it would be far too hot
        DropRule drop =
                plan.map(ControlPlan::drop).orElse(new DropRule(DropRule.By.BEAN_C, events.firstCrackC() + FAR_C));
        PlanRun run = new PlanRun(drop, events, waiting, levels, called);
        double[] dropped = {Double.NaN};
        RoastLog ahead = tracker.forecast(run, Predictor.LONGEST_S, (t, c) -> {
            boolean here = run.dropped(t, c);
            dropped[0] = here ? t : Double.NaN;
            return here;
        });
        Outlook seen = toCome(ahead, called, now);
        return plan.isPresent() && Double.isFinite(dropped[0]) ? withDrop(seen, called, drop, dropped[0]) : seen;
    }

    /** When the events that nobody has called yet will come; nothing of the drop. */
    private Outlook toCome(RoastLog ahead, RoastEvents called, double now) {
        Series bean = ahead.beanC();
        Optional<Expected> dry = called.find(EventKind.DRY_END).isPresent()
                ? Optional.empty()
                : crossing(bean, events.dryEndC(), events.dryEndSdC());
        Optional<Expected> crack = called.find(EventKind.FIRST_CRACK).isPresent()
                ? Optional.empty()
                : crossing(bean, events.firstCrackC(), events.firstCrackSdC());
        Optional<Expected> rate = crack.map(
                c -> new Expected(rate(bean, c.value()), grown(c.value() - now, GROWS_C_PER_MIN, LEAST_C_PER_MIN)));
        return new Outlook(
                now, dry, crack, rate, Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), ahead);
    }

    private static Outlook withDrop(Outlook seen, RoastEvents called, DropRule drop, double dropS) {
        Series bean = seen.ahead().beanC();
        double aheadS = dropS - seen.atS();
        double crackSd = seen.firstCrackS().map(Expected::plusMinus).orElse(0.0);
        double dropSd = dropSd(drop, dropS, crackSd, bean, seen.atS());
        Expected dropC =
                new Expected(bean.interpolated(dropS), drop.by() == DropRule.By.BEAN_C ? 0 : grown(aheadS, GROWS_C, 0));
        OptionalDouble calledS = called.timeS(EventKind.FIRST_CRACK);
        Optional<Double> crackS = calledS.isPresent()
                ? Optional.of(calledS.getAsDouble())
                : seen.firstCrackS().map(Expected::value);
        Optional<Expected> developmentS = crackS.map(
                s -> new Expected(dropS - s, drop.by() == DropRule.By.DEVELOPMENT_S ? 0 : Math.hypot(dropSd, crackSd)));
        return new Outlook(
                seen.atS(),
                seen.dryEndS(),
                seen.firstCrackS(),
                seen.rorAtFirstCrackCPerMin(),
                Optional.of(new Expected(dropS, dropSd)),
                Optional.of(dropC),
                developmentS,
                developmentS.map(d -> share(d, drop, dropS, dropSd)),
                seen.ahead());
    }

    /** Development as a share of the whole, %. */
    private static Expected share(Expected developmentS, DropRule drop, double dropS, double dropSd) {
        double share = developmentS.value() / dropS;
        double sd = Math.hypot(developmentS.plusMinus(), share * dropSd) / dropS;
        return new Expected(100 * share, drop.by() == DropRule.By.DEVELOPMENT_PCT ? 0 : 100 * sd);
    }

    private static double dropSd(DropRule drop, double dropS, double crackSd, Series bean, double now) {
        return switch (drop.by()) {
            case TOTAL_S -> 0;
            case BEAN_C ->
                Math.min(dropS - now, grown(dropS - now, GROWS, LEAST_S) + 60 * DROP_SD_C / rate(bean, dropS));
            case DEVELOPMENT_S, DEVELOPMENT_PCT -> crackSd;
        };
    }

    private static double grown(double leftS, double perS, double least) {
        return least + perS * Math.max(0, leftS);
    }

    /** When the probe comes to a level; now when it is there already and rising. */
    private static Optional<Expected> crossing(Series bean, double levelC, double sdC) {
        double now = bean.timeS(0);
        boolean there = bean.size() > 1 && bean.value(0) >= levelC && bean.value(1) > bean.value(0);
        OptionalDouble at = there ? OptionalDouble.of(now) : bean.risesTo(levelC, now);
        return at.isEmpty()
                ? Optional.empty()
                : Optional.of(new Expected(
                        at.getAsDouble(),
                        Math.hypot(
                                grown(at.getAsDouble() - now, GROWS, LEAST_S),
                                60 * sdC / rate(bean, at.getAsDouble()))));
    }

    private static double rate(Series bean, double atS) {
        return Math.max(
                SLOWEST_C_PER_MIN, 60 * bean.slopeAbout(atS, SLOPE_HALF_S).orElse(0));
    }
}
