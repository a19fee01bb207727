package barrowmist.core.trace;

import java.util.Set;

/**
 * Something that is not known and would change the answer.
 *
 * @param measurement what would have to be measured, or tried
 * @param station where that is done
 * @param text a sentence that says what it would decide
 * @param gainBits how much it is expected to tell of the main cause, bits
 * @param minutes how long it takes, min
 * @param of the causes that it would speak for or against
 */
public record Missing(String measurement, String station, String text, double gainBits, int minutes, Set<Cause> of) {

    public Missing {
        of = Set.copyOf(of);
    }
}
