package barrowmist.core.decision.batch;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;

/** What was let go of a profile, and what was held, in words: "2 of 92 held (24 kg): dry end late, warm-up cut short (1)". */
public final class Outturn {

    private static final double G_PER_KG = 1000;

    private Outturn() {}

    /**
     * A batch that was held back.
     *
     * @param greenG green coffee that went in, g; 0 where it is not known
     * @param reason why, in a person's words
     */
    public record HeldBack(double greenG, String reason) {}

    public static String text(int batches, List<HeldBack> held) {
        if (held.isEmpty()) {
            return batches == 0 ? "No batch followed it yet." : "None of " + batches + " held.";
        }
        double kg = held.stream().mapToDouble(HeldBack::greenG).sum() / G_PER_KG;
        Map<String, Long> why =
                held.stream().collect(Collectors.groupingBy(HeldBack::reason, TreeMap::new, Collectors.counting()));
        String reasons = why.entrySet().stream()
                .sorted(Map.Entry.<String, Long>comparingByValue().reversed())
                .map(e -> e.getValue() == 1 ? e.getKey() : e.getKey() + " (" + e.getValue() + ")")
                .collect(Collectors.joining("; "));
        String kilos = kg > 0 ? String.format(Locale.ROOT, " (%.1f kg green)", kg) : "";
        return held.size() + " of " + batches + " held" + kilos + ": " + reasons + ".";
    }
}
