package barrowmist.core.desk;

import barrowmist.core.desk.Warning.Kind;
import barrowmist.core.roast.FaultSettings;
import barrowmist.core.roast.HeatChange;
import barrowmist.core.roast.LiveCurve;
import barrowmist.core.roast.LocalFit;
import barrowmist.core.roast.Series;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleFunction;

/**
 * Watches for a crash: a fall of the rate of rise beyond its trend and beyond what was done at gas and air. What is planned
 * and not yet done is no crash: nobody could answer it. Mutable.
 */
final class CrashWatch {

    /** The trend: the rates from so long ago until so long ago, s. A live rate speaks for the middle of its window. */
    private static final double TREND_FROM_S = 75;

    private static final double TREND_TO_S = 15;
    private static final double LIVE_LAG_S = 15;

    /** How far ahead a crash is looked for, s. */
    private static final double AHEAD_FROM_S = 10;

    private static final double AHEAD_TO_S = 40;
    private static final double AHEAD_STEP_S = 5;
    private static final double SLOPE_HALF_S = 9;

    /** Only what a change that deep will do is foretold: of a small step the readings tell soon enough (house default). */
    private static final double DEEP_SHARE = 0.3;

    /**
     * A look at the last readings.
     *
     * @param windowS how many of them, s
     * @param depthCPerMin how far below the trend they must lie, °C/min
     * @param share and below which share of it
     * @param times how many readings in a row must say so
     */
    private record Glance(double windowS, double depthCPerMin, double share, int times) {}

    /** A steady fall shows in a longer look, an abrupt one in a shorter that needs more depth (house defaults). */
    private static final List<Glance> GLANCES =
            List.of(new Glance(20, 2.4, 0.7, 2), new Glance(12, 4, 0.5, 3), new Glance(8, 5.5, 0.4, 2));

    /** And none is believed within so many standard deviations of the noise. */
    private static final double NOISE_SDS = 3.8;

    private final int[] seen = new int[GLANCES.size()];
    private final FaultSettings faults;
    private final HeatChange.Answer answer;

    /** @param answer how the drum answers to its controls */
    CrashWatch(FaultSettings faults, HeatChange.Answer answer) {
        this.faults = faults;
        this.answer = answer;
    }

    /**
     * @param asItStands what the model expects while the controls stay as they are; empty where none is believed. Asked only
     *     after a deep change
     */
    Optional<Warning> look(LiveCurve curve, DoubleFunction<Series> asItStands) {
        double now = curve.lastS();
        Optional<LocalFit> trend = curve.rorTrend(now - TREND_FROM_S, now - TREND_TO_S);
        if (trend.isEmpty()) {
            return Optional.empty();
        }
        HeatChange done = HeatChange.since(curve, now - TREND_FROM_S);
        Optional<Warning> measured = measured(curve, trend.get(), done);
        return measured.isPresent() || done.share(answer) < DEEP_SHARE
                ? measured
                : foretold(curve, trend.get(), asItStands.apply(now + AHEAD_TO_S + 2 * SLOPE_HALF_S));
    }

    private Optional<Warning> measured(LiveCurve curve, LocalFit trend, HeatChange done) {
        Optional<Warning> found = Optional.empty();
        for (int i = 0; i < seen.length; i++) {
            Glance glance = GLANCES.get(i);
            Optional<Warning> falls = measured(curve, trend, done, glance);
            seen[i] = falls.isPresent() ? seen[i] + 1 : 0;
            found = found.isEmpty() && seen[i] >= glance.times ? falls : found;
        }
        return found;
    }

    /** A look speaks for its own middle. */
    private Optional<Warning> measured(LiveCurve curve, LocalFit trend, HeatChange done, Glance glance) {
        return curve.slope(glance.windowS, false).flatMap(fit -> {
            double rate = 60 * fit.slopePerS();
            double asked = trend.value() + trend.slopePerS() * (TREND_TO_S + LIVE_LAG_S - glance.windowS / 2);
            double left = asked * (1 - done.takenShare(answer));
            double depth = Math.max(glance.depthCPerMin, NOISE_SDS * curve.slopeNoiseCPerMin(glance.windowS));
            boolean falls = left - rate >= depth && rate < glance.share * left;
            return falls ? Optional.of(new Warning(Kind.CRASH, 0, rate, asked, 0)) : Optional.empty();
        });
    }

    /** After a deep change the model says where the rate will go. */
    private Optional<Warning> foretold(LiveCurve curve, LocalFit trend, Series ahead) {
        double now = curve.lastS();
        double nowRate = trend.value() + trend.slopePerS() * (TREND_TO_S + LIVE_LAG_S);
        for (double h = AHEAD_FROM_S; h <= AHEAD_TO_S; h += AHEAD_STEP_S) {
            OptionalDouble rate = rate(ahead, now + h);
            double asked = Math.max(0, nowRate + Math.min(0, trend.slopePerS()) * h);
            boolean far = rate.isPresent()
                    && rate.getAsDouble() < (1 - faults.crashFallShare()) * nowRate
                    && asked - rate.getAsDouble() >= faults.crashDepthCPerMin();
            if (far) {
                return Optional.of(new Warning(Kind.CRASH, 0, rate.getAsDouble(), nowRate, h));
            }
        }
        return Optional.empty();
    }

    private static OptionalDouble rate(Series ahead, double atS) {
        boolean reached = !ahead.isEmpty() && ahead.timeS(ahead.size() - 1) >= atS;
        OptionalDouble slope = reached ? ahead.slopeAbout(atS, SLOPE_HALF_S) : OptionalDouble.empty();
        return slope.isPresent() ? OptionalDouble.of(60 * slope.getAsDouble()) : slope;
    }
}
