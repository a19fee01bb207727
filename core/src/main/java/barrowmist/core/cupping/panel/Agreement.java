package barrowmist.core.cupping.panel;

import java.util.Arrays;
import java.util.Optional;
import java.util.OptionalDouble;
import org.hipparchus.distribution.continuous.FDistribution;

/**
 * How far cuppers agree on scores: the two-way analysis of variance of a table in which everybody scored every sample, and
 * the intraclass correlations for cuppers who stand for all who might have sat there (Shrout and Fleiss 1979, case 2;
 * interval as in McGraw and Wong 1996).
 *
 * @param samples number of samples, at least 2
 * @param cuppers number of cuppers, at least 2
 * @param betweenSamples mean square between samples
 * @param betweenCuppers mean square between cuppers
 * @param rest mean square of what is left
 */
public record Agreement(int samples, int cuppers, double betweenSamples, double betweenCuppers, double rest) {

    private static final double TAIL = 0.025;
    /** Squares smaller than this share of the scores are the arithmetic's, not the table's. */
    private static final double NOTHING = 1e-12;

    /**
     * @param icc ICC(2,1): of a single cupper's scores; negative as it comes
     * @param lower end of its 95 % interval
     * @param upper end of its 95 % interval
     * @param iccMean ICC(2,k): of the mean of all of them
     */
    public record Intraclass(double icc, double lower, double upper, double iccMean) {}

    /**
     * @param scores one row a sample, one column a cupper; nothing is missing
     * @return empty with fewer than two samples or two cuppers
     */
    public static Optional<Agreement> of(double[][] scores) {
        int n = scores.length;
        int k = n == 0 ? 0 : scores[0].length;
        if (n < 2 || k < 2) {
            return Optional.empty();
        }
        double grand =
                Arrays.stream(scores).flatMapToDouble(Arrays::stream).average().orElseThrow();
        double bySample = 0;
        double byCupper = 0;
        double all = 0;
        for (double[] row : scores) {
            bySample += k * Math.pow(Arrays.stream(row).average().orElseThrow() - grand, 2);
            all += Arrays.stream(row).map(x -> (x - grand) * (x - grand)).sum();
        }
        for (int j = 0; j < k; j++) {
            int cupper = j;
            double mean =
                    Arrays.stream(scores).mapToDouble(r -> r[cupper]).average().orElseThrow();
            byCupper += n * Math.pow(mean - grand, 2);
        }
        double left = Math.max(0, all - bySample - byCupper);
        double noise = NOTHING * Math.max(1, grand * grand);
        return Optional.of(new Agreement(
                n,
                k,
                clean(bySample / (n - 1), noise),
                clean(byCupper / (k - 1), noise),
                clean(left / ((n - 1) * (k - 1)), noise)));
    }

    private static double clean(double square, double noise) {
        return square < noise ? 0 : square;
    }

    /** The correlations; empty when all scores are alike, so that there is nothing to agree on. */
    public Optional<Intraclass> intraclass() {
        double n = samples;
        double k = cuppers;
        double total = betweenSamples + (k - 1) * rest + k * (betweenCuppers - rest) / n;
        double totalOfMean = betweenSamples + (betweenCuppers - rest) / n;
        if (total == 0 || totalOfMean == 0) {
            return Optional.empty();
        }
        double icc = (betweenSamples - rest) / total;
        double iccMean = (betweenSamples - rest) / totalOfMean;
        if (rest == 0) {
            // no noise is left to make an interval of
            return Optional.of(new Intraclass(icc, icc, icc, iccMean));
        }
        double ratio = betweenCuppers / rest;
        double inner = n * (1 + (k - 1) * icc) - k * icc;
        double freedom = (k - 1)
                * (n - 1)
                * Math.pow(k * icc * ratio + inner, 2)
                / ((n - 1) * k * k * icc * icc * ratio * ratio + inner * inner);
        double noisy = k * betweenCuppers + (k * n - k - n) * rest;
        double high = new FDistribution(n - 1, freedom).inverseCumulativeProbability(1 - TAIL);
        double low = new FDistribution(freedom, n - 1).inverseCumulativeProbability(1 - TAIL);
        return Optional.of(new Intraclass(
                icc,
                n * (betweenSamples - high * rest) / (high * noisy + n * betweenSamples),
                n * (low * betweenSamples - rest) / (noisy + n * low * betweenSamples),
                iccMean));
    }

    private static final double ALPHA = 0.05;

    /** Standard normal quantile of a power of 80 %. */
    private static final double POWER = 0.8416;

    /**
     * The smallest difference between two samples' means that this table tells apart, whichever two are looked at: Tukey and
     * Kramer's at 5 % for all pairs together, points. Empty when nothing is left to judge it by.
     */
    public OptionalDouble smallestDifference() {
        return rest == 0
                ? OptionalDouble.empty()
                : OptionalDouble.of(StudentizedRange.quantile(ALPHA, samples, freedom()) * Math.sqrt(rest / cuppers));
    }

    /** The difference that such a table would tell apart in 4 of 5, points; empty as before. */
    public OptionalDouble foundInFourOfFive() {
        return smallestDifference().isEmpty()
                ? OptionalDouble.empty()
                : OptionalDouble.of(smallestDifference().getAsDouble() + POWER * Math.sqrt(2 * rest / cuppers));
    }

    private double freedom() {
        return (samples - 1.0) * (cuppers - 1);
    }

    /** Whether the scores leave something to judge chance by: two by two do not. */
    boolean judges() {
        return freedom() > 1;
    }
}
