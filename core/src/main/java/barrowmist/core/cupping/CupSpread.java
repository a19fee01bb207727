package barrowmist.core.cupping;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/** What it means that a fault is in all cups of a sample, or in some (common practice, no published source). */
public final class CupSpread {

    /** So few of the cups are a bean's doing, as a share (house default: 2 of 5, 1 of 3). */
    private static final double FEW = 0.4;

    private CupSpread() {}

    /** The key under which the marks of the cups are spoken of, beside words. */
    public static final String DEFECTS = "defects";

    /** In a sentence; empty where it is in none, or one cup alone was tasted. */
    public static Optional<String> says(int touched, int cups) {
        if (touched == 0 || cups < 2) {
            return Optional.empty();
        }
        if (touched == cups) {
            return Optional.of("in every cup: the batch itself");
        }
        String counted = "in %d of %d cups: ".formatted(touched, cups);
        return Optional.of(counted
                + (touched <= FEW * cups
                        ? "a bean, that sorting may remove"
                        : "neither one bean nor the whole batch; cup it again"));
    }

    /** The same of every word of a sheet that is no one's wish, and of its tainted and faulty cups. */
    public static Map<String, String> of(CuppingSheet sheet) {
        Map<String, String> out = new LinkedHashMap<>();
        int cups = sheet.cups().size();
        int faulty = (int)
                sheet.cups().stream().filter(c -> c.defect() != Cup.Defect.NONE).count();
        says(faulty, cups).ifPresent(text -> out.put(DEFECTS, text));
        for (TasteNote note : sheet.words()) {
            boolean sought =
                    Vocabulary.find(note.word()).map(w -> w.group().row() == 0).orElse(true);
            if (!sought) {
                says(note.cups().size(), cups).ifPresent(text -> out.put(note.word(), text));
            }
        }
        return out;
    }
}
