package barrowmist.core.trace;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;

/** Weighs the words of the cups for one cause. */
final class CupRule {

    /** Words alone add at most this (house default). */
    private static final double MOST = 2.5;

    /** A cup without a word of the cause speaks against it (house default). */
    private static final double NO_WORD = -1.2;

    /** A fault of the roast shows in all cups of a sample; in a few only, it speaks against (house default). */
    private static final double FEW_CUPS = -0.8;

    private static final double FEW_SHARE = 0.5;

    private CupRule() {}

    static void weigh(CupFacts cup, CauseRule rule, GatheredEvidence gathered) {
        if (!cup.cupped()) {
            gathered.missing("It has not been cupped: only the cup can say whether it shows.");
            return;
        }
        List<String> found = new ArrayList<>(cup.words().keySet());
        found.removeIf(w -> !rule.words().containsKey(w));
        if (found.isEmpty()) {
            gathered.add(
                    Evidence.Source.CUP, NO_WORD, "no word for " + rule.cause().code() + " in " + cups(cup.cups()));
            return;
        }
        found.sort(Comparator.comparingDouble(w -> -adds(cup, rule.words(), w)));
        double sum = found.stream().mapToDouble(w -> adds(cup, rule.words(), w)).sum();
        double widest = found.stream().mapToDouble(w -> share(cup, w)).max().orElse(0);
        gathered.add(Evidence.cup(Math.min(MOST, sum), String.join(", ", found) + where(cup, widest), found));
        if (widest < FEW_SHARE) {
            gathered.add(
                    Evidence.cup(FEW_CUPS, "only in some of the cups: a fault of the roast shows in all", List.of()));
        }
    }

    private static double adds(CupFacts cup, Map<String, Double> strengths, String word) {
        return strengths.getOrDefault(word, 0.0) * share(cup, word);
    }

    private static double share(CupFacts cup, String word) {
        return Math.min(1, (double) cup.words().getOrDefault(word, 0) / cup.cups());
    }

    private static String where(CupFacts cup, double widestShare) {
        return widestShare == 1
                ? ", in " + (cup.cups() == 1 ? "the one cup" : "all " + cups(cup.cups()))
                : ", in up to %d of %s".formatted(Math.round(widestShare * cup.cups()), cups(cup.cups()));
    }

    private static String cups(int n) {
        return n == 1 ? "one cup" : n + " cups";
    }
}
