package barrowmist.core.desk;

import barrowmist.core.desk.Outlook.Expected;
import barrowmist.core.desk.Warning.Kind;
import barrowmist.core.machine.FittedModel;
import barrowmist.core.plan.Aim;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.HeatChange;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.LiveCurve;
import barrowmist.core.roast.LocalFit;
import barrowmist.core.roast.RateOfRise;
import barrowmist.core.roast.RoastEvents;
import barrowmist.core.roast.Series;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleFunction;

/**
 * Watches a roast for what will go wrong, by the same limits by which faults are judged afterwards. Mutable.
 */
final class FaultWatch {

    /** Dry end brings a change of slope of its own: nothing is warned of for so long, s (house default). */
    private static final double AFTER_DRY_S = 30;

    /** Running away: so much above what is wanted at first crack, °C/min, so near to it, s (house defaults). */
    private static final double EXCESS_C_PER_MIN = 2;

    private static final double NEAR_CRACK_S = 120;

    /** A bend of the readings is told from their noise over so long, s, and counts as none below this share of the limit. */
    private static final double FLAT_S = 90;

    private static final double SURE_SHARE = 0.6;
    private static final double SECONDS = 60;

    /** A live rate is noisier than a reviewed one: it has to turn up by so much more, °C/min (house default). */
    private static final double FLICK_NOISE_C_PER_MIN = 0.2;

    private static final double FLICK_S = 6;
    private static final double NEAR_DEVELOPMENT_S = 45;

    /** What was put in or taken so lately explains a turn or a flat rate, s: a live rate lags by half its window. */
    private static final double LATELY_S = HeatChange.BELONGS_S + RateOfRise.WINDOW_S / 2;

    /** A rate lies low when it has for so long, s. */
    private static final double LOW_S = 20;

    private final LiveSetup setup;
    private final OverrunWatch overrun;
    private final CrashWatch crash;
    private final HeatWatch heat = new HeatWatch();
    private final HeldWarnings held = new HeldWarnings();

    FaultWatch(LiveSetup setup) {
        this.setup = setup;
        this.overrun = new OverrunWatch(setup);
        this.crash = new CrashWatch(
                setup.faults(), setup.believed().map(FittedModel::answer).orElse(HeatChange.Answer.USUAL));
    }

    /** Everything that is seen at one moment. */
    private record Look(LiveCurve curve, RoastEvents called, Optional<Outlook> outlook) {
        double now() {
            return curve.lastS();
        }
    }

    /**
     * The most urgent warning; empty when all is well.
     *
     * @param asItStands what the model expects of the bean probe until a time if nothing is moved; empty without one
     */
    Optional<Warning> look(
            LiveCurve curve, RoastEvents called, Optional<Outlook> outlook, DoubleFunction<Series> asItStands) {
        Look look = new Look(curve, called, outlook);
        OptionalDouble dryS = called.timeS(EventKind.DRY_END);
        Optional<Warning> over = overrun.look(curve, called);
        held.take(Kind.BURNER_OFF, over.filter(w -> w.kind() == Kind.BURNER_OFF), look.now());
        held.take(Kind.DROP_NOW, over.filter(w -> w.kind() == Kind.DROP_NOW), look.now());
        held.take(Kind.HEAT_FAILS, heat.look(curve), look.now());
        if (dryS.isPresent() && look.now() >= dryS.getAsDouble() + AFTER_DRY_S) {
            held.take(Kind.CRASH, crash.look(curve, asItStands), look.now());
            held.take(Kind.RUNNING_AWAY, runningAway(look), look.now());
            Optional<Warning> stall = stall(look, dryS.getAsDouble());
            held.take(Kind.STALL, stall.filter(w -> w.kind() == Kind.STALL), look.now());
            held.take(Kind.FLAT, stall.filter(w -> w.kind() == Kind.FLAT), look.now());
            held.take(Kind.FLICK, flick(look, dryS.getAsDouble()), look.now());
            held.take(Kind.DEVELOPMENT_SHORT, development(look, -1), look.now());
            held.take(Kind.DEVELOPMENT_LONG, development(look, 1), look.now());
        }
        return held.shown(look.now());
    }

    private Optional<Warning> runningAway(Look look) {
        Aim aim = setup.targets().aims().get(KeyFigure.ROR_AT_FIRST_CRACK);
        Optional<Expected> crack = look.outlook.flatMap(Outlook::firstCrackS);
        Optional<Expected> rate = look.outlook.flatMap(Outlook::rorAtFirstCrackCPerMin);
        if (aim == null || crack.isEmpty() || rate.isEmpty()) {
            return Optional.empty();
        }
        double inS = crack.get().value() - look.now();
        boolean away =
                rate.get().value() - rate.get().plusMinus() > aim.value() + Math.max(aim.tolerance(), EXCESS_C_PER_MIN)
                        && inS > 0
                        && inS <= NEAR_CRACK_S;
        return away
                ? Optional.of(new Warning(Kind.RUNNING_AWAY, 0, rate.get().value(), aim.value(), inS))
                : Optional.empty();
    }

    private Optional<Warning> stall(Look look, double dryS) {
        double now = look.now();
        OptionalDouble rate = look.curve.rorCPerMin();
        Optional<LocalFit> bent = look.curve.slope(FLAT_S, true);
        if (rate.isEmpty() || bent.isEmpty() || now < dryS + FLAT_S) {
            return Optional.empty();
        }
        double perMinute = SECONDS * SECONDS * bent.get().curvaturePerS2();
        double before = SECONDS * bent.get().slopePerS() - perMinute;
        double least = setup.faults().leastChange(rate.getAsDouble());
        boolean still = setup.faults().low(rate.getAsDouble())
                && Math.abs(perMinute) * setup.faults().stallHoldS() / SECONDS < SURE_SHARE * least
                && !HeatChange.since(look.curve, now - LATELY_S).putIn();
        double low = setup.faults().stalledCPerMin();
        boolean stalled = look.curve.ror(now - LOW_S, now).max().orElse(Double.POSITIVE_INFINITY) < low;
        return still || stalled
                ? Optional.of(new Warning(stalled ? Kind.STALL : Kind.FLAT, 0, rate.getAsDouble(), before, 0))
                : Optional.empty();
    }

    private Optional<Warning> flick(Look look, double dryS) {
        double now = look.now();
        OptionalDouble rate = look.curve.rorCPerMin();
        Optional<LocalFit> rising = look.curve.rorTrend(now - 2 * FLICK_S, now);
        OptionalDouble low = look.curve.ror(dryS + AFTER_DRY_S, now - FLICK_S).min();
        boolean up = rate.isPresent()
                && low.isPresent()
                && rising.isPresent()
                && rising.get().slopePerS() > 0
                && !HeatChange.since(look.curve, now - LATELY_S).putIn()
                && rate.getAsDouble() - low.getAsDouble() >= setup.faults().flickRiseCPerMin() + FLICK_NOISE_C_PER_MIN;
        return up
                ? Optional.of(new Warning(Kind.FLICK, 0, rate.getAsDouble(), low.getAsDouble(), 0))
                : Optional.empty();
    }

    private Optional<Warning> development(Look look, int side) {
        Aim aim = setup.targets().aims().get(KeyFigure.DEVELOPMENT_PCT);
        Optional<Expected> expected = look.outlook.flatMap(Outlook::developmentPct);
        double crackS = look.called
                .timeS(EventKind.FIRST_CRACK)
                .orElse(look.outlook
                        .flatMap(Outlook::firstCrackS)
                        .map(Expected::value)
                        .orElse(Double.POSITIVE_INFINITY));
        if (aim == null || expected.isEmpty() || crackS > look.now() + NEAR_DEVELOPMENT_S) {
            return Optional.empty();
        }
        double off = side * (expected.get().value() - aim.value());
        return off > aim.tolerance() + expected.get().plusMinus()
                ? Optional.of(new Warning(
                        side < 0 ? Kind.DEVELOPMENT_SHORT : Kind.DEVELOPMENT_LONG,
                        0,
                        expected.get().value(),
                        aim.value(),
                        0))
                : Optional.empty();
    }
}
