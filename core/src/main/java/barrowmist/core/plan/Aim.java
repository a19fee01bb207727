package barrowmist.core.plan;

/**
 * What a figure is to be.
 *
 * @param value in the unit of the figure
 * @param tolerance how far off still counts as reached, same unit, positive
 */
public record Aim(double value, double tolerance) {

    public Aim {
        if (!(tolerance > 0)) {
            throw new IllegalArgumentException("Tolerance is " + tolerance + ", it must be above 0");
        }
    }

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
