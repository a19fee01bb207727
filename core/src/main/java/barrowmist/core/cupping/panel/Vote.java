package barrowmist.core.cupping.panel;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.hipparchus.distribution.discrete.BinomialDistribution;
import org.hipparchus.stat.interval.BinomialProportion;
import org.hipparchus.stat.interval.ConfidenceInterval;

/**
 * Who liked which of several samples best.
 *
 * @param people who voted
 * @param shares each sample's, in the order of the table
 * @param winner whose share is shown to be above chance and above every other's
 */
public record Vote(int people, List<Share> shares, Optional<String> winner) {

    private static final double CONFIDENCE = 0.95;
    private static final double ALPHA = 0.05;

    /**
     * @param votes for it
     * @param lower with 95 % confidence, [0, 1] (Wilson 1927)
     * @param upper with 95 % confidence, [0, 1]
     */
    public record Share(String code, int votes, double lower, double upper) {}

    /**
     * @param codes the samples, at least two
     * @param first each person's best
     */
    public static Vote of(List<String> codes, List<String> first) {
        Map<String, Integer> counted = new LinkedHashMap<>();
        codes.forEach(c -> counted.put(c, 0));
        first.forEach(c -> counted.computeIfPresent(c, (k, n) -> n + 1));
        int people = counted.values().stream().mapToInt(n -> n).sum();
        List<Share> shares = counted.entrySet().stream()
                .map(e -> share(e.getKey(), e.getValue(), people))
                .toList();
        return new Vote(people, shares, winner(shares, people));
    }

    private static Share share(String code, int votes, int people) {
        if (people == 0) {
            return new Share(code, 0, 0, 1);
        }
        ConfidenceInterval between =
                BinomialProportion.getWilsonScoreInterval(people, (double) votes / people, CONFIDENCE);
        return new Share(code, votes, Math.max(0, between.getLowerBound()), Math.min(1, between.getUpperBound()));
    }

    /**
     * The most liked against each other sample: of those who chose one of the two, more chose it than a coin would have
     * it (exact, one-sided, at α divided by the number of comparisons that could have been made).
     */
    private static Optional<String> winner(List<Share> shares, int people) {
        Share best =
                shares.stream().max((a, b) -> Integer.compare(a.votes, b.votes)).orElseThrow();
        int pairs = shares.size() * (shares.size() - 1);
        boolean apart = people > 0
                && shares.stream().filter(s -> s != best).allMatch(s -> coin(best.votes, s.votes) <= ALPHA / pairs);
        return apart ? Optional.of(best.code) : Optional.empty();
    }

    private static double coin(int votes, int others) {
        return votes == 0 ? 1 : 1 - new BinomialDistribution(votes + others, 0.5).cumulativeProbability(votes - 1);
    }

    /** What may be said of it, in a sentence. */
    public String text(UnaryOperator<String> name) {
        if (people == 0) {
            return "Nobody has voted yet.";
        }
        Share best =
                shares.stream().max((a, b) -> Integer.compare(a.votes, b.votes)).orElseThrow();
        return winner.map(code -> "%s is liked best: %d of %d votes.".formatted(name.apply(code), best.votes, people))
                .orElseGet(() -> "No winner shown: the most votes, %d of %d, may be chance (%s to %s of people)."
                        .formatted(best.votes, people, percent(best.lower), percent(best.upper)));
    }

    private static String percent(double share) {
        return String.format(Locale.ROOT, "%.0f %%", 100 * share);
    }
}
