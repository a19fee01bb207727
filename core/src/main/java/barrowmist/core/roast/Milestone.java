package barrowmist.core.roast;

/**
 * A point on the bean curve.
 *
 * @param timeS seconds since charge
 * @param beanC bean temperature there, °C, from a local fit so that one noisy reading does not decide
 */
public record Milestone(double timeS, double beanC) {}
