package barrowmist.core.cupping.panel;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import org.hipparchus.stat.descriptive.StreamingStatistics;
import org.hipparchus.stat.descriptive.rank.Median;

/**
 * What several cuppers together say of a table. Figures are not rounded.
 *
 * @param samples each sample, in the order given
 * @param cuppers each cupper, in the order of their first score
 * @param agreement of those who scored the same samples; empty when there are too few
 * @param ranking how far they put the samples in the same order
 * @param leftOut who or what has no part in agreement and ranking, because a score is missing
 */
public record Panel(
        List<Sample> samples,
        List<Cupper> cuppers,
        Optional<Agreement> agreement,
        Optional<Ranking> ranking,
        List<String> leftOut) {

    /** One final score. */
    public record Score(String sample, String cupper, double score) {}

    /**
     * @param code its code on the table
     * @param sd with n − 1; empty for one score
     * @param scores by cupper
     */
    public record Sample(String code, double mean, double median, OptionalDouble sd, Map<String, Double> scores) {}

    /**
     * @param offset mean of the cupper's scores less the mean of all scores of the table
     * @param sd how much of the scale the cupper uses; empty for one score
     */
    public record Cupper(String name, double offset, OptionalDouble sd) {}

    /** Works a table out; several scores of one cupper for one sample count as their mean. */
    public static Panel of(List<Score> scores) {
        Map<String, Map<String, Double>> bySample = new LinkedHashMap<>();
        Set<String> names = new LinkedHashSet<>();
        Map<String, Map<String, List<Score>>> grouped = scores.stream()
                .collect(Collectors.groupingBy(
                        Score::sample,
                        LinkedHashMap::new,
                        Collectors.groupingBy(Score::cupper, LinkedHashMap::new, Collectors.toList())));
        grouped.forEach((sample, byCupper) -> byCupper.forEach((cupper, several) -> {
            names.add(cupper);
            bySample.computeIfAbsent(sample, s -> new LinkedHashMap<>())
                    .put(
                            cupper,
                            several.stream().mapToDouble(Score::score).average().orElseThrow());
        }));
        List<Sample> samples = bySample.entrySet().stream()
                .map(e -> sample(e.getKey(), e.getValue()))
                .toList();
        double all = mean(
                bySample.values().stream().flatMap(m -> m.values().stream()).toList());
        List<Cupper> cuppers = names.stream().map(n -> cupper(n, samples, all)).toList();
        Block block = Block.of(samples, List.copyOf(names));
        return new Panel(
                samples,
                cuppers,
                Agreement.of(block.table()),
                Ranking.of(block.fromBest()),
                block.leftOut(samples, names));
    }

    private static Sample sample(String code, Map<String, Double> scores) {
        StreamingStatistics s = statistics(List.copyOf(scores.values()));
        double median = new Median()
                .evaluate(scores.values().stream().mapToDouble(x -> x).toArray());
        return new Sample(code, s.getMean(), median, sd(s), Map.copyOf(scores));
    }

    private static Cupper cupper(String name, List<Sample> samples, double all) {
        StreamingStatistics s = statistics(samples.stream()
                .flatMap(x -> Optional.ofNullable(x.scores.get(name)).stream())
                .toList());
        return new Cupper(name, s.getMean() - all, sd(s));
    }

    private static StreamingStatistics statistics(List<Double> values) {
        StreamingStatistics s = new StreamingStatistics();
        values.forEach(s::addValue);
        return s;
    }

    private static double mean(List<Double> values) {
        return values.isEmpty() ? 0 : statistics(values).getMean();
    }

    private static OptionalDouble sd(StreamingStatistics s) {
        return s.getN() < 2 ? OptionalDouble.empty() : OptionalDouble.of(s.getStandardDeviation());
    }

    /** The samples and cuppers between whom no score is missing: without samples or without cuppers, whichever leaves more. */
    private record Block(List<Sample> samples, List<String> cuppers) {

        static Block of(List<Sample> samples, List<String> cuppers) {
            Block fewerSamples = new Block(
                    samples.stream()
                            .filter(s -> s.scores.keySet().containsAll(cuppers))
                            .toList(),
                    cuppers);
            Block fewerCuppers = new Block(
                    samples,
                    cuppers.stream()
                            .filter(c -> samples.stream().allMatch(s -> s.scores.containsKey(c)))
                            .toList());
            return fewerCuppers.size() > fewerSamples.size() ? fewerCuppers : fewerSamples;
        }

        int size() {
            return samples.size() * cuppers.size();
        }

        double[][] table() {
            return samples.stream()
                    .map(s -> cuppers.stream()
                            .mapToDouble(c -> s.scores.getOrDefault(c, Double.NaN))
                            .toArray())
                    .toArray(double[][]::new);
        }

        /** One row a cupper, negated: the best has rank 1. */
        double[][] fromBest() {
            return cuppers.stream()
                    .map(c -> samples.stream()
                            .mapToDouble(s -> -s.scores.getOrDefault(c, Double.NaN))
                            .toArray())
                    .toArray(double[][]::new);
        }

        List<String> leftOut(List<Sample> all, Set<String> names) {
            List<String> out = new ArrayList<>();
            all.stream().filter(s -> !samples.contains(s)).forEach(s -> out.add(s.code()));
            names.stream().filter(n -> !cuppers.contains(n)).forEach(out::add);
            return List.copyOf(out);
        }
    }

    /** What can be said of the order of the samples, in a sentence. */
    public String text() {
        if (samples.size() < 2) {
            return "One sample: there is nothing to compare it with.";
        }
        if (cuppers.size() < 2) {
            return "One cupper: whether a second would agree is not known.";
        }
        if (agreement.isEmpty()) {
            return "Too many scores are missing to say how far the cuppers agree.";
        }
        if (!agreement.get().judges() && agreement.get().betweenSamples() > 0) {
            return "Two cuppers and two samples leave nothing to judge chance by: do not rank them.";
        }
        return ordered(agreement.get());
    }

    private String ordered(Agreement told) {
        OptionalDouble least = told.smallestDifference();
        List<Sample> best = samples.stream()
                .sorted(Comparator.comparingDouble(Sample::mean).reversed())
                .toList();
        if (least.isEmpty()) {
            return best.get(0).mean() == best.get(best.size() - 1).mean()
                    ? "All scores are alike: this table could not tell anything apart."
                    : "The cuppers differ by nothing but where they begin: the order stands.";
        }
        long level = best.stream()
                .filter(s -> best.get(0).mean() - s.mean() < least.getAsDouble())
                .count();
        String smallest = points(least);
        if (level == best.size()) {
            return "This table could not tell its samples apart: do not rank them. In 8 of 10 such tables a difference of %s or more would be found."
                    .formatted(points(told.foundInFourOfFive()));
        }
        return level == 1
                ? "%s stands apart from the others; differences under %s are not told apart here."
                        .formatted(best.get(0).code(), smallest)
                : "This table could not tell the first %d apart: do not rank them. Differences under %s are not told apart here."
                        .formatted(level, smallest);
    }

    private static String points(OptionalDouble value) {
        return String.format(Locale.ROOT, "%.2f", value.orElseThrow());
    }
}
