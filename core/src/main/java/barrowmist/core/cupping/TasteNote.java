package barrowmist.core.cupping;

import java.util.Collection;
import java.util.SortedSet;
import java.util.TreeSet;

/**
 * A word for a taste, and the cups it was found in.
 *
 * @param word a word of the {@link Vocabulary}, or any other
 * @param cups cup numbers, from 1
 */
public record TasteNote(String word, SortedSet<Integer> cups) {

    /** So many characters a word has at most, the house's own too. */
    public static final int LONGEST_WORD = 40;

    public TasteNote {
        cups = new TreeSet<>(cups);
    }

    public static TasteNote of(String word, Collection<Integer> cups) {
        return new TasteNote(word, new TreeSet<>(cups));
    }

    /** This word in the cups of both. */
    public TasteNote and(TasteNote other) {
        SortedSet<Integer> both = cups();
        both.addAll(other.cups);
        return new TasteNote(word, both);
    }

    @Override
    public SortedSet<Integer> cups() {
        return new TreeSet<>(cups);
    }
}
