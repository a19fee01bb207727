package barrowmist.core.cupping.panel;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.hipparchus.distribution.continuous.NormalDistribution;
import org.hipparchus.special.Gamma;
import org.hipparchus.util.FastMath;

/**
 * The studentised range: how far the highest and the lowest of {@code k} means of one normal population lie apart, in their
 * own standard errors, estimated with {@code v} degrees of freedom (Tukey 1953; the integral as in Copenhaver and Holland
 * 1988). Its quantiles are what pairs of several samples are held against.
 */
public final class StudentizedRange {

    private static final NormalDistribution NORMAL = new NormalDistribution();

    /** Beyond so many standard deviations nothing is left of a normal density. */
    private static final double TAIL = 8;

    private static final int INNER = 160;
    private static final int OUTER = 120;
    /** The error of a spread is integrated so many of its own standard deviations either side. */
    private static final double SPREAD_SD = 7;

    private static final double CLOSE = 1e-5;
    private static final double MOST = 200;

    private static final Map<String, Double> KNOWN = new ConcurrentHashMap<>();

    private StudentizedRange() {}

    /**
     * The value that the range exceeds with probability {@code alpha}.
     *
     * @param k means, at least 2
     * @param v degrees of freedom, at least 1
     */
    public static double quantile(double alpha, int k, double v) {
        return KNOWN.computeIfAbsent(alpha + " " + k + " " + v, x -> search(1 - alpha, k, v));
    }

    private static double search(double p, int k, double v) {
        double low = 0;
        double high = MOST;
        while (high - low > CLOSE) {
            double mid = (low + high) / 2;
            if (probability(mid, k, v) < p) {
                low = mid;
            } else {
                high = mid;
            }
        }
        return (low + high) / 2;
    }

    /** Probability that the range is at most {@code q}. */
    public static double probability(double q, int k, double v) {
        // the spread s of v squares is chi over its root: near 1, by 1/√(2v)
        double sd = 1 / FastMath.sqrt(2 * v);
        double from = Math.max(1e-9, 1 - SPREAD_SD * sd);
        double to = 1 + SPREAD_SD * Math.max(sd, 0.3);
        double logConstant = FastMath.log(2) + v / 2 * FastMath.log(v / 2) - Gamma.logGamma(v / 2);
        return simpson(
                from,
                to,
                OUTER,
                s -> FastMath.exp(logConstant + (v - 1) * FastMath.log(s) - v * s * s / 2) * range(q * s, k));
    }

    /** The same of a known spread. */
    private static double range(double q, int k) {
        return simpson(
                -TAIL,
                TAIL,
                INNER,
                z -> k
                        * NORMAL.density(z)
                        * FastMath.pow(NORMAL.cumulativeProbability(z) - NORMAL.cumulativeProbability(z - q), k - 1));
    }

    private static double simpson(double from, double to, int steps, java.util.function.DoubleUnaryOperator f) {
        double h = (to - from) / steps;
        double sum = f.applyAsDouble(from) + f.applyAsDouble(to);
        for (int i = 1; i < steps; i++) {
            sum += (i % 2 == 0 ? 2 : 4) * f.applyAsDouble(from + i * h);
        }
        return sum * h / 3;
    }
}
