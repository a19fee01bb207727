package barrowmist.core.device;

import java.util.Arrays;

/** Whether an instrument has come to rest. */
public sealed interface StableReading {

    /** At rest, at the median of its last readings. */
    record Stable(double value) implements StableReading {}

    /** Still moving, by so much between its lowest and highest reading. */
    record Unstable(double spread) implements StableReading {}

    /**
     * Judges readings taken one after another.
     *
     * @param readings at least one
     * @param tolerance most that they may differ at rest, same unit
     */
    static StableReading of(double[] readings, double tolerance) {
        double[] sorted = readings.clone();
        Arrays.sort(sorted);
        double spread = sorted[sorted.length - 1] - sorted[0];
        if (!(spread <= tolerance)) {
            return new Unstable(spread);
        }
        return new Stable(sorted[sorted.length / 2]);
    }
}
