package barrowmist.core.roast;

import java.util.Arrays;
import java.util.OptionalDouble;

/**
 * Readings of one channel: values at times that never run backwards, spaced as they came. A missing reading is simply
 * not there. Immutable.
 */
public final class Series {

    private static final Series EMPTY = new Series(new double[0], new double[0]);

    private final double[] timeS;
    private final double[] value;

    /**
     * @param timeS times, s, finite, not decreasing
     * @param value readings, finite, length same as {@code timeS}
     * @throws IllegalArgumentException if the lengths differ, a number is not finite, or time runs backwards
     */
    public Series(double[] timeS, double[] value) {
        if (timeS.length != value.length) {
            throw new IllegalArgumentException("Series has " + timeS.length + " times and " + value.length + " values");
        }
        for (int i = 0; i < timeS.length; i++) {
            if (!Double.isFinite(timeS[i]) || !Double.isFinite(value[i]) || (i > 0 && timeS[i] < timeS[i - 1])) {
                throw new IllegalArgumentException(
                        "Series reading " + i + " is " + value[i] + " at " + timeS[i] + " s");
            }
        }
        this.timeS = timeS.clone();
        this.value = value.clone();
    }

    public static Series empty() {
        return EMPTY;
    }

    public int size() {
        return timeS.length;
    }

    public boolean isEmpty() {
        return timeS.length == 0;
    }

    public double timeS(int i) {
        return timeS[i];
    }

    public double value(int i) {
        return value[i];
    }

    /** A copy of the times, s. */
    public double[] timesS() {
        return timeS.clone();
    }

    /** A copy of the values. */
    public double[] values() {
        return value.clone();
    }

    /** Index of the first reading at or after {@code t}; {@code size()} when there is none. */
    public int indexFrom(double t) {
        int i = Arrays.binarySearch(timeS, t);
        if (i < 0) {
            return -i - 1;
        }
        while (i > 0 && timeS[i - 1] == t) {
            i--;
        }
        return i;
    }

    /** The value at {@code t} on the straight line between its neighbours; the end's value beyond either end. */
    public double interpolated(double t) {
        int after = indexFrom(t);
        if (after == 0 || after == timeS.length) {
            return value[after == 0 ? 0 : timeS.length - 1];
        }
        double span = timeS[after] - timeS[after - 1];
        return value[after - 1] + (value[after] - value[after - 1]) * (t - timeS[after - 1]) / span;
    }

    /** When the line through the readings first rises to {@code level}, from {@code fromS} on; empty when it never does. */
    public OptionalDouble risesTo(double level, double fromS) {
        for (int i = Math.max(1, indexFrom(fromS)); i < value.length; i++) {
            if (value[i] >= level && value[i - 1] < level) {
                double share = (level - value[i - 1]) / (value[i] - value[i - 1]);
                double at = timeS[i - 1] + share * (timeS[i] - timeS[i - 1]);
                if (at >= fromS) {
                    return OptionalDouble.of(at);
                }
            }
        }
        return OptionalDouble.empty();
    }

    /** Slope of the straight line through the readings within {@code halfS} of {@code atS}, unit per s; empty with one. */
    public OptionalDouble slopeAbout(double atS, double halfS) {
        int from = indexFrom(atS - halfS);
        int to = from;
        while (to < timeS.length && timeS[to] <= atS + halfS) {
            to++;
        }
        return to - from < 2
                ? OptionalDouble.empty()
                : OptionalDouble.of(
                        LocalFit.of(timeS, value, from, to, atS, false).slopePerS());
    }

    /** The value of the last reading at or before {@code t}, as a control holds it; the first one before that. */
    public double held(double t) {
        int after = indexFrom(t);
        boolean exact = after < timeS.length && timeS[after] == t;
        return value[Math.max(0, exact ? after : after - 1)];
    }

    /** Mean of what a control held from one time to another, each value for as long as it was held; empty where it held none. */
    public OptionalDouble heldMean(double fromS, double toS) {
        double held = 0;
        double sum = 0;
        for (int i = 0; i < timeS.length; i++) {
            double from = Math.max(fromS, timeS[i]);
            double to = i + 1 < timeS.length ? Math.min(toS, timeS[i + 1]) : toS;
            if (to > from && to < Double.MAX_VALUE) {
                held += to - from;
                sum += value[i] * (to - from);
            }
        }
        return held > 0 ? OptionalDouble.of(sum / held) : OptionalDouble.empty();
    }

    /** The readings in {@code [fromS, toS]}, with {@code shiftS} added to each time. */
    public Series slice(double fromS, double toS, double shiftS) {
        int from = indexFrom(fromS);
        int to = from;
        while (to < timeS.length && timeS[to] <= toS) {
            to++;
        }
        double[] t = Arrays.copyOfRange(timeS, from, to);
        for (int i = 0; i < t.length; i++) {
            t[i] += shiftS;
        }
        return new Series(t, Arrays.copyOfRange(value, from, to));
    }

    /** All readings with {@code shiftS} added to each time. */
    public Series shifted(double shiftS) {
        return slice(Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY, shiftS);
    }

    /** Median distance between neighbouring readings, s; 0 with fewer than two. */
    public double medianSpacingS() {
        if (timeS.length < 2) {
            return 0;
        }
        double[] d = new double[timeS.length - 1];
        for (int i = 0; i < d.length; i++) {
            d[i] = timeS[i + 1] - timeS[i];
        }
        Arrays.sort(d);
        return d[d.length / 2];
    }
}
