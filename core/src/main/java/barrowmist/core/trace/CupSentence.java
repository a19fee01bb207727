package barrowmist.core.trace;

import barrowmist.core.trace.Cause.Cups;
import barrowmist.core.trace.CupFacts.Found;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;

/** What the words of the cups come to, in sentences. */
final class CupSentence {

    private CupSentence() {}

    /** {@code flat, dull, in all 5 cups}. */
    static String found(CupFacts cup, List<String> words) {
        Found widest = words.stream()
                .map(cup.found()::get)
                .filter(Objects::nonNull)
                .max(Comparator.comparingDouble(Found::share))
                .orElseThrow();
        String where = widest.cups() == widest.ofCups()
                ? widest.ofCups() == 1 ? "in the one cup" : "in all %d cups".formatted(widest.ofCups())
                : "in up to %d of %d cups".formatted(widest.cups(), widest.ofCups());
        String who = cup.sheets() > 1 ? ", found by %d of %d".formatted(widest.sheets(), cup.sheets()) : "";
        return String.join(", ", words) + ", " + where + who;
    }

    /** @param all how far it is in all the cups, from 0 to 1 */
    static String extent(double all, Cups cups) {
        String where = all > 0.5 ? "in all cups or most" : "in some of the cups only";
        return where
                + switch (cups) {
                    case ALL -> all > 0.5 ? ", as what the whole batch has" : ": the whole batch would have it in all";
                    case FEW -> all > 0.5 ? ": single beans show in one or two" : ", as single beans show";
                    case EITHER -> ": it may be a bean, or the whole lot or table";
                };
    }
}
