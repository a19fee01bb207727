package barrowmist.core.desk;

import barrowmist.core.desk.EventOutlook.Now;
import barrowmist.core.desk.Outlook.By;
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
import barrowmist.core.roast.LiveCurve;
import barrowmist.core.roast.LocalFit;
import barrowmist.core.roast.RoastEvents;
import barrowmist.core.roast.RoastLog;
import barrowmist.core.roast.Series;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Looks ahead from what the tracker has found of a roast, and by the pace of the machine's last ones: each event is told by
 * whichever was nearer to it in this machine's own roasts. Pure but for the tracker that it asks.
 */
public final class Forecaster {

    /** How much further off a temperature is for each second that lies before it, °C, and of a rate, °C/min for each second (house defaults). */
    private static final double GROWS_C = 0.012;

    private static final double GROWS_C_PER_MIN = 0.006;
    private static final double LEAST_C_PER_MIN = 0.3;

    private static final double SECONDS = 60;
    private static final double PERCENT = 100;

    /** So far above first crack no sample is roasted, °C (house default). */
    private static final double FAR_C = 40;

    /** How far beside its temperature a drop is called, °C (house default). */
    private static final double DROP_SD_C = 0.5;

    private static final double FIT_S = 20;
    private final EventOutlook eventOutlook;
    private final EventTemperatures events;
    private final Optional<ControlPlan> plan;

    public Forecaster(LiveSetup setup) {
        this.eventOutlook = new EventOutlook(setup);
        this.events = setup.events();
        this.plan = setup.plan();
    }

    /**
     * @param tracker what was found by the machine's model; empty when none is believed
     * @param curve the readings so far
     * @param called the events so far, the turning point among them once it is known
     * @param levels where the controls stand
     * @param waiting planned moves that are still to be made; they are taken to be made when they are due
     * @return empty when neither the model nor the machine's last roasts tell anything
     */
    public Optional<Outlook> ahead(
            Optional<DrumTracker> tracker,
            LiveCurve curve,
            RoastEvents called,
            ControlLevels levels,
            List<ControlStep> waiting) {
        // without a plan the roast is looked at until it would be far too hot
        DropRule drop =
                plan.map(ControlPlan::drop).orElse(new DropRule(DropRule.By.BEAN_C, events.firstCrackC() + FAR_C));
        OptionalDouble calledS = called.timeS(EventKind.FIRST_CRACK);
        OptionalDouble crackC = calledS.isPresent() ? curve.beanC(calledS.getAsDouble()) : OptionalDouble.empty();
        PlanRun run = new PlanRun(drop, events, waiting, levels, called, crackC);
        RoastLog ahead = tracker.map(t -> t.forecast(run, Predictor.LONGEST_S, run::dropped))
                .orElse(NOTHING);
        double beanC = curve.slope(FIT_S, false)
                .map(LocalFit::value)
                .orElseGet(() -> curve.beanC().orElse(Double.NaN));
        Now now = new Now(curve.lastS(), beanC, curve.rorCPerMin(), called, ahead);
        Outlook seen = toCome(now);
        // of two rules the one that decides, as it is expected now
        DropRule deciding = drop.deciding(part -> drop(now, seen, atTemperature(part, crackC))
                .map(Expected::value)
                .orElse(Double.POSITIVE_INFINITY));
        DropRule rule = atTemperature(deciding, crackC);
        Optional<Expected> at = plan.isPresent() ? drop(now, seen, rule) : Optional.empty();
        Outlook whole = at.map(e -> withDrop(seen, called, rule, e)).orElse(seen);
        return tracker.isPresent() || whole.by().isPresent() ? Optional.of(whole) : Optional.empty();
    }

    /** Degrees above first crack are a temperature, as called or as expected. */
    private DropRule atTemperature(DropRule drop, OptionalDouble crackC) {
        return drop.by() == DropRule.By.OVER_CRACK_C
                ? new DropRule(DropRule.By.BEAN_C, crackC.orElse(events.firstCrackC()) + drop.value())
                : drop;
    }

    static final RoastLog NOTHING =
            new RoastLog(Series.empty(), Series.empty(), Series.empty(), Series.empty(), Series.empty());

    /** When the events that nobody has called yet will come; nothing of the drop. */
    private Outlook toCome(Now now) {
        Optional<Expected> dry = eventOutlook.event(now, EventKind.DRY_END, events.dryEndC(), events.dryEndSdC());
        Optional<Expected> crack =
                eventOutlook.event(now, EventKind.FIRST_CRACK, events.firstCrackC(), events.firstCrackSdC());
        Series bean = now.ahead().beanC();
        Optional<Expected> rate = bean.isEmpty()
                ? Optional.empty()
                : crack.filter(c -> c.by() == By.MODEL)
                        .map(c -> new Expected(
                                EventOutlook.rate(bean, c.value()),
                                grown(c.value() - now.timeS(), GROWS_C_PER_MIN, LEAST_C_PER_MIN)));
        return new Outlook(
                now.timeS(),
                dry,
                crack,
                rate,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                now.ahead());
    }

    /** When the plan's rule for the drop is met. */
    private Optional<Expected> drop(Now now, Outlook seen, DropRule drop) {
        Optional<Double> crackS = now.called().timeS(EventKind.FIRST_CRACK).stream()
                .boxed()
                .findFirst()
                .or(() -> seen.firstCrackS().map(Expected::value));
        double crackSd = seen.firstCrackS().map(Expected::plusMinus).orElse(0.0);
        By by = seen.firstCrackS().map(Expected::by).orElse(By.MODEL);
        return switch (drop.by()) {
            case TOTAL_S -> Optional.of(new Expected(drop.value(), 0, by));
            case DEVELOPMENT_S -> crackS.map(s -> new Expected(s + drop.value(), crackSd, by));
            case DEVELOPMENT_PCT -> crackS.map(s -> new Expected(s / (1 - drop.value() / PERCENT), crackSd, by));
            case BEAN_C, OVER_CRACK_C -> atBean(now, seen, drop.value());
        };
    }

    private Optional<Expected> atBean(Now now, Outlook seen, double levelC) {
        Series bean = now.ahead().beanC();
        boolean here = !bean.isEmpty() && bean.value(0) >= levelC;
        OptionalDouble reached = here ? OptionalDouble.of(now.timeS()) : bean.risesTo(levelC, now.timeS());
        if (reached.isPresent()) {
            double runS = reached.getAsDouble();
            // what first crack is corrected by, the drop is late by as well
            double later = seen.firstCrackS()
                    .filter(c -> c.by() == By.MODEL)
                    .map(c -> c.value()
                            - bean.risesTo(events.firstCrackC(), now.timeS()).orElse(c.value()))
                    .orElse(0.0);
            double at = Math.max(now.timeS(), runS + later);
            double sd = EventOutlook.grown(at - now.timeS()) + SECONDS * DROP_SD_C / EventOutlook.rate(bean, runS);
            return Optional.of(new Expected(at, Math.min(at - now.timeS(), sd)));
        }
        return eventOutlook.ofPace(now, EventKind.FIRST_CRACK, levelC, DROP_SD_C);
    }

    private static Outlook withDrop(Outlook seen, RoastEvents called, DropRule drop, Expected at) {
        Series bean = seen.ahead().beanC();
        double dropS = at.value();
        double crackSd = seen.firstCrackS().map(Expected::plusMinus).orElse(0.0);
        Optional<Expected> dropC = drop.by() == DropRule.By.BEAN_C
                ? Optional.of(new Expected(drop.value(), 0, at.by()))
                : bean.isEmpty() || at.by() != By.MODEL
                        ? Optional.empty()
                        : Optional.of(new Expected(bean.interpolated(dropS), grown(dropS - seen.atS(), GROWS_C, 0)));
        OptionalDouble calledS = called.timeS(EventKind.FIRST_CRACK);
        Optional<Double> crackS = calledS.isPresent()
                ? Optional.of(calledS.getAsDouble())
                : seen.firstCrackS().map(Expected::value);
        Optional<Expected> developmentS = crackS.map(s -> new Expected(
                dropS - s, drop.by() == DropRule.By.DEVELOPMENT_S ? 0 : Math.hypot(at.plusMinus(), crackSd), at.by()));
        return new Outlook(
                seen.atS(),
                seen.dryEndS(),
                seen.firstCrackS(),
                seen.rorAtFirstCrackCPerMin(),
                Optional.of(at),
                dropC,
                developmentS,
                developmentS.map(d -> share(d, drop, dropS, at.plusMinus())),
                seen.ahead());
    }

    /** Development as a share of the whole, %. */
    private static Expected share(Expected developmentS, DropRule drop, double dropS, double dropSd) {
        double share = developmentS.value() / dropS;
        double sd = Math.hypot(developmentS.plusMinus(), share * dropSd) / dropS;
        return new Expected(
                PERCENT * share, drop.by() == DropRule.By.DEVELOPMENT_PCT ? 0 : PERCENT * sd, developmentS.by());
    }

    private static double grown(double leftS, double perS, double least) {
        return least + perS * Math.max(0, leftS);
    }
}
