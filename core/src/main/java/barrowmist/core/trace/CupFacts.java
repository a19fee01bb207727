package barrowmist.core.trace;

import barrowmist.core.cupping.Attribute;
import barrowmist.core.cupping.CuppingSheet;
import barrowmist.core.cupping.HundredPointSheet;
import barrowmist.core.cupping.TasteNote;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;

/**
 * What the cups of one roast say, over all its sheets.
 *
 * @param cups number of cups over all sheets; 0 when the roast has not been cupped
 * @param words for each word the number of cups it was found in, in order of first mention
 * @param acidity mean acidity score; empty when not scored
 */
public record CupFacts(int cups, Map<String, Integer> words, OptionalDouble acidity) {

    public static final CupFacts NONE = new CupFacts(0, Map.of(), OptionalDouble.empty());

    public static CupFacts of(Collection<? extends CuppingSheet> sheets) {
        Map<String, Integer> words = new LinkedHashMap<>();
        List<Double> acidity = new ArrayList<>();
        int cups = 0;
        for (CuppingSheet sheet : sheets) {
            cups += sheet.cups().size();
            for (TasteNote note : sheet.words()) {
                words.merge(note.word(), note.cups().size(), Integer::sum);
            }
            // another form's figures mean something else
            if (sheet instanceof HundredPointSheet form) {
                form.score(Attribute.ACIDITY).ifPresent(acidity::add);
            }
        }
        return new CupFacts(
                cups, words, acidity.stream().mapToDouble(Double::doubleValue).average());
    }

    public boolean cupped() {
        return cups > 0;
    }
}
