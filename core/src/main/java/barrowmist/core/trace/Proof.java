package barrowmist.core.trace;

import java.util.Locale;
import java.util.OptionalDouble;

/**
 * What came of one change, by a blind table.
 *
 * @param outcome what it shows
 * @param certainty probability that fewer cups have the fault than before; where it is {@code worse}, that more have it, or
 *     another
 * @param cupsBefore so many cups of the old roast had the fault
 * @param ofBefore of so many
 * @param cupsAfter so many of the new one
 * @param ofAfter of so many
 * @param scoreChange mean final score of the new less that of the old; empty where either has none
 * @param text the counts in a sentence
 */
public record Proof(
        Outcome outcome,
        double certainty,
        int cupsBefore,
        int ofBefore,
        int cupsAfter,
        int ofAfter,
        OptionalDouble scoreChange,
        String text) {

    /** What a table shows of a change. */
    public enum Outcome {
        /** The fault is gone from most of the cups that had it. */
        HELD,
        /** This table does not tell. */
        NOT_SHOWN,
        /** More of the fault, or another. */
        WORSE;

        /** The name on the wire. */
        public String code() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }
}
