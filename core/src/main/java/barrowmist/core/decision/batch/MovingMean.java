package barrowmist.core.decision.batch;

/**
 * An exponentially weighted mean of single values, which finds a slow drift long before one value leaves its limits (Roberts 1959;
 * NIST/SEMATECH e-Handbook, 6.3.2.4).
 *
 * @param weight of the newest value, 0 to 1
 */
public record MovingMean(double weight) {

    /** A fifth for the newest value finds a drift of a tenth to a half of a standard deviation a batch (house default). */
    public static final MovingMean DEFAULT = new MovingMean(0.2);

    /** The mean with one more value. */
    double next(double mean, double value) {
        return weight * value + (1 - weight) * mean;
    }

    /**
     * How far a mean may lie beside a centre that is known.
     *
     * @param reach how far a single value may lie beside it
     * @param count how many values it is made of; the mean has settled when there are many
     */
    double reach(double reach, int count) {
        double settled = 1 - Math.pow(1 - weight, 2.0 * count);
        return reach * Math.sqrt(weight / (2 - weight) * settled);
    }

    /** The same where the centre itself is only known from so many values. */
    public double reach(ControlLimits limits, int count) {
        double single = limits.spreads() * limits.sigma();
        return Math.hypot(reach(single, count), single / Math.sqrt(limits.n()));
    }
}
