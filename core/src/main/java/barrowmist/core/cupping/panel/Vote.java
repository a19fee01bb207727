package barrowmist.core.cupping.panel;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.hipparchus.stat.interval.BinomialProportion;
import org.hipparchus.stat.interval.ConfidenceInterval;

/**
 * Who liked which of several samples best.
 *
 * @param people who voted
 * @param shares each sample's, in the order of the table
 * @param winner which is shown to be ahead of every other
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
        return new Vote(people, shares, winner(shares));
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
     * The most voted for against the next: of those who chose one of the two, more chose it than a coin would have it
     * (exact, two-sided). Choosing the two by their votes asks for no further correction (Hung and Fithian, Annals of
     * Statistics 2019, from memory).
     */
    private static Optional<String> winner(List<Share> shares) {
        List<Share> byVotes = shares.stream()
                .sorted(Comparator.comparingInt(Share::votes).reversed())
                .toList();
        int most = byVotes.get(0).votes;
        double p = Leaning.of(most, byVotes.get(1).votes).p();
        return most > 0 && p <= ALPHA ? Optional.of(byVotes.get(0).code) : Optional.empty();
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
