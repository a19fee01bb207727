package barrowmist.server.trace;

import barrowmist.core.cupping.Vocabulary;
import barrowmist.core.trace.CupFacts;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/** The words of a cup as they are kept to be found: each between bars, so that a part of a word is none. */
final class KeptWords {

    /** As much as is kept; words past it are left out. */
    private static final int LONGEST = 1000;

    private KeptWords() {}

    static String of(CupFacts cup) {
        StringBuilder out = new StringBuilder("|");
        for (String word : cup.found().keySet()) {
            if (out.length() + word.length() < LONGEST) {
                out.append(word).append('|');
            }
        }
        return out.toString();
    }

    /** A word as it is kept; a synonym is its word. */
    static @Nullable String sought(@Nullable String word) {
        return word == null || word.isBlank()
                ? null
                : Vocabulary.plain(word.strip().toLowerCase(Locale.ROOT));
    }
}
