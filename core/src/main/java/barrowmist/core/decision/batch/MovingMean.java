package barrowmist.core.decision.batch;

/**
 * An exponentially weighted mean of single values, which finds a slow drift long before one value leaves its limits (Roberts 1959;
 * NIST/SEMATECH e-Handbook, 6.3.2.4).
 *
 * @param weight of the newest value, 0 to 1
 * @param spreads so many standard deviations of the mean either side
 */
public record MovingMean(double weight, double spreads) {

    /** A fifth for the newest value finds a drift of a tenth to a half of a standard deviation a batch; the width keeps false calls below 1 in 370 (house defaults). */
    public static final MovingMean DEFAULT = new MovingMean(0.2, 3.3);

    /** The mean with one more value. */
    double next(double mean, double value) {
        return weight * value + (1 - weight) * mean;
    }

    /**
     * How far a mean may lie beside the centre.
     *
     * @param sigma of single values
     * @param count how many values it is made of; the mean has settled when there are many
     */
    public double reach(double sigma, int count) {
        double settled = 1 - Math.pow(1 - weight, 2.0 * count);
        return spreads * sigma * Math.sqrt(weight / (2 - weight) * settled);
    }

    /** The same where the centre itself is only known from so many values. */
    public double reach(ControlLimits limits, int count) {
        double centre = spreads * limits.sigma() / Math.sqrt(limits.n());
        return Math.hypot(reach(limits.sigma(), count), centre);
    }
}
