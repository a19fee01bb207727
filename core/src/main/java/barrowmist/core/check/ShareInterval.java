package barrowmist.core.check;

import org.hipparchus.distribution.continuous.BetaDistribution;

/**
 * Where a share truly lies that was seen so often: the exact interval for a binomial share (Clopper and Pearson 1934).
 *
 * @param lower 0 to 1
 * @param upper 0 to 1
 */
public record ShareInterval(double lower, double upper) {

    private static final double TAIL = 0.025;

    /** At 95 %. Of none at all, everything is possible. */
    public static ShareInterval of(int right, int of) {
        return new ShareInterval(
                right == 0 ? 0 : quantile(right, of - right + 1, TAIL),
                right == of ? 1 : quantile(right + 1, of - right, 1 - TAIL));
    }

    private static double quantile(double a, double b, double p) {
        return new BetaDistribution(a, b).inverseCumulativeProbability(p);
    }
}
