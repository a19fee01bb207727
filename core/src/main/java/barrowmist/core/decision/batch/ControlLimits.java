package barrowmist.core.decision.batch;

import java.util.Optional;
import org.hipparchus.distribution.continuous.TDistribution;

/**
 * Where single values lie that nothing has changed: their mean, and some standard deviations either side, which come from the mean
 * moving range. Shewhart's limits for individuals (NIST/SEMATECH e-Handbook of Statistical Methods, 6.3.2.2), as wide as the rate
 * of false calls asks for.
 *
 * @param centre mean of the values
 * @param sigma their standard deviation as the moving range tells it
 * @param n from how many values
 * @param spreads so many standard deviations lie either side
 */
public record ControlLimits(double centre, double sigma, int n, double spreads) {

    /** Mean range of two normal values, in standard deviations (d2 for n = 2, 2/√π). */
    static final double D2 = 2 / Math.sqrt(Math.PI);

    /** With fewer values, limits say nothing (house default). */
    public static final int FEWEST = 8;

    /** The limits rest on the first so many batches, so that a later drift does not move them (house default). */
    public static final int FIRST = 30;

    /**
     * From values in order of time; empty with too few, or where they are all the same.
     *
     * @param falseCalls share of values that may fall outside though nothing changed, above 0
     */
    public static Optional<ControlLimits> of(double[] values, double falseCalls) {
        if (values.length < FEWEST) {
            return Optional.empty();
        }
        double sum = values[0];
        double ranges = 0;
        for (int i = 1; i < values.length; i++) {
            sum += values[i];
            ranges += Math.abs(values[i] - values[i - 1]);
        }
        double sigma = ranges / (values.length - 1) / D2;
        return sigma > 0
                ? Optional.of(new ControlLimits(
                        sum / values.length, sigma, values.length, spreads(values.length, falseCalls)))
                : Optional.empty();
    }

    public double lower() {
        return centre - spreads * sigma;
    }

    public double upper() {
        return centre + spreads * sigma;
    }

    public boolean holds(double value) {
        return value >= lower() && value <= upper();
    }

    /**
     * How wide limits have to be that come from so many values. The mean moving range of n values spreads like a standard deviation
     * with 0.62 (n − 1) degrees of freedom (Cryer and Ryan 1990, value from memory); the centre is not known either.
     */
    private static double spreads(int n, double falseCalls) {
        double freedom = 0.62 * (n - 1);
        // such a deviation is a little too small on average, the mean range is not
        double unbiased = 1 + 1 / (4 * freedom);
        double t = -new TDistribution(freedom).inverseCumulativeProbability(falseCalls / 2);
        return t / unbiased * Math.sqrt(1 + 1.0 / n);
    }
}
