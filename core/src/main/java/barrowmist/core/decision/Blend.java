package barrowmist.core.decision;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.function.Function;

/** What the parts of a blend suggest of it. An estimate: only the cup of the trial tells. */
public final class Blend {

    /** Parts that differ by more than this are roasted apart (house defaults). */
    private static final double DENSITY_G_PER_L = 40;

    private static final double MOISTURE_PCT = 1;
    private static final double SCREENS = 1.5;

    /** A word below this share of cups is not expected of the blend (house default). */
    private static final double TASTED = 0.1;

    private static final double WHOLE = 100;

    private Blend() {}

    /**
     * A part.
     *
     * @param name what a person calls it
     * @param share of the roasted blend, per cent
     * @param score mean of its clean cups; empty where none were scored
     * @param words share of its cups in which each was found
     * @param colourGround points; empty where it was not read
     * @param lossPct weight loss in the drum, per cent; empty where it was not weighed
     * @param densityGPerL of its green; empty where it was not measured
     * @param moisturePct the same
     * @param screen the same, mean, in 64ths of an inch
     */
    public record Part(
            String name,
            double share,
            OptionalDouble score,
            Map<String, Double> words,
            OptionalDouble colourGround,
            OptionalDouble lossPct,
            OptionalDouble densityGPerL,
            OptionalDouble moisturePct,
            OptionalDouble screen) {}

    /** A word, and in which share of cups it is expected. */
    public record Expected(String word, double share) {}

    /** Green coffee of a part that so much of the blend takes, kg; empty where its weight loss is not known. */
    public record Needed(String name, double roastedKg, OptionalDouble greenKg) {}

    /**
     * What is suggested.
     *
     * @param score weighted mean; empty where a part has none
     * @param colourGround weighted mean; empty likewise
     * @param words what is expected most first
     * @param apart whether the parts are better roasted apart
     * @param why the reasons for that, sentences
     * @param needed of each part
     */
    public record Suggested(
            OptionalDouble score,
            OptionalDouble colourGround,
            List<Expected> words,
            boolean apart,
            List<String> why,
            List<Needed> needed) {}

    /** @param roastedKg how much of the blend is wanted */
    public static Suggested of(List<Part> parts, double roastedKg) {
        List<String> why = new ArrayList<>();
        spread(parts, Part::densityGPerL, DENSITY_G_PER_L, "density", " g/L", why);
        spread(parts, Part::moisturePct, MOISTURE_PCT, "moisture", " %", why);
        spread(parts, Part::screen, SCREENS, "screen", " /64 in", why);
        boolean apart = !why.isEmpty();
        if (!apart) {
            boolean known = parts.stream()
                    .allMatch(
                            p -> p.densityGPerL().isPresent() && p.moisturePct().isPresent());
            why.add(
                    known
                            ? "Density, moisture and screen lie close together: one roast may hold them all."
                            : "Not all of it was measured: measure density and moisture of each part before roasting them"
                                    + " together.");
            apart = !known;
        }
        return new Suggested(
                weighted(parts, Part::score),
                weighted(parts, Part::colourGround),
                words(parts),
                apart,
                why,
                parts.stream().map(p -> needed(p, roastedKg)).toList());
    }

    private static void spread(
            List<Part> parts,
            Function<Part, OptionalDouble> of,
            double most,
            String name,
            String unit,
            List<String> why) {
        double[] known = parts.stream()
                .map(of)
                .flatMapToDouble(OptionalDouble::stream)
                .sorted()
                .toArray();
        if (known.length > 1 && known[known.length - 1] - known[0] > most) {
            why.add(String.format(
                    Locale.ROOT,
                    "Roast them apart: %s from %.1f to %.1f%s is more than one roast evens out.",
                    name,
                    known[0],
                    known[known.length - 1],
                    unit));
        }
    }

    private static OptionalDouble weighted(List<Part> parts, Function<Part, OptionalDouble> of) {
        double sum = 0;
        for (Part p : parts) {
            OptionalDouble value = of.apply(p);
            if (value.isEmpty()) {
                return OptionalDouble.empty();
            }
            sum += p.share() / WHOLE * value.getAsDouble();
        }
        return OptionalDouble.of(sum);
    }

    private static List<Expected> words(List<Part> parts) {
        Map<String, Double> sum = new TreeMap<>();
        for (Part p : parts) {
            p.words().forEach((w, share) -> sum.merge(w, p.share() / WHOLE * share, Double::sum));
        }
        return sum.entrySet().stream()
                .filter(e -> e.getValue() >= TASTED)
                .map(e -> new Expected(e.getKey(), e.getValue()))
                .sorted(Comparator.comparingDouble(Expected::share).reversed())
                .toList();
    }

    private static Needed needed(Part p, double roastedKg) {
        double roasted = roastedKg * p.share() / WHOLE;
        return new Needed(
                p.name(),
                roasted,
                p.lossPct().isPresent()
                        ? OptionalDouble.of(roasted / (1 - p.lossPct().getAsDouble() / WHOLE))
                        : OptionalDouble.empty());
    }
}
