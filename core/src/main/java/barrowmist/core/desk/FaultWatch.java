package barrowmist.core.desk;

import barrowmist.core.desk.Outlook.Expected;
import barrowmist.core.desk.Warning.Kind;
import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.machine.thermal.DrumTracker;
import barrowmist.core.plan.Aim;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.LiveCurve;
import barrowmist.core.roast.LocalFit;
import barrowmist.core.roast.RoastEvents;
import barrowmist.core.roast.Series;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Watches a roast for what will go wrong, by the same limits by which faults are judged afterwards. Mutable: it holds a
 * warning for a moment, so that it does not flicker.
 */
final class FaultWatch {

    /** Dry end brings a change of slope of its own: nothing is warned of for so long, s (house default). */
    private static final double AFTER_DRY_S = 30;

    /** The trend: the rates from so long ago until so long ago, s. A live rate speaks for the middle of its window. */
    private static final double TREND_FROM_S = 75;

    private static final double TREND_TO_S = 15;
    private static final double LIVE_LAG_S = 15;

    /** How far ahead a crash is looked for, s. */
    private static final double AHEAD_FROM_S = 15;

    private static final double AHEAD_TO_S = 40;
    private static final double AHEAD_STEP_S = 5;
    private static final double SLOPE_HALF_S = 9;

    /** A foretold crash counts from this share of its limit on: the model smooths it (tried on simulated roasts). */
    private static final double FORETOLD_SHARE = 0.7;

    /** A fast look at the last readings, s, and how far below the trend it must lie, °C/min (house defaults). */
    private static final double FAST_S = 20;

    private static final double FAST_DEPTH_C_PER_MIN = 2.3;
    private static final double FAST_SHARE = 0.7;

    /** Running away: so much above what is wanted at first crack, °C/min, so near to it, s (house defaults). */
    private static final double EXCESS_C_PER_MIN = 2;

    private static final double NEAR_CRACK_S = 120;

    private static final double STALL_S = 50;
    private static final double FLICK_C_PER_MIN = 1.2;
    private static final double FLICK_S = 6;
    private static final double NEAR_DEVELOPMENT_S = 45;

    /** A warning stays for so long after it was last true, s. */
    private static final double HOLD_S = 8;

    private final LiveSetup setup;
    private final Map<Kind, Warning> held = new EnumMap<>(Kind.class);
    private final Map<Kind, Double> lastTrueS = new EnumMap<>(Kind.class);

    FaultWatch(LiveSetup setup) {
        this.setup = setup;
    }

    /** Everything that is seen at one moment. */
    private record Look(
            LiveCurve curve,
            RoastEvents called,
            Optional<DrumTracker> tracker,
            Optional<Outlook> outlook,
            ControlLevels levels) {
        double now() {
            return curve.lastS();
        }
    }

    /** The most urgent warning; empty when all is well. */
    Optional<Warning> look(
            LiveCurve curve,
            RoastEvents called,
            Optional<DrumTracker> tracker,
            Optional<Outlook> outlook,
            ControlLevels levels) {
        Look look = new Look(curve, called, tracker, outlook, levels);
        OptionalDouble dryS = called.timeS(EventKind.DRY_END);
        if (dryS.isPresent() && look.now() >= dryS.getAsDouble() + AFTER_DRY_S) {
            take(Kind.CRASH, crash(look), look.now());
            take(Kind.RUNNING_AWAY, runningAway(look), look.now());
            take(Kind.STALL, stall(look, dryS.getAsDouble()), look.now());
            take(Kind.FLICK, flick(look, dryS.getAsDouble()), look.now());
            take(Kind.DEVELOPMENT_SHORT, development(look, -1), look.now());
            take(Kind.DEVELOPMENT_LONG, development(look, 1), look.now());
        }
        return held.values().stream().findFirst();
    }

    private void take(Kind kind, Optional<Warning> seen, double nowS) {
        if (seen.isPresent()) {
            double since = held.containsKey(kind) ? held.get(kind).sinceS() : nowS;
            held.put(kind, seen.get().since(since));
            lastTrueS.put(kind, nowS);
        } else if (held.containsKey(kind) && nowS - lastTrueS.getOrDefault(kind, nowS) > HOLD_S) {
            held.remove(kind);
        }
    }

    private Optional<Warning> crash(Look look) {
        double now = look.now();
        Optional<LocalFit> trend = look.curve.rorTrend(now - TREND_FROM_S, now - TREND_TO_S);
        if (trend.isEmpty()) {
            return Optional.empty();
        }
        Optional<Warning> foretold =
                look.outlook.flatMap(o -> foretold(look, trend.get(), o.ahead().beanC()));
        if (foretold.isEmpty()) {
            // a planned move that would mend it may never be made
            foretold = look.tracker.flatMap(t -> foretold(
                    look,
                    trend.get(),
                    t.forecast((s, c) -> look.levels, now + AHEAD_TO_S + 2 * SLOPE_HALF_S, (s, c) -> false)
                            .beanC()));
        }
        return foretold.isPresent() ? foretold : measured(look, trend.get());
    }

    private Optional<Warning> foretold(Look look, LocalFit trend, Series ahead) {
        double nowRate = trend.value() + trend.slopePerS() * (TREND_TO_S + LIVE_LAG_S);
        for (double h = AHEAD_FROM_S; h <= AHEAD_TO_S; h += AHEAD_STEP_S) {
            OptionalDouble rate = rate(ahead, look.now() + h);
            if (rate.isEmpty()) {
                break;
            }
            double asked = Math.max(0, trend.value() + Math.min(0, trend.slopePerS()) * (TREND_TO_S + LIVE_LAG_S + h));
            boolean far = rate.getAsDouble() < (1 - setup.faults().crashFallShare()) * nowRate;
            if (far
                    && asked - rate.getAsDouble()
                            >= FORETOLD_SHARE * setup.faults().crashDepthCPerMin()) {
                return Optional.of(new Warning(Kind.CRASH, 0, rate.getAsDouble(), nowRate, h));
            }
        }
        return Optional.empty();
    }

    private static Optional<Warning> measured(Look look, LocalFit trend) {
        return look.curve.slope(FAST_S, false).flatMap(fast -> {
            double rate = 60 * fast.slopePerS();
            // the fast look speaks for its own middle
            double asked = trend.value() + trend.slopePerS() * (TREND_TO_S + LIVE_LAG_S - FAST_S / 2);
            boolean falls = asked - rate >= FAST_DEPTH_C_PER_MIN && rate < FAST_SHARE * asked;
            return falls ? Optional.of(new Warning(Kind.CRASH, 0, rate, asked, 0)) : Optional.empty();
        });
    }

    private static OptionalDouble rate(Series ahead, double atS) {
        boolean reached = !ahead.isEmpty() && ahead.timeS(ahead.size() - 1) >= atS;
        OptionalDouble slope = reached ? ahead.slopeAbout(atS, SLOPE_HALF_S) : OptionalDouble.empty();
        return slope.isPresent() ? OptionalDouble.of(60 * slope.getAsDouble()) : slope;
    }

    private Optional<Warning> runningAway(Look look) {
        Aim aim = setup.targets().aims().get(KeyFigure.ROR_AT_FIRST_CRACK);
        Optional<Expected> crack = look.outlook.flatMap(Outlook::firstCrackS);
        Optional<Expected> rate = look.outlook.flatMap(Outlook::rorAtFirstCrackCPerMin);
        if (aim == null || crack.isEmpty() || rate.isEmpty()) {
            return Optional.empty();
        }
        double inS = crack.get().value() - look.now();
        boolean away = rate.get().value() > aim.value() + Math.max(aim.tolerance(), EXCESS_C_PER_MIN)
                && inS > 0
                && inS <= NEAR_CRACK_S;
        return away
                ? Optional.of(new Warning(Kind.RUNNING_AWAY, 0, rate.get().value(), aim.value(), inS))
                : Optional.empty();
    }

    private Optional<Warning> stall(Look look, double dryS) {
        double now = look.now();
        OptionalDouble rate = look.curve.rorCPerMin();
        Optional<LocalFit> flat = look.curve.rorTrend(now - STALL_S, now);
        if (rate.isEmpty() || flat.isEmpty() || now < dryS + STALL_S + LIVE_LAG_S) {
            return Optional.empty();
        }
        double before = flat.get().value() - flat.get().slopePerS() * STALL_S;
        boolean still = Math.abs(flat.get().slopePerS() * setup.faults().stallHoldS())
                < setup.faults().stallChangeCPerMin();
        boolean low = rate.getAsDouble() < setup.faults().stalledCPerMin();
        return still || low ? Optional.of(new Warning(Kind.STALL, 0, rate.getAsDouble(), before, 0)) : Optional.empty();
    }

    private static Optional<Warning> flick(Look look, double dryS) {
        double now = look.now();
        OptionalDouble rate = look.curve.rorCPerMin();
        Optional<LocalFit> rising = look.curve.rorTrend(now - 2 * FLICK_S, now);
        OptionalDouble low = look.curve.lowestRor(dryS + AFTER_DRY_S, now - FLICK_S);
        boolean up = rate.isPresent()
                && low.isPresent()
                && rising.isPresent()
                && rising.get().slopePerS() > 0
                && rate.getAsDouble() - low.getAsDouble() >= FLICK_C_PER_MIN;
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
