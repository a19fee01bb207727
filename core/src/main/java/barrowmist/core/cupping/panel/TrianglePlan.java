package barrowmist.core.cupping.panel;

import java.util.Locale;
import java.util.Optional;

/**
 * What a triangle test of so many sets can show.
 *
 * @param sets to be answered, at least 1
 * @param share of people assumed to tell the two apart, [0, 1]
 * @param needed fewest right answers that show a difference; {@code sets + 1} when none would
 * @param power chance that the test shows such a difference
 * @param enough fewest sets that show it in 4 of 5 tests; empty when too many would be needed
 */
public record TrianglePlan(int sets, double share, int needed, double power, Optional<Integer> enough) {

    /** Most sets that are planned for. */
    public static final int MOST_SETS = 200;

    /** Half of people tell them apart: found in 4 of 5 tests of 16 (ISO 4120), and 18 serve all six orders alike. */
    public static final int USUAL_SETS = 18;

    private static final double USUAL_BETA = 0.20;

    public static TrianglePlan of(int sets, double share) {
        return new TrianglePlan(
                sets,
                share,
                Triangle.needed(sets, Triangle.ALPHA),
                Triangle.power(sets, share, Triangle.ALPHA),
                Triangle.assessments(share, Triangle.ALPHA, USUAL_BETA));
    }

    /** What may be said before it is served. */
    public String text() {
        String others = enough.map(n -> " %d sets find it in 80 %% of tests.".formatted(n))
                .orElse(" No number of sets that could be served finds it in 80 % of tests.");
        if (needed > sets) {
            return "%d %s too few: not even all right would show a difference."
                            .formatted(sets, sets == 1 ? "set is" : "sets are")
                    + others;
        }
        return String.format(
                        Locale.ROOT,
                        "%d right of %d show a difference. If %.0f %% of people tell the two apart, it is found in %.0f %% of"
                                + " tests.",
                        needed,
                        sets,
                        100 * share,
                        100 * power)
                + others;
    }
}
