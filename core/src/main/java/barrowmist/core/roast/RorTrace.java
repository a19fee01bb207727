package barrowmist.core.roast;

import java.util.OptionalDouble;

/**
 * A stretch of rate of rise without a gap, as the fault finders read it. Package-private arrays, never changed.
 *
 * @param t times, s since charge
 * @param r rate of rise, °C/min, length same as {@code t}
 * @param first index from which on flicks and stalls count; earlier points serve as trend
 * @param noise standard deviation of the noise in {@code r}, °C/min
 * @param firstCrackS first crack, s since charge; empty when not marked
 * @param gasPct gas, %; may be empty
 * @param airflowPct airflow, %; may be empty
 */
record RorTrace(
        double[] t, double[] r, int first, double noise, OptionalDouble firstCrackS, Series gasPct, Series airflowPct) {

    /** What was done at the controls from one time to another, s since charge. */
    HeatChange done(double fromS, double toS) {
        return HeatChange.between(gasPct, airflowPct, fromS, toS);
    }

    int size() {
        return t.length;
    }

    /** Index of the first point at or after {@code timeS}, from {@code start} on; {@code size()} when there is none. */
    int indexFrom(int start, double timeS) {
        int i = Math.max(0, start);
        while (i < t.length && t[i] < timeS) {
            i++;
        }
        return i;
    }
}
