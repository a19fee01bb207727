package barrowmist.core.cupping;

import barrowmist.core.check.Checks;
import barrowmist.core.check.Coded;
import barrowmist.core.check.FieldProblem;
import java.util.Collection;
import java.util.Collections;
import java.util.List;

/** Where a word belongs on the value-assessment form, and how many fit there (SCA standard 103 of 2024, from memory). */
public enum WordPlace implements Coded {
    FRAGRANCE_AROMA("fragrance and aroma", 5),
    FLAVOUR_AFTERTASTE("flavour and aftertaste", 5),
    MAIN_TASTE("main tastes", 2),
    MOUTHFEEL("mouthfeel", 2);

    private final String label;
    private final int most;

    WordPlace(String label, int most) {
        this.label = label;
        this.most = most;
    }

    @Override
    public String label() {
        return label;
    }

    /** How many words fit there. */
    public int most() {
        return most;
    }

    /** What is wrong with so many words at these places. */
    public static List<FieldProblem> problems(Collection<WordPlace> taken) {
        Checks checks = new Checks();
        for (WordPlace place : values()) {
            int there = Collections.frequency(taken, place);
            if (there > place.most) {
                checks.add("words", there + " words for " + place.label + ", at most " + place.most + " fit there");
            }
        }
        return checks.problems();
    }
}
