package barrowmist.core.trace;

import java.util.Comparator;
import java.util.stream.IntStream;

/** Where along a figure the share of calls changes: two shares, one on either side, by maximum likelihood. */
final class ChangePoint {

    private ChangePoint() {}

    /**
     * @param above whether more are called above it
     * @param drop the interval is where the profile log likelihood lies at most so far below its highest
     * @return the change point, and the ends of its interval, in the unit of the figure
     */
    static double[] of(double[] values, boolean[] called, boolean above, double drop) {
        int n = values.length;
        int[] order = IntStream.range(0, n)
                .boxed()
                .sorted(Comparator.comparingDouble(i -> values[i]))
                .mapToInt(i -> i)
                .toArray();
        int all = 0;
        for (boolean c : called) {
            all += c ? 1 : 0;
        }
        double[] log = new double[n];
        int below = 0;
        int best = -1;
        for (int k = 1; k < n; k++) {
            below += called[order[k - 1]] ? 1 : 0;
            boolean tie = values[order[k]] == values[order[k - 1]];
            boolean rises = (double) below / k < (double) (all - below) / (n - k);
            log[k] = tie || rises != above ? Double.NEGATIVE_INFINITY : log(below, k) + log(all - below, n - k);
            best = log[k] > Double.NEGATIVE_INFINITY && (best < 0 || log[k] > log[best]) ? k : best;
        }
        if (best < 0) {
            return new double[] {Double.NaN, Double.NaN, Double.NaN};
        }
        int from = best;
        int to = best;
        for (int k = 1; k < n; k++) {
            if (log[k] >= log[best] - drop) {
                from = Math.min(from, k);
                to = Math.max(to, k);
            }
        }
        // the point may lie anywhere between two neighbours: the interval reaches to the outer ones
        return new double[] {
            (values[order[best - 1]] + values[order[best]]) / 2, values[order[from - 1]], values[order[to]]
        };
    }

    private static double log(int hits, int of) {
        return term(hits, of) + term(of - hits, of);
    }

    private static double term(int k, int n) {
        return k == 0 ? 0 : k * Math.log((double) k / n);
    }
}
