package barrowmist.core.cupping;

import barrowmist.core.check.Coded;

/** What a table is laid for. */
public enum TableKind implements Coded {
    /** Each sample is scored on a form. */
    SCORING("score them", 0, 40),
    /** Many offers: out, look again, or through, in a line each. */
    TRIAGE("out, again or through: a line each", 0, 60),
    /** Can anybody tell these two apart? */
    TRIANGLE("is there a difference?", 2, 2),
    /** Which of these is liked best? */
    ROAST_OFF("which is liked best?", 2, 8);

    private final String label;
    private final int fewest;
    private final int most;

    TableKind(String label, int fewest, int most) {
        this.label = label;
        this.fewest = fewest;
        this.most = most;
    }

    @Override
    public String label() {
        return label;
    }

    /** Fewest samples on such a table. */
    public int fewest() {
        return fewest;
    }

    /** Most samples on such a table. */
    public int most() {
        return most;
    }

    /** Whether there is a sheet for each sample. */
    public boolean onSheets() {
        return this == SCORING || this == TRIAGE;
    }

    /** Where one who sees what is in the cups has no answer to give, the table is never open. */
    public boolean alwaysBlind() {
        return this == TRIANGLE;
    }
}
