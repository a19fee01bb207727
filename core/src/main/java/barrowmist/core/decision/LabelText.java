package barrowmist.core.decision;

import barrowmist.core.cupping.HouseScales;
import barrowmist.core.cupping.Vocabulary;
import barrowmist.core.cupping.WordGroup;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/** What stands on a bag for whoever drinks it: what it tastes of, the house's own scales, and until when it is sold. */
public final class LabelText {

    private static final Set<WordGroup> SOUGHT = Set.of(WordGroup.FRUIT, WordGroup.SWEET, WordGroup.DEEP);
    private static final int WORDS = 3;

    private LabelText() {}

    /**
     * A coffee for its label.
     *
     * @param name of the lot
     * @param origin and process, as they are printed
     * @param words what was found most first; words of faults are left out
     * @param scales mean of each of the house's own scales, 0 to 10, in their order
     */
    public record Coffee(String name, String origin, List<String> words, Map<String, Double> scales) {}

    /** One line each; what nobody tasted or scaled is not there. */
    public static List<String> lines(Coffee coffee, LocalDate roasted, int bestForMonths) {
        List<String> out = new ArrayList<>(List.of(coffee.name(), coffee.origin()));
        List<String> tastes = coffee.words().stream()
                .filter(w -> Vocabulary.find(w)
                        .filter(v -> SOUGHT.contains(v.group()))
                        .isPresent())
                .limit(WORDS)
                .toList();
        if (!tastes.isEmpty()) {
            out.add("Tastes of " + String.join(", ", tastes));
        }
        coffee.scales()
                .forEach((name, mean) ->
                        out.add(String.format(Locale.ROOT, "%s %.0f of %d", name, mean, HouseScales.MOST)));
        out.add("Roasted " + roasted);
        out.add("Best before " + bestBy(roasted, bestForMonths));
        return out;
    }

    public static LocalDate bestBy(LocalDate roasted, int bestForMonths) {
        return roasted.plusMonths(bestForMonths);
    }
}
