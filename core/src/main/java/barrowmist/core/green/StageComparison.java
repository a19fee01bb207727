package barrowmist.core.green;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.function.Function;

/**
 * Two samples of one lot side by side: did the later one match the earlier?
 *
 * @param figure its name
 * @param unit its unit
 * @param earlier at the earlier stage
 * @param later at the later one
 * @param verdict whether they match
 * @param text what it says, a sentence
 */
public record StageComparison(
        String figure, String unit, OptionalDouble earlier, OptionalDouble later, Verdict verdict, String text) {

    /** Whether two stages match. */
    public enum Verdict {
        MATCHES,
        DIFFERS,
        NOT_MEASURED
    }

    private record Compared(
            String figure,
            String unit,
            double tolerance,
            Function<Inspection, OptionalDouble> of,
            String rose,
            String fell) {}

    /** Differences up to these are within what two samples and two meters give (house defaults). */
    private static final List<Compared> FIGURES = List.of(
            new Compared(
                    "Moisture",
                    "%",
                    0.5,
                    Inspection::moisturePct,
                    "it took up water on the way",
                    "it dried on the way"),
            new Compared(
                    "Water activity",
                    "",
                    0.03,
                    Inspection::waterActivity,
                    "it took up water on the way",
                    "it dried on the way"),
            new Compared(
                    "Density",
                    "g/L",
                    15,
                    Inspection::density,
                    "other beans, or another way of filling the cup",
                    "other beans, or another way of filling the cup"),
            new Compared(
                    "Mean screen",
                    "/64 in",
                    0.5,
                    i -> i.screens().map(s -> OptionalDouble.of(s.meanScreen())).orElse(OptionalDouble.empty()),
                    "other sorting than was shown",
                    "other sorting than was shown"),
            new Compared(
                    "Full defects, category 1",
                    "",
                    0,
                    i -> defects(i, 1),
                    "more defects than was shown",
                    "cleaner than was shown"),
            new Compared(
                    "Full defects, category 2",
                    "",
                    2,
                    i -> defects(i, 2),
                    "more defects than was shown",
                    "cleaner than was shown"));

    /** Each figure of two inspections. */
    public static List<StageComparison> of(Inspection earlier, Inspection later) {
        List<StageComparison> all = new ArrayList<>();
        for (Compared c : FIGURES) {
            all.add(compare(c, c.of.apply(earlier), c.of.apply(later)));
        }
        return all;
    }

    private static StageComparison compare(Compared c, OptionalDouble a, OptionalDouble b) {
        if (a.isEmpty() || b.isEmpty()) {
            return new StageComparison(c.figure, c.unit, a, b, Verdict.NOT_MEASURED, "Not measured at both.");
        }
        double change = b.getAsDouble() - a.getAsDouble();
        if (Math.abs(change) <= c.tolerance + ROUNDING) {
            return new StageComparison(c.figure, c.unit, a, b, Verdict.MATCHES, "Matches.");
        }
        String text = String.format(
                Locale.ROOT,
                "%s by %s%s: %s.",
                change > 0 ? "Higher" : "Lower",
                number(Math.abs(change)),
                c.unit.isEmpty() ? "" : " " + c.unit,
                change > 0 ? c.rose : c.fell);
        return new StageComparison(c.figure, c.unit, a, b, Verdict.DIFFERS, text);
    }

    private static final double ROUNDING = 1e-9;

    private static String number(double value) {
        if (value == Math.rint(value)) {
            return String.format(Locale.ROOT, "%.0f", value);
        }
        return String.format(Locale.ROOT, value < 1 ? "%.2f" : value < 20 ? "%.1f" : "%.0f", value);
    }

    private static OptionalDouble defects(Inspection i, int category) {
        return i.defectCount(java.util.OptionalInt.empty())
                .map(d -> OptionalDouble.of(d.fullDefects(category)))
                .orElse(OptionalDouble.empty());
    }
}
