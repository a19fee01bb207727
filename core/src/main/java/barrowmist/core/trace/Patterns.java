package barrowmist.core.trace;

import barrowmist.core.trace.Pattern.Standing;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.hipparchus.stat.inference.MannWhitneyUTest;

/**
 * Which figures separate the cups that are called so from those that are not. Whether a figure does at all is the test of Mann
 * and Whitney (1947), corrected for the number of figures looked at by Holm (1979). Where the calls part is the change point
 * of the share called, by maximum likelihood, with an interval from its profile likelihood; some calls may be wrong on either
 * side.
 */
public final class Patterns {

    /** Fewer roasts, or fewer of either kind, teach nothing (house defaults). */
    private static final int FEWEST = 20;

    private static final int FEWEST_OF_A_KIND = 5;

    /** A pattern is learned from so many roasts on, and so sure (house defaults). */
    private static final int LEARNED_FROM = 50;

    private static final double LEARNED_P = 0.01;
    private static final double TENTATIVE_P = 0.2;

    /**
     * The interval is where the profile log likelihood lies so little below its highest. A change point is no regular
     * parameter: a χ² limit would be too narrow, and this one is set so that the interval holds in simulated labs.
     */
    private static final double PROFILE_DROP = 2.6;

    private Patterns() {}

    /**
     * A figure over the roasts that have it.
     *
     * @param values of each roast, in its own unit
     * @param called whether its cup was called so
     */
    public record Metric(String name, double[] values, boolean[] called) {}

    /** A pattern for each figure, the surest first. */
    public static List<Pattern> of(List<Metric> metrics) {
        List<Raw> raw = new ArrayList<>(metrics.stream().map(Raw::of).toList());
        raw.sort(Comparator.comparingDouble(Raw::p));
        List<Pattern> out = new ArrayList<>();
        double least = 0;
        for (int i = 0; i < raw.size(); i++) {
            // Holm: the i-th smallest times how many are left, and never smaller than the one before
            least = Math.max(least, Math.min(1, raw.get(i).p * (raw.size() - i)));
            out.add(raw.get(i).pattern(least));
        }
        return List.copyOf(out);
    }

    /** What is known of one figure before the others are. */
    private record Raw(Metric metric, int n, int called, double auc, double p, int apart) {

        static Raw of(Metric m) {
            double[] yes = kind(m, true);
            double[] no = kind(m, false);
            int n = yes.length + no.length;
            if (yes.length == 0 || no.length == 0) {
                return new Raw(m, n, yes.length, 0.5, 1, 0);
            }
            int apart = n - mostAlike(m.values);
            if (apart < FEWEST_OF_A_KIND) {
                // nearly all are alike: the few that are not would decide it, and the test's own distribution is far
                // off
                return new Raw(m, n, yes.length, 0.5, 1, apart);
            }
            MannWhitneyUTest test = new MannWhitneyUTest();
            double u = above(yes, no);
            double p = test.mannWhitneyUTest(yes, no);
            return new Raw(m, n, yes.length, u / yes.length / no.length, Double.isNaN(p) ? 1 : p, apart);
        }

        /** How many have the value that most have. */
        private static int mostAlike(double[] values) {
            double[] sorted = values.clone();
            Arrays.sort(sorted);
            int most = 0;
            int run = 0;
            for (int i = 0; i < sorted.length; i++) {
                run = i > 0 && sorted[i] == sorted[i - 1] ? run + 1 : 1;
                most = Math.max(most, run);
            }
            return most;
        }

        private static double[] kind(Metric m, boolean called) {
            return java.util.stream.IntStream.range(0, m.values.length)
                    .filter(i -> m.called[i] == called)
                    .mapToDouble(i -> m.values[i])
                    .toArray();
        }

        /** In how many pairs the called one lies above; half for a tie. */
        private static double above(double[] yes, double[] no) {
            double[] sorted = no.clone();
            Arrays.sort(sorted);
            double sum = 0;
            for (double y : yes) {
                int low = lowerBound(sorted, y);
                int high = lowerBound(sorted, Math.nextUp(y));
                sum += low + (high - low) / 2.0;
            }
            return sum;
        }

        private static int lowerBound(double[] sorted, double x) {
            int at = Arrays.binarySearch(sorted, x);
            if (at < 0) {
                return -at - 1;
            }
            while (at > 0 && sorted[at - 1] == x) {
                at--;
            }
            return at;
        }

        Pattern pattern(double corrected) {
            int kind = Math.min(Math.min(called, n - called), apart);
            int wanting = Math.max(0, Math.max(FEWEST - n, FEWEST_OF_A_KIND - kind));
            boolean above = auc >= 0.5;
            if (wanting > 0) {
                return new Pattern(
                        metric.name,
                        above,
                        Double.NaN,
                        Double.NaN,
                        Double.NaN,
                        Math.max(auc, 1 - auc),
                        n,
                        called,
                        corrected,
                        Standing.NOT_YET,
                        wanting);
            }
            double[] at = ChangePoint.of(metric.values, metric.called, above, PROFILE_DROP);
            Standing standing = corrected <= LEARNED_P && n >= LEARNED_FROM
                    ? Standing.LEARNED
                    : corrected <= TENTATIVE_P ? Standing.TENTATIVE : Standing.NOT_YET;
            int more = standing == Standing.LEARNED ? 0 : Math.max(0, LEARNED_FROM - n);
            return new Pattern(
                    metric.name,
                    above,
                    at[0],
                    at[1],
                    at[2],
                    Math.max(auc, 1 - auc),
                    n,
                    called,
                    corrected,
                    standing,
                    more);
        }
    }
}
