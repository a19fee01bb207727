package barrowmist.core.check;

import java.util.Arrays;
import org.hipparchus.distribution.continuous.TDistribution;
import org.hipparchus.stat.StatUtils;

/**
 * Whether two groups of values in time differ in their mean (Welch 1947). Values that follow each other are alike: they count as
 * n (1 − r) / (1 + r), with the correlation r of neighbours, pooled over both groups and at least 0.
 */
public final class WelchTest {

    private static final double LEAST = 2;

    private WelchTest() {}

    /**
     * The two-sided probability of such a difference by chance, 0 to 1.
     *
     * @param values in order of time
     * @param in whether each belongs to the first group; both have two values at least
     */
    public static double p(double[] values, boolean[] in) {
        double[] one = of(values, in, true);
        double[] other = of(values, in, false);
        double r = neighbours(values, in, StatUtils.mean(one), StatUtils.mean(other));
        double counts = (1 - r) / (1 + r);
        double n = Math.max(LEAST, one.length * counts);
        double m = Math.max(LEAST, other.length * counts);
        double a = StatUtils.variance(one) / n;
        double b = StatUtils.variance(other) / m;
        double freedom = (a + b) * (a + b) / (a * a / (n - 1) + b * b / (m - 1));
        double t = Math.abs(StatUtils.mean(one) - StatUtils.mean(other)) / Math.sqrt(a + b);
        return 2 * new TDistribution(freedom).cumulativeProbability(-t);
    }

    private static double[] of(double[] values, boolean[] in, boolean which) {
        double[] out = new double[values.length];
        int n = 0;
        for (int i = 0; i < values.length; i++) {
            if (in[i] == which) {
                out[n++] = values[i];
            }
        }
        return Arrays.copyOf(out, n);
    }

    private static double neighbours(double[] values, boolean[] in, double mean, double otherMean) {
        double together = 0;
        double squares = 0;
        double before = 0;
        for (int i = 0; i < values.length; i++) {
            double off = values[i] - (in[i] ? mean : otherMean);
            together += i == 0 ? 0 : off * before;
            squares += off * off;
            before = off;
        }
        return squares == 0 ? 0 : Math.max(0, together / squares);
    }
}
