package barrowmist.core.cupping;

import barrowmist.core.check.Checks;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;

/** What every form asks of its cups and words. */
final class SheetChecks {

    static final int MOST_WORDS = 40;

    private SheetChecks() {}

    static void cups(Checks checks, List<Cup> cups) {
        if (!HundredPointSheet.CUP_COUNTS.contains(cups.size())) {
            checks.add("cups", "There are " + cups.size() + " cups, allowed are 1, 3 or 5");
        }
    }

    static void words(Checks checks, List<TasteNote> words, int cups) {
        Set<String> seen = new HashSet<>();
        words.forEach(note -> word(checks, note, cups, seen));
        if (words.size() > MOST_WORDS) {
            checks.add("words", "There are " + words.size() + " words, at most " + MOST_WORDS + " are kept");
        }
    }

    private static void word(Checks checks, TasteNote note, int cups, Set<String> seen) {
        if (note.word().isBlank() || note.word().length() > TasteNote.LONGEST_WORD) {
            checks.add("words", "A word has 1 to " + TasteNote.LONGEST_WORD + " characters");
        } else if (!seen.add(note.word())) {
            checks.add("words", "\"" + note.word() + "\" is there twice: give it once, with all its cups");
        }
        boolean inRange = IntStream.rangeClosed(1, cups).boxed().toList().containsAll(note.cups());
        if (note.cups().isEmpty() || !inRange) {
            checks.add(
                    "words",
                    "\"" + note.word() + "\" is in cups " + note.cups() + ", allowed are 1 to " + cups
                            + ", at least one");
        }
    }
}
