package barrowmist.core.cupping.panel;

import java.util.Optional;
import org.hipparchus.stat.inference.AlternativeHypothesis;
import org.hipparchus.stat.inference.BinomialTest;

/**
 * To which of two coffees people lean, of those who told them apart (exact binomial, two-sided; who guessed has nothing to
 * compare).
 *
 * @param first who named the first
 * @param second who named the second
 * @param p chance of such a majority or a larger one where nobody leans
 */
public record Leaning(int first, int second, double p) {

    private static final double ALPHA = 0.05;

    public static Leaning of(int first, int second) {
        int n = first + second;
        double p = n == 0 ? 1 : new BinomialTest().binomialTest(n, first, 0.5, AlternativeHypothesis.TWO_SIDED);
        return new Leaning(first, second, Math.min(1, p));
    }

    /** Which one, where a majority is shown. */
    public Optional<Boolean> leansToFirst() {
        return p <= ALPHA ? Optional.of(first > second) : Optional.empty();
    }

    /**
     * In a sentence; empty where nobody said.
     *
     * @param what is asked of them, such as "sweeter"
     */
    public String text(String what, String firstName, String secondName) {
        if (first + second == 0) {
            return "";
        }
        return leansToFirst()
                .map(toFirst -> "%s is %s: %d of %d say so."
                        .formatted(toFirst ? firstName : secondName, what, Math.max(first, second), first + second))
                .orElse("Neither is shown to be %s: %d for %s, %d for %s."
                        .formatted(what, first, firstName, second, secondName));
    }
}
