package barrowmist.core.cupping.panel;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * What people liked, from everybody's order of all samples.
 *
 * @param codes the samples
 * @param people who ranked them
 * @param rankSums for each sample the sum of its ranks; the best of an order has rank 1
 * @param ranking the test whether they agree; empty with fewer than two people
 */
public record Preference(List<String> codes, int people, List<Double> rankSums, Optional<Ranking> ranking) {

    private static final double ALPHA = 0.05;

    /**
     * @param codes the samples, at least two
     * @param orders one a person: every code once, best first
     */
    public static Preference of(List<String> codes, List<List<String>> orders) {
        double[][] ranks = orders.stream()
                .map(order -> codes.stream().mapToDouble(order::indexOf).toArray())
                .toArray(double[][]::new);
        List<Double> sums = IntStream.range(0, codes.size())
                .mapToObj(j -> orders.stream()
                        .mapToDouble(o -> o.indexOf(codes.get(j)) + 1)
                        .sum())
                .toList();
        return new Preference(List.copyOf(codes), orders.size(), sums, Ranking.of(ranks));
    }

    /**
     * What may be said of it, in a sentence.
     *
     * @param name what stands under a code
     */
    public String text(UnaryOperator<String> name) {
        if (people == 0) {
            return "Nobody has ranked them yet.";
        }
        if (ranking.isEmpty()) {
            return "One person's order: whether others agree is not known.";
        }
        if (ranking.get().p() > ALPHA) {
            return "No winner shown: %d people do not agree enough for that.".formatted(people);
        }
        int best = best();
        Map<Integer, Double> against = against(best);
        List<String> level = against.entrySet().stream()
                .filter(e -> e.getValue() > ALPHA)
                .map(e -> name.apply(codes.get(e.getKey())))
                .toList();
        String first = name.apply(codes.get(best));
        if (level.isEmpty()) {
            return "%s is preferred to every other.".formatted(first);
        }
        return level.size() == codes.size() - 1
                ? "People agree on more than chance would have it, but no one sample stands apart."
                : "%s leads; it is not shown to be preferred to %s.".formatted(first, String.join(", ", level));
    }

    private int best() {
        return IntStream.range(0, codes.size())
                .boxed()
                .min(Comparator.comparingDouble(rankSums::get))
                .orElseThrow();
    }

    /** For every other sample the chance that it comes so far behind the best where nobody prefers anything. */
    private Map<Integer, Double> against(int best) {
        return ranking.orElseThrow().pairs().stream()
                .filter(p -> p.first() == best || p.second() == best)
                .collect(Collectors.toMap(
                        p -> p.first() == best ? p.second() : p.first(),
                        Ranking.Pair::p,
                        (a, b) -> a,
                        LinkedHashMap::new));
    }
}
