package barrowmist.core.cupping.panel;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.random.RandomGenerator;
import org.hipparchus.distribution.discrete.BinomialDistribution;

/**
 * The triangle test (ISO 4120): three cups, two alike, which is the odd one? Who tastes nothing is right one time in
 * three; all is exact binomial.
 */
public final class Triangle {

    /** Chance of a right answer where there is no difference. */
    public static final double CHANCE = 1.0 / 3;

    /** Chance of a false alarm that is allowed. */
    public static final double ALPHA = 0.05;

    /** More assessments than this are not planned for. */
    private static final int MOST = 2000;

    private Triangle() {}

    /** Chance of so many right answers or more out of {@code n} where there is no difference. */
    public static double p(int right, int n) {
        return atLeast(right, n, CHANCE);
    }

    /** The fewest right answers of {@code n} that show a difference at {@code alpha}; {@code n + 1} when none would. */
    public static int needed(int n, double alpha) {
        int right = new BinomialDistribution(n, CHANCE).inverseCumulativeProbability(1 - alpha);
        while (right <= n && p(right, n) > alpha) {
            right++;
        }
        return right;
    }

    /**
     * Chance that a test of {@code n} shows a difference.
     *
     * @param discriminators share of people who tell the two apart, [0, 1]
     */
    public static double power(int n, double discriminators, double alpha) {
        int needed = needed(n, alpha);
        return needed > n ? 0 : atLeast(needed, n, discriminators + (1 - discriminators) * CHANCE);
    }

    /** The fewest assessments that find such a share with power {@code 1 - beta}; empty where too many would be needed. */
    public static Optional<Integer> assessments(double discriminators, double alpha, double beta) {
        if (power(MOST, discriminators, alpha) < 1 - beta) {
            return Optional.empty();
        }
        for (int n = 3; n <= MOST; n++) {
            if (power(n, discriminators, alpha) >= 1 - beta) {
                return Optional.of(n);
            }
        }
        return Optional.empty();
    }

    private static double atLeast(int right, int n, double chance) {
        if (right <= 0) {
            return 1;
        }
        return right > n ? 0 : 1 - new BinomialDistribution(n, chance).cumulativeProbability(right - 1);
    }

    /**
     * A set of three cups as they are served.
     *
     * @param second for each cup whether it holds the second of the two coffees
     * @param odd which cup is the odd one, 1 to 3
     */
    public record Set(List<Boolean> second, int odd) {

        static Set of(boolean oddIsSecond, int odd) {
            List<Boolean> cups = new ArrayList<>();
            for (int i = 1; i <= 3; i++) {
                cups.add(i == odd == oddIsSecond);
            }
            return new Set(List.copyOf(cups), odd);
        }
    }

    /** Sets for {@code n} assessments: all six orders equally often, the remainder drawn; shuffled. */
    public static List<Set> sets(int n, RandomGenerator random) {
        List<Set> sets = new ArrayList<>();
        while (sets.size() < n) {
            List<Set> round = new ArrayList<>();
            for (int odd = 1; odd <= 3; odd++) {
                round.add(Set.of(true, odd));
                round.add(Set.of(false, odd));
            }
            shuffle(round, random);
            sets.addAll(round.subList(0, Math.min(6, n - sets.size())));
        }
        shuffle(sets, random);
        return List.copyOf(sets);
    }

    private static <T> void shuffle(List<T> list, RandomGenerator random) {
        for (int i = list.size() - 1; i > 0; i--) {
            Collections.swap(list, i, random.nextInt(i + 1));
        }
    }
}
