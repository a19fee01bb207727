package barrowmist.core.trace;

import barrowmist.core.check.Coded;
import java.util.OptionalDouble;

/**
 * What came of one change, by a blind table.
 *
 * @param outcome what it shows
 * @param batchesBefore so many old roasts were cupped
 * @param batchesAfter so many new ones
 * @param scoreChange mean final score of the new less that of the old; empty where either has none
 * @param text the counts in a sentence, and how clear they are
 */
public record Proof(Outcome outcome, int batchesBefore, int batchesAfter, OptionalDouble scoreChange, String text) {

    /** What a table shows of a change. */
    public enum Outcome implements Coded {
        /** The fault is gone from most of the cups that had it, more clearly than chance parts batches. */
        HELD("held"),
        /** Too few batches to confirm anything. */
        ESTIMATE("estimate"),
        /** There were batches enough, and they do not tell. */
        NOT_SHOWN("not shown"),
        /** More of the fault, or another. */
        WORSE("worse");

        private final String label;

        Outcome(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }
}
