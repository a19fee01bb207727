package barrowmist.core.cupping.panel;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.hipparchus.distribution.continuous.ChiSquaredDistribution;
import org.hipparchus.distribution.continuous.NormalDistribution;
import org.hipparchus.stat.ranking.NaNStrategy;
import org.hipparchus.stat.ranking.NaturalRanking;
import org.hipparchus.stat.ranking.TiesStrategy;

/**
 * Whether people put samples in the same order: Friedman's test and Kendall's W, both corrected for ties (Hollander and
 * Wolfe, Nonparametric Statistical Methods, 1973).
 *
 * @param people number of people, at least 2
 * @param rankSums for each sample the sum of its ranks
 * @param q Friedman's Q
 * @param p chance of a Q as large where nobody prefers anything; χ² with one degree less than samples
 * @param kendallW 0 no agreement, 1 all in the same order
 */
public record Ranking(int people, double[] rankSums, double q, double p, double kendallW) {

    /** Two samples and the chance that they come so far apart, after Holm's correction for the number of pairs. */
    public record Pair(int first, int second, double p) {}

    /**
     * @param values one row a person, one column a sample; the smallest of a row has rank 1
     * @return empty with fewer than two people or samples, or when everybody ties everything
     */
    public static Optional<Ranking> of(double[][] values) {
        int n = values.length;
        int k = n == 0 ? 0 : values[0].length;
        if (n < 2 || k < 2) {
            return Optional.empty();
        }
        NaturalRanking ranking = new NaturalRanking(NaNStrategy.FAILED, TiesStrategy.AVERAGE);
        double[] sums = new double[k];
        double ties = 0;
        for (double[] row : values) {
            double[] ranks = ranking.rank(row);
            for (int j = 0; j < k; j++) {
                sums[j] += ranks[j];
            }
            ties += ties(row);
        }
        double untied = 1 - ties / (n * (Math.pow(k, 3) - k));
        if (untied <= 0) {
            return Optional.empty();
        }
        double squares = Arrays.stream(sums).map(r -> r * r).sum();
        double q = (12.0 / (n * k * (k + 1)) * squares - 3.0 * n * (k + 1)) / untied;
        double p = 1 - new ChiSquaredDistribution(k - 1).cumulativeProbability(q);
        return Optional.of(new Ranking(n, sums, q, p, q / (n * (k - 1.0))));
    }

    /** Sum of t³ − t over the groups of t equal values of a row. */
    private static double ties(double[] row) {
        double sum = 0;
        double[] sorted = row.clone();
        Arrays.sort(sorted);
        for (int i = 0; i < sorted.length; ) {
            int j = i;
            while (j < sorted.length && sorted[j] == sorted[i]) {
                j++;
            }
            double t = j - i;
            sum += t * t * t - t;
            i = j;
        }
        return sum;
    }

    /** Every two samples, by the difference of their rank sums (normal, as in Dunn 1964), corrected by Holm 1979. */
    public List<Pair> pairs() {
        int k = rankSums.length;
        double spread = Math.sqrt(people * k * (k + 1) / 6.0);
        NormalDistribution normal = new NormalDistribution();
        List<Pair> raw = new ArrayList<>();
        for (int a = 0; a < k; a++) {
            for (int b = a + 1; b < k; b++) {
                double z = Math.abs(rankSums[a] - rankSums[b]) / spread;
                raw.add(new Pair(a, b, 2 * (1 - normal.cumulativeProbability(z))));
            }
        }
        return holm(raw);
    }

    private static List<Pair> holm(List<Pair> raw) {
        List<Integer> order = IntStream.range(0, raw.size())
                .boxed()
                .sorted(Comparator.comparingDouble(i -> raw.get(i).p()))
                .toList();
        Pair[] corrected = new Pair[raw.size()];
        double least = 0;
        for (int i = 0; i < order.size(); i++) {
            Pair pair = raw.get(order.get(i));
            least = Math.max(least, Math.min(1, pair.p() * (order.size() - i)));
            corrected[order.get(i)] = new Pair(pair.first(), pair.second(), least);
        }
        return List.of(corrected);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Ranking r
                && people == r.people
                && Arrays.equals(rankSums, r.rankSums)
                && q == r.q
                && p == r.p
                && kendallW == r.kendallW;
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(rankSums);
    }

    @Override
    public String toString() {
        return "Ranking of " + people + ", sums " + Arrays.toString(rankSums) + ", Q " + q;
    }
}
