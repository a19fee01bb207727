package barrowmist.core.roast;

import java.util.Arrays;
import org.hipparchus.stat.descriptive.rank.Median;

/** What a machine usually does, by its own accepted roasts: learned, or not yet. */
public sealed interface Band {

    /** Fewer roasts than this teach nothing (house default). */
    int FEWEST_ROASTS = 5;

    /**
     * Learned.
     *
     * @param median median of the roasts
     * @param spread their spread as a standard deviation, from the median absolute deviation, so that one wrongly
     *     called event does not widen it; at least the floor given when learning
     * @param roasts number of roasts behind it, {@value #FEWEST_ROASTS} or more
     */
    record Learned(double median, double spread, int roasts) implements Band {

        /** Median plus so many spreads. */
        public double high(double spreads) {
            return median + spreads * spread;
        }
    }

    /**
     * Too few roasts.
     *
     * @param roasts how many there are
     */
    record NotYetLearned(int roasts) implements Band {}

    /** No roast taught it. */
    Band NONE = new NotYetLearned(0);

    /**
     * Learns from values, any order.
     *
     * @param floor smallest spread believed, same unit as the values: identical roasts do not make a machine exact
     */
    static Band learn(double[] values, double floor) {
        if (values.length < FEWEST_ROASTS) {
            return new NotYetLearned(values.length);
        }
        double median = median(values);
        double[] deviations =
                Arrays.stream(values).map(v -> Math.abs(v - median)).toArray();
        double spread = RateOfRise.MAD_TO_SD * median(deviations);
        return new Learned(median, Math.max(spread, floor), values.length);
    }

    /** The middle of the values, at least one, any order; between the two middle ones when their number is even. */
    static double median(double[] values) {
        return new Median().evaluate(values);
    }
}
