package barrowmist.core.decision;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import org.hipparchus.distribution.continuous.TDistribution;
import org.hipparchus.stat.StatUtils;

/** How a supplier's arrivals compare with the samples that were sent before, over all lots, and how sure one can be from so few. */
public final class SupplierRecord {

    /** So rarely would chance alone show such a difference, before it is said to be one (common practice). */
    public static final double BY_CHANCE = 0.05;

    private SupplierRecord() {}

    /**
     * One figure of one lot at two stages.
     *
     * @param figure its name
     * @param unit its unit; empty for none
     * @param before at the earlier stage
     * @param after at the later one
     * @param sure whether this one lot alone tells them apart
     */
    public record Compared(long lotId, String figure, String unit, double before, double after, boolean sure) {

        public double difference() {
            return after - before;
        }
    }

    /**
     * A figure over all lots.
     *
     * @param mean of the differences, arrival minus what was sent before
     * @param p of no difference at all, two sides; empty with fewer than three lots
     * @param text a sentence
     */
    public record Overall(String figure, int lots, double mean, OptionalDouble p, String text) {

        /** Whether it is more than chance. */
        public boolean sure() {
            return p.isPresent() && p.getAsDouble() < BY_CHANCE;
        }
    }

    /** Each figure that at least one lot has at both stages, in the order in which it is met. */
    public static List<Overall> overall(List<Compared> all) {
        Map<String, List<Compared>> by = new LinkedHashMap<>();
        all.forEach(c -> by.computeIfAbsent(c.figure(), f -> new ArrayList<>()).add(c));
        return by.values().stream().map(SupplierRecord::ofFigure).toList();
    }

    private static Overall ofFigure(List<Compared> of) {
        double[] differences = of.stream().mapToDouble(Compared::difference).toArray();
        double mean = StatUtils.mean(differences);
        OptionalDouble p = p(differences);
        Compared first = of.get(0);
        String unit = first.unit().isEmpty() ? "" : " " + first.unit();
        String text = of.size() == 2
                ? "%s: %s and %s than before in two lots, too few to say more of the supplier."
                        .formatted(first.figure(), told(differences[0], unit), told(differences[1], unit))
                : "%s %s than before over %d %s: %s."
                        .formatted(
                                first.figure(),
                                told(mean, unit),
                                of.size(),
                                of.size() == 1 ? "lot" : "lots",
                                standing(p));
        return new Overall(first.figure(), of.size(), mean, p, text);
    }

    private static String told(double difference, String unit) {
        return String.format(
                Locale.ROOT, "%.2f%s %s", Math.abs(difference), unit, difference >= 0 ? "higher" : "lower");
    }

    private static String standing(OptionalDouble told) {
        if (told.isEmpty()) {
            return "one lot says nothing of a supplier";
        }
        double p = told.getAsDouble();
        return p < BY_CHANCE
                ? String.format(Locale.ROOT, "a real difference (p %.3f)", p)
                : String.format(Locale.ROOT, "with so few no difference is shown (p %.2f)", p);
    }

    /** From so many lots on a test says something. */
    private static final int FEWEST = 3;

    /** Figures are read to a tenth: each difference is unsure by half of it either way. */
    private static final double HALF_WIDTH = 0.05;

    /**
     * One-sample t-test of the differences against none, from three lots on; the rounding of the figures is added to their
     * scatter, or two of one rounded difference would be certain.
     */
    private static OptionalDouble p(double[] differences) {
        int n = differences.length;
        if (n < FEWEST) {
            return OptionalDouble.empty();
        }
        double variance = StatUtils.variance(differences) + 2 * HALF_WIDTH * HALF_WIDTH / 3;
        double t = Math.abs(StatUtils.mean(differences)) / Math.sqrt(variance / n);
        return OptionalDouble.of(2 * new TDistribution(n - 1.0).cumulativeProbability(-t));
    }
}
