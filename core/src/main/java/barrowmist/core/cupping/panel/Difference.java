package barrowmist.core.cupping.panel;

import java.util.Locale;
import org.hipparchus.distribution.continuous.BetaDistribution;

/**
 * What a triangle test came to.
 *
 * @param n sets that were answered
 * @param right of them
 * @param people who answered them
 * @param p chance of so many right answers or more by guessing
 * @param needed the fewest right answers that show a difference; {@code n + 1} when none would
 * @param shown whether a difference is shown
 * @param power chance that this test shows a difference that {@link #USUAL_SHARE} of people tell
 * @param atMost the largest share of people who may tell the two apart, with 95 % confidence, [0, 1]
 */
public record Difference(
        int n, int right, int people, double p, int needed, boolean shown, double power, double atMost) {

    /** The share of people assumed to tell two coffees apart where nobody says otherwise; house default. */
    public static final double USUAL_SHARE = 0.5;

    /** The share that is still called the same when a likeness is to be claimed; house default. */
    public static final double SAME_SHARE = 0.3;

    /** Allowed chances when a likeness is claimed: of missing it, and of claiming it wrongly (ISO 4120, value from memory). */
    private static final double SAME_ALPHA = 0.20;

    private static final double SAME_BETA = 0.05;
    private static final double CONFIDENCE = 0.95;

    /**
     * @param n answered sets, at least 0
     * @param right of them, at most {@code n}
     * @param people who answered
     */
    public static Difference of(int n, int right, int people) {
        int needed = Triangle.needed(n, Triangle.ALPHA);
        return new Difference(
                n,
                right,
                people,
                Triangle.p(right, n),
                needed,
                right >= needed,
                Triangle.power(n, USUAL_SHARE, Triangle.ALPHA),
                atMost(n, right));
    }

    /** Upper limit by Clopper and Pearson (1934) of the share of right answers, freed of those by chance. */
    private static double atMost(int n, int right) {
        double share =
                right >= n ? 1 : new BetaDistribution(right + 1.0, n - right).inverseCumulativeProbability(CONFIDENCE);
        return Math.max(0, (share - Triangle.CHANCE) / (1 - Triangle.CHANCE));
    }

    /** How many right answers guessing gives on average. */
    public double byGuessing() {
        return n * Triangle.CHANCE;
    }

    /** What may be said of it, in sentences. */
    public String text() {
        if (n == 0) {
            return "Nothing was answered yet.";
        }
        String counted = "%d of %d right".formatted(right, n);
        String repeated = people < n
                ? " %d sets by %d %s: as many people as sets would say more of others."
                        .formatted(n, people, people == 1 ? "person" : "people")
                : "";
        return (needed > n ? tooFew(counted) : shown ? difference(counted) : none(counted)) + repeated;
    }

    private String tooFew(String counted) {
        return "%s: %d %s too few, not even all right would show a difference."
                .formatted(counted, n, n == 1 ? "set is" : "sets are");
    }

    private String difference(String counted) {
        return "A difference is shown: %s, %d would do. Guessing gives as many in %s."
                .formatted(counted, needed, percent(p));
    }

    private String none(String counted) {
        int same = Triangle.assessments(SAME_SHARE, SAME_ALPHA, SAME_BETA).orElseThrow();
        return ("No difference shown: %s, %d are needed. That is not the same as no difference: up to %s of people may"
                        + " tell the two apart. Had half of them done so, this test would have shown it in %s of cases. To"
                        + " claim that at most %s tell them apart, plan %d sets.")
                .formatted(counted, needed, percent(atMost), percent(power), percent(SAME_SHARE), same);
    }

    private static String percent(double share) {
        return share < 0.001
                ? "less than 0.1 %"
                : String.format(Locale.ROOT, share < 0.01 ? "%.1f %%" : "%.0f %%", 100 * share);
    }
}
