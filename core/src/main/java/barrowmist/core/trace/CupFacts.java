package barrowmist.core.trace;

import barrowmist.core.cupping.CuppingSheet;
import barrowmist.core.cupping.TasteNote;
import barrowmist.core.cupping.Vocabulary;
import barrowmist.core.green.Process;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.OptionalDouble;

/**
 * What the cups of one roast say, over all its sheets.
 *
 * @param cups number of cups over all sheets; 0 when the roast has not been cupped
 * @param sheets number of sheets
 * @param found for each word where it was found, in order of first mention
 * @param acidity how much acidity was marked, mean share of its scale, [0, 1]; empty when nobody marked it. The score of
 *     acidity says how good it is, and nothing of the amount
 */
public record CupFacts(int cups, int sheets, Map<String, Found> found, OptionalDouble acidity) {

    public static final CupFacts NONE = new CupFacts(0, 0, Map.of(), OptionalDouble.empty());

    /**
     * Where a word was found.
     *
     * @param sheets on so many sheets
     * @param cups in so many cups
     * @param ofCups out of the cups of those sheets: what another cupper did not find says nothing of the cups
     */
    public record Found(int sheets, int cups, int ofCups) {

        Found and(Found other) {
            return new Found(sheets + other.sheets, cups + other.cups, ofCups + other.ofCups);
        }

        /** The share of the cups it was found in. */
        double share() {
            return Math.min(1, (double) cups / ofCups);
        }
    }

    /** Without marks of intensity. */
    public static CupFacts of(Collection<? extends CuppingSheet> sheets) {
        return of(sheets, OptionalDouble.empty());
    }

    /** @param acidity how much of it was marked, mean share of its scale */
    public static CupFacts of(Collection<? extends CuppingSheet> sheets, OptionalDouble acidity) {
        Map<String, Found> found = new LinkedHashMap<>();
        int cups = 0;
        for (CuppingSheet sheet : sheets) {
            cups += sheet.cups().size();
            words(sheet).forEach((word, f) -> found.merge(word, f, Found::and));
        }
        return new CupFacts(cups, sheets.size(), found, acidity);
    }

    /** The words of one sheet; two that mean the same are one. */
    private static Map<String, Found> words(CuppingSheet sheet) {
        Map<String, TasteNote> notes = new LinkedHashMap<>();
        for (TasteNote note : sheet.words()) {
            String word = Vocabulary.plain(note.word());
            notes.merge(word, TasteNote.of(word, note.cups()), TasteNote::and);
        }
        Map<String, Found> out = new LinkedHashMap<>();
        notes.forEach((word, note) ->
                out.put(word, new Found(1, note.cups().size(), sheet.cups().size())));
        return out;
    }

    /**
     * The same as such a coffee is read: fermented fruit is a natural's own and a ferment elsewhere; earth is a wet-hulled coffee's
     * own, unless its green smells of mould (common practice, no published source).
     */
    public CupFacts readBy(Process process, boolean mustyGreen) {
        Map<String, Found> read = new LinkedHashMap<>();
        found.forEach((word, f) -> {
            if (word.equals("earthy") && process == Process.WET_HULLED && !mustyGreen) {
                return;
            }
            boolean fermented = word.equals("fermented fruit") && process == Process.WASHED;
            read.merge(fermented ? "ferment" : word, f, Found::and);
        });
        return new CupFacts(cups, sheets, read, acidity);
    }

    /** For each word the number of cups it was found in. */
    public Map<String, Integer> words() {
        Map<String, Integer> out = new LinkedHashMap<>();
        found.forEach((word, f) -> out.put(word, f.cups()));
        return out;
    }

    public boolean cupped() {
        return cups > 0;
    }
}
