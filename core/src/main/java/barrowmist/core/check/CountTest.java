package barrowmist.core.check;

import org.hipparchus.distribution.continuous.GammaDistribution;
import org.hipparchus.distribution.discrete.BinomialDistribution;
import org.hipparchus.distribution.discrete.PoissonDistribution;

/** What counts of rare things can tell, exactly: of beans in so many grams. */
public final class CountTest {

    /** Counts that chance alone brings less often than this tell of a difference (common practice, no published source). */
    public static final double ALPHA = 0.05;

    private static final double TAIL = ALPHA / 2;

    private CountTest() {}

    /**
     * Where the true mean of a count lies.
     *
     * @param lower at least 0
     * @param upper above it
     */
    public record Interval(double lower, double upper) {

        /** The same for another amount. */
        public Interval times(double factor) {
            return new Interval(lower * factor, upper * factor);
        }
    }

    /** The exact interval of a Poisson mean at 95 % (Garwood 1936). */
    public static Interval interval(int count) {
        return new Interval(
                count == 0 ? 0 : new GammaDistribution(count, 1).inverseCumulativeProbability(TAIL),
                new GammaDistribution(count + 1.0, 1).inverseCumulativeProbability(1 - TAIL));
    }

    /**
     * Chance of two counts at least so far apart where both come from one mean, two-sided: given their sum, one of them is
     * binomial with its share of the exposure (Przyborowski and Wilenski 1940).
     *
     * @param firstG exposure of the first count, such as grams, positive
     * @param secondG of the second
     */
    public static double sameRate(int first, double firstG, int second, double secondG) {
        int both = first + second;
        if (both == 0) {
            return 1;
        }
        BinomialDistribution share = new BinomialDistribution(both, secondG / (firstG + secondG));
        double atMost = share.cumulativeProbability(second);
        double atLeast = second == 0 ? 1 : 1 - share.cumulativeProbability(second - 1);
        return Math.min(1, 2 * Math.min(atMost, atLeast));
    }

    /** Chance of at least so many where the mean is this; 0 for something where nothing is allowed. */
    public static double atLeast(int count, double mean) {
        if (count <= 0) {
            return 1;
        }
        return mean <= 0 ? 0 : 1 - new PoissonDistribution(mean).cumulativeProbability(count - 1);
    }
}
