package barrowmist.core.trace;

import barrowmist.core.trace.LearnedRules.Cup;
import barrowmist.core.trace.LearnedRules.Offer;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * Which of a cause's words this lab's cuppers use for it: its shares begin at what holds, as if that were so many words, and move
 * with those of the lead's cups (multinomial with Dirichlet's prior). A word that the cause does not have is noise here.
 */
final class LearnedWords {

    private final TraceRules rules;
    private final CauseTable table;

    LearnedWords(TraceRules rules, CauseTable table) {
        this.rules = rules;
        this.table = table;
    }

    /** @param judged cups that the lead holds to come from this cause */
    List<Offer> of(Cause cause, List<Cup> judged) {
        Map<String, Double> shares = table.words(cause);
        double whole = shares.values().stream().mapToDouble(Double::doubleValue).sum();
        long said = shares.keySet().stream().mapToLong(w -> with(w, judged)).sum();
        List<Offer> out = new ArrayList<>();
        if (judged.size() < LearnedRules.FEWEST_VERDICTS || said == 0) {
            return out;
        }
        double worth = rules.value("learn.worth");
        double all = worth + said;
        shares.forEach((word, share) -> {
            double hits = worth * share / whole + with(word, judged);
            if (Math.abs(hits / all - share / whole) >= LearnedRules.LEAST_DIFFERENCE) {
                out.add(Offer.ofShare(
                        rules.rule("word." + cause.code() + "." + word), hits, all, whole, judged.size()));
            }
        });
        return out;
    }

    private static long with(String word, List<Cup> cups) {
        return cups.stream().filter(c -> c.words().contains(word)).count();
    }
}
