package barrowmist.core.plan;

/**
 * What a figure is to be.
 *
 * @param value in the unit of the figure
 * @param tolerance how far off still counts as reached, same unit, positive; {@link PlanLimits} checks it
 */
public record Aim(double value, double tolerance) {

    /** The least that counts as reached. */
    public double least() {
        return value - tolerance;
    }

    /** The most that counts as reached. */
    public double most() {
        return value + tolerance;
    }

    public boolean reachedBy(double other) {
        return Math.abs(other - value) <= tolerance;
    }
}
