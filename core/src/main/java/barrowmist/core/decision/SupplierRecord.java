package barrowmist.core.decision;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.hipparchus.stat.StatUtils;
import org.hipparchus.stat.inference.TTest;

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
     * @param p of no difference at all, two sides; not a number with fewer than two lots
     * @param text a sentence
     */
    public record Overall(String figure, int lots, double mean, double p, String text) {

        /** Whether it is more than chance. */
        public boolean sure() {
            return p < BY_CHANCE;
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
        double p = p(differences);
        Compared first = of.get(0);
        String unit = first.unit().isEmpty() ? "" : " " + first.unit();
        String by = String.format(
                Locale.ROOT,
                "%s %.2f%s %s than before over %d %s",
                first.figure(),
                Math.abs(mean),
                unit,
                mean >= 0 ? "higher" : "lower",
                of.size(),
                of.size() == 1 ? "lot" : "lots");
        return new Overall(first.figure(), of.size(), mean, p, by + ": " + standing(of.size(), p) + ".");
    }

    private static String standing(int lots, double p) {
        if (lots < 2) {
            return "one lot says nothing of a supplier";
        }
        return p < BY_CHANCE
                ? String.format(Locale.ROOT, "more than chance (p %.3f)", p)
                : String.format(Locale.ROOT, "with so few that may be chance (p %.2f)", p);
    }

    /** One-sample t-test of the differences against none; all the same and not none is as sure as it gets. */
    private static double p(double[] differences) {
        if (differences.length < 2) {
            return Double.NaN;
        }
        if (StatUtils.variance(differences) == 0) {
            return differences[0] == 0 ? 1 : 0;
        }
        return new TTest().tTest(0, differences);
    }
}
