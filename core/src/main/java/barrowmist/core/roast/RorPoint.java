package barrowmist.core.roast;

/**
 * A point on the rate of rise.
 *
 * @param timeS seconds since charge
 * @param cPerMin rate of rise, °C/min
 */
public record RorPoint(double timeS, double cPerMin) {}
