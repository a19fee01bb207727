package barrowmist.core.device;

import barrowmist.core.device.TrialRoasts.Trial;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.Series;
import java.util.OptionalDouble;

/**
 * What the rate of rise of an invented roast truly did, from its readings without noise: by differences, and by plain
 * counting through every second, so that no rule of the program judges itself.
 */
public final class TrueRate {

    private static final int HALF_S = 15;
    private static final int CRASH_S = 45;
    private static final int TREND_S = 60;
    private static final int FLAT_S = 60;
    private static final int LOW_S = 30;

    private final double[] rate;
    private final int dryS;

    public TrueRate(Trial trial) {
        Series bean = trial.clean().log().beanC();
        rate = new double[Math.max(0, bean.size() - HALF_S)];
        for (int t = HALF_S; t < rate.length; t++) {
            rate[t] = 60 * (bean.value(t + HALF_S) - bean.value(t - HALF_S)) / (2 * HALF_S);
        }
        dryS = (int) trial.clean().events().timeS(EventKind.DRY_END).orElseThrow();
    }

    /** When it had first fallen by 40 % within 45 s and 3.5 °C/min below its trend, s since charge; empty for never. */
    public OptionalDouble crashS() {
        return crashS(0.4, 3.5);
    }

    /** The same with other limits. */
    public OptionalDouble crashS(double share, double depth) {
        for (int t = dryS + CRASH_S; t < rate.length; t++) {
            for (int from = t - CRASH_S; from < t; from += 5) {
                double slope = Math.min(0, (rate[from] - rate[from - TREND_S]) / TREND_S);
                double asked = rate[from] + slope * (t - from);
                if (rate[t] < (1 - share) * rate[from] && asked - rate[t] >= depth) {
                    return OptionalDouble.of(t);
                }
            }
        }
        return OptionalDouble.empty();
    }

    /** When it was lowest from {@code fromS} on, s since charge. */
    public double lowestS(double fromS) {
        int lowest = (int) fromS;
        for (int t = lowest; t < rate.length; t++) {
            lowest = rate[t] < rate[lowest] ? t : lowest;
        }
        return lowest;
    }

    /** By how much it turned up at most after dry end, °C/min. */
    public double turnedUp() {
        double low = Double.POSITIVE_INFINITY;
        double most = 0;
        for (int t = dryS; t < rate.length; t++) {
            low = Math.min(low, rate[t]);
            most = Math.max(most, rate[t] - low);
        }
        return most;
    }

    /** The least that it changed within a minute after dry end, °C/min. */
    public double leastChange() {
        double least = Double.POSITIVE_INFINITY;
        for (int t = dryS; t + FLAT_S < rate.length; t++) {
            least = Math.min(least, Math.abs(rate[t + FLAT_S] - rate[t]));
        }
        return least;
    }

    /** The highest that it stayed under for half a minute after dry end, °C/min. */
    public double lowFor() {
        double low = Double.POSITIVE_INFINITY;
        for (int t = dryS; t + LOW_S < rate.length; t++) {
            double highest = Double.NEGATIVE_INFINITY;
            for (int i = t; i <= t + LOW_S; i++) {
                highest = Math.max(highest, rate[i]);
            }
            low = Math.min(low, highest);
        }
        return low;
    }
}
