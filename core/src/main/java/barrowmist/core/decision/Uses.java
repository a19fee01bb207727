package barrowmist.core.decision;

import barrowmist.core.cupping.Drink.Serving;
import barrowmist.core.cupping.WordGroup;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * What to do with a lot, by its cup: alone or in a blend, and how far to roast it. Common practice, no published source; where schools
 * differ, both are named.
 */
public final class Uses {

    /** From here on a lot carries a name of its own (house default). */
    private static final double ALONE_FROM = 84;

    /** A group of words that is in this share of all cups speaks (house default). */
    private static final double SPEAKS = 0.3;

    /** Body marked so high carries a blend, and acidity marked at half of its scale is there (house defaults, shares). */
    private static final double MUCH = 0.7;

    private static final double LITTLE = 0.5;

    private Uses() {}

    /**
     * The cup of a lot, over its clean roasts.
     *
     * @param score mean final score; empty where nothing was scored
     * @param share of all cups in which words of a group were found, the most of its words
     * @param acidity how much of it was marked, mean share of its scale; empty where nobody marked it
     * @param body the same
     * @param servedAs how it stood on the tables
     */
    public record CupProfile(
            OptionalDouble score,
            Map<WordGroup, Double> share,
            OptionalDouble acidity,
            OptionalDouble body,
            Set<Serving> servedAs) {

        private boolean speaks(WordGroup group) {
            return share.getOrDefault(group, 0.0) >= SPEAKS;
        }
    }

    /**
     * A use that the cup suggests.
     *
     * @param role in a few words, as the decision keeps it
     * @param text why, and how far it is roasted for that
     * @param schoolId of the style that a plan for it begins with
     */
    public record Use(String role, String text, String schoolId) {}

    /** What fits best comes first; none where nothing was scored or a fault stands in the cup. */
    public static List<Use> of(CupProfile cup) {
        if (cup.score.isEmpty()) {
            return List.of();
        }
        boolean bright = cup.speaks(WordGroup.FRUIT) && cup.acidity.orElse(LITTLE) >= LITTLE;
        boolean round = cup.speaks(WordGroup.DEEP) || cup.speaks(WordGroup.SWEET) && !bright;
        boolean alone = cup.score.getAsDouble() >= ALONE_FROM;
        List<Use> out = new ArrayList<>();
        if (alone) {
            out.addAll(alone(bright, round));
        }
        if (round) {
            out.addAll(round(cup));
        }
        if (bright && !alone) {
            out.add(TOP_NOTE);
        }
        if (bright && round) {
            out.add(EITHER_WAY);
        }
        return out;
    }

    private static final Use TOP_NOTE = new Use(
            "blend, the top note",
            "Bright, but not for a name of its own: a fifth to a third of it lifts a blend.",
            "light-medium");

    private static final Use EITHER_WAY = new Use(
            "either way",
            "Schools differ: one roasts it light and keeps the fruit, the other longer for caramel and body."
                    + " Roast it both ways, and cup the two blind.",
            "light-medium");

    private static List<Use> alone(boolean bright, boolean round) {
        List<Use> out = new ArrayList<>();
        if (bright) {
            out.add(new Use(
                    "single origin, filter",
                    "Fruit and flower in the cup, and a score to carry a name: roasted lighter it stays floral and bright.",
                    "light-medium"));
        }
        if (round) {
            out.add(new Use(
                    "single origin, espresso",
                    "Nut, caramel and cocoa with a score to carry a name: roasted longer it gains caramel and body.",
                    "classic"));
        }
        return out;
    }

    private static List<Use> round(CupProfile cup) {
        boolean full = cup.body.orElse(0) >= MUCH;
        List<Use> out = new ArrayList<>();
        out.add(new Use(
                "blend, the base",
                "Sweet and round, and quiet enough to carry others" + (full ? ", with the body for it." : "."),
                "espresso"));
        if (full || cup.servedAs.contains(Serving.MILK)) {
            out.add(new Use("with milk", "Cocoa and nut with body are still tasted through milk.", "espresso"));
        }
        return out;
    }
}
