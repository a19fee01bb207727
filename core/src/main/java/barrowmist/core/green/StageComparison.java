package barrowmist.core.green;

import barrowmist.core.check.Coded;
import barrowmist.core.check.CountTest;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.Function;

/**
 * Two samples of one lot side by side: did the later one match the earlier?
 *
 * @param figure its name
 * @param unit its unit
 * @param earlier at the earlier stage
 * @param later at the later one
 * @param verdict whether they match
 * @param worse whether the later one is the worse of two that differ; what is only another coffee is neither
 * @param text what it says, a sentence
 */
public record StageComparison(
        String figure,
        String unit,
        OptionalDouble earlier,
        OptionalDouble later,
        Verdict verdict,
        boolean worse,
        String text) {

    /** Whether two stages match. */
    public enum Verdict implements Coded {
        MATCHES("matches"),
        DIFFERS("differs"),
        NOT_MEASURED("not measured");

        private final String label;

        Verdict(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }

    private record Compared(
            String figure,
            String unit,
            double tolerance,
            Function<Inspection, OptionalDouble> of,
            boolean higherIsWorse,
            String rose,
            String fell) {}

    /** Differences up to these are within what two samples and two meters give (house defaults). */
    private static final List<Compared> FIGURES = List.of(
            new Compared(
                    "Moisture",
                    "%",
                    0.5,
                    Inspection::moisturePct,
                    true,
                    "it took up water on the way",
                    "it dried on the way"),
            new Compared(
                    "Water activity",
                    "",
                    0.03,
                    Inspection::waterActivity,
                    true,
                    "it took up water on the way",
                    "it dried on the way"),
            new Compared(
                    "Density",
                    "g/L",
                    15,
                    Inspection::density,
                    false,
                    "other beans, or another way of filling the cup",
                    "other beans, or another way of filling the cup"),
            new Compared(
                    "Mean screen",
                    "/64 in",
                    0.5,
                    i -> i.screens().map(s -> OptionalDouble.of(s.meanScreen())).orElse(OptionalDouble.empty()),
                    false,
                    "other sorting than was shown",
                    "other sorting than was shown"));

    /** Each figure of two inspections. */
    public static List<StageComparison> of(Inspection earlier, Inspection later) {
        List<StageComparison> all = new ArrayList<>();
        for (Compared c : FIGURES) {
            all.add(compare(c, c.of.apply(earlier), c.of.apply(later)));
        }
        for (int category = 1; category <= 2; category++) {
            all.add(defects(
                    category, earlier.defectCount(OptionalInt.empty()), later.defectCount(OptionalInt.empty())));
        }
        return all;
    }

    private static StageComparison compare(Compared c, OptionalDouble a, OptionalDouble b) {
        if (a.isEmpty() || b.isEmpty()) {
            return new StageComparison(c.figure, c.unit, a, b, Verdict.NOT_MEASURED, false, "Not measured at both.");
        }
        double change = b.getAsDouble() - a.getAsDouble();
        if (Math.abs(change) <= c.tolerance + ROUNDING) {
            return new StageComparison(c.figure, c.unit, a, b, Verdict.MATCHES, false, "Matches.");
        }
        String text = String.format(
                Locale.ROOT,
                "%s by %s%s: %s.",
                change > 0 ? "Higher" : "Lower",
                number(Math.abs(change)),
                c.unit.isEmpty() ? "" : " " + c.unit,
                change > 0 ? c.rose : c.fell);
        return new StageComparison(c.figure, c.unit, a, b, Verdict.DIFFERS, c.higherIsWorse && change > 0, text);
    }

    private static final double ROUNDING = 1e-9;

    private static String number(double value) {
        if (value == Math.rint(value)) {
            return String.format(Locale.ROOT, "%.0f", value);
        }
        return String.format(Locale.ROOT, value < 1 ? "%.2f" : value < 20 ? "%.1f" : "%.0f", value);
    }

    /** Beans of a category: by what counting so many grams can tell. */
    private static StageComparison defects(int category, Optional<DefectCount> earlier, Optional<DefectCount> later) {
        String figure = "Full defects, category " + category;
        OptionalDouble a = full(earlier, category);
        OptionalDouble b = full(later, category);
        if (earlier.isEmpty() || later.isEmpty()) {
            return new StageComparison(figure, "", a, b, Verdict.NOT_MEASURED, false, "Not measured at both.");
        }
        DefectCount one = earlier.get();
        DefectCount other = later.get();
        int before = one.beansOf(category);
        int now = other.beansOf(category);
        if (CountTest.sameRate(before, one.sampleG(), now, other.sampleG()) > CountTest.ALPHA) {
            String text = before == now ? "Matches." : "Matches, as far as counting so few beans can tell.";
            return new StageComparison(figure, "", a, b, Verdict.MATCHES, false, text);
        }
        boolean more = now / other.sampleG() > before / one.sampleG();
        String text = "%d beans in %s g, %d in %s g before: %s."
                .formatted(
                        now,
                        number(other.sampleG()),
                        before,
                        number(one.sampleG()),
                        more ? "more defects than was shown" : "cleaner than was shown");
        return new StageComparison(figure, "", a, b, Verdict.DIFFERS, more, text);
    }

    private static OptionalDouble full(Optional<DefectCount> count, int category) {
        return count.isPresent() ? OptionalDouble.of(count.get().fullDefects(category)) : OptionalDouble.empty();
    }
}
