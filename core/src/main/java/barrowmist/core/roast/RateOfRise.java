package barrowmist.core.roast;

import java.util.Arrays;
import java.util.OptionalDouble;

/**
 * Rate of rise: the slope of the bean probe, °C/min, by a local least-squares polynomial in a window of about 30 s.
 *
 * <p>Reviewing, the window is centred and quadratic; near either end it reaches further to the other side, because a
 * one-sided quadratic needs more readings for the same noise. Live, it only looks back and is linear. Readings on the
 * two sides of a gap are never fitted together.
 */
public final class RateOfRise {

    /** Width of the window, s (common practice, no published source; house default). */
    public static final double WINDOW_S = 30;

    /** No reading for longer than this is a gap, s, unless the log is slower as a whole (house default). */
    public static final double GAP_S = 15;

    /** A slow log needs a window of so many of its intervals. */
    private static final double INTERVALS_PER_WINDOW = 4;

    private static final double INTERVALS_PER_GAP = 3;

    static final int FEWEST_READINGS = 4;

    static final double SECONDS_PER_MINUTE = 60;

    /** Turns a median absolute deviation into a standard deviation for normal noise: 1/Φ⁻¹(3/4). */
    static final double MAD_TO_SD = 1.4826;

    private RateOfRise() {}

    /** Rate of rise for review, °C/min, one value for each bean reading that has enough neighbours on both sides. */
    public static Series centred(Series beanC) {
        return slopes(beanC, true);
    }

    /** Rate of rise as it could be known at each reading, °C/min: from that reading and earlier ones only. */
    public static Series trailing(Series beanC) {
        return slopes(beanC, false);
    }

    /** The window used for a log of this spacing, s: {@link #WINDOW_S} or more. */
    public static double windowS(Series beanC) {
        return windowS(beanC.medianSpacingS());
    }

    static double windowS(double spacingS) {
        return Math.max(WINDOW_S, INTERVALS_PER_WINDOW * spacingS);
    }

    static double gapS(double spacingS) {
        return Math.max(GAP_S, INTERVALS_PER_GAP * spacingS);
    }

    /** The live rate of rise at the last of these readings, °C/min; empty when they are too few or too close. */
    static OptionalDouble latest(double[] t, double[] v, int fromInclusive, int toExclusive, double windowS) {
        int last = toExclusive - 1;
        boolean enough = toExclusive - fromInclusive >= FEWEST_READINGS && t[last] - t[fromInclusive] >= windowS / 2;
        return enough
                ? OptionalDouble.of(LocalFit.of(t, v, fromInclusive, toExclusive, t[last], false)
                                .slopePerS()
                        * SECONDS_PER_MINUTE)
                : OptionalDouble.empty();
    }

    /** From which distance on two readings have a gap between them, s. */
    public static double gapS(Series beanC) {
        return gapS(beanC.medianSpacingS());
    }

    private static Series slopes(Series beanC, boolean centred) {
        double[] t = beanC.timesS();
        double[] v = beanC.values();
        double[] outT = new double[t.length];
        double[] outR = new double[t.length];
        double half = windowS(beanC) / 2;
        double gap = gapS(beanC);
        int n = 0;
        for (int start = 0; start < t.length; ) {
            int end = segmentEnd(t, start, gap);
            int lo = start;
            int hi = start;
            for (int i = start; i < end; i++) {
                double[] reach = centred ? reach(t[i], t[start], t[end - 1], half) : new double[] {2 * half, 0};
                while (t[lo] < t[i] - reach[0]) {
                    lo++;
                }
                while (lo > start && t[lo - 1] >= t[i] - reach[0]) {
                    lo--;
                }
                hi = Math.max(hi, i + 1);
                while (hi < end && t[hi] <= t[i] + reach[1]) {
                    hi++;
                }
                while (hi > i + 1 && t[hi - 1] > t[i] + reach[1]) {
                    hi--;
                }
                if (hi - lo >= FEWEST_READINGS && t[hi - 1] - t[lo] >= half) {
                    outT[n] = t[i];
                    outR[n++] = LocalFit.of(t, v, lo, hi, t[i], centred).slopePerS() * SECONDS_PER_MINUTE;
                }
            }
            start = end;
        }
        return new Series(Arrays.copyOf(outT, n), Arrays.copyOf(outR, n));
    }

    /** How far the window reaches back and ahead at {@code t}: what one side lacks, the other gets twice. */
    private static double[] reach(double t, double firstS, double lastS, double half) {
        double lackBefore = Math.max(0, half - (t - firstS));
        double lackAfter = Math.max(0, half - (lastS - t));
        return new double[] {half + 2 * lackAfter, half + 2 * lackBefore};
    }

    static int segmentEnd(double[] t, int start, double gapS) {
        int end = start + 1;
        while (end < t.length && t[end] - t[end - 1] <= gapS) {
            end++;
        }
        return end;
    }

    /**
     * Standard deviation of the noise in a centred rate of rise, °C/min, judged from the scatter of the readings about
     * their local fits; 0 for fewer than {@value #FEWEST_READINGS} readings.
     */
    static double noiseCPerMin(Series beanC) {
        double[] t = beanC.timesS();
        double[] v = beanC.values();
        double window = windowS(beanC);
        double spacing = beanC.medianSpacingS();
        if (t.length < FEWEST_READINGS || spacing <= 0) {
            return 0;
        }
        double[] residuals = new double[t.length];
        int lo = 0;
        int hi = 0;
        for (int i = 0; i < t.length; i++) {
            while (t[lo] < t[i] - window / 2) {
                lo++;
            }
            while (hi < t.length && t[hi] <= t[i] + window / 2) {
                hi++;
            }
            residuals[i] = Math.abs(v[i] - LocalFit.of(t, v, lo, hi, t[i], true).value());
        }
        Arrays.sort(residuals);
        double sigma = MAD_TO_SD * residuals[residuals.length / 2];
        double readings = window / spacing + 1;
        // variance of a least-squares slope on even spacing: 12 σ² / (n (n² − 1) Δt²)
        double slopeSd = sigma * Math.sqrt(12 / (readings * (readings * readings - 1))) / spacing;
        return slopeSd * SECONDS_PER_MINUTE;
    }
}
