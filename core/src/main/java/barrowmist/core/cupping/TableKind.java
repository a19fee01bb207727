package barrowmist.core.cupping;

/** What a table is laid for. */
public enum TableKind {
    /** Each sample is scored on a form. */
    SCORING(0, 40),
    /** Many offers: out, look again, or through, in a line each. */
    TRIAGE(0, 60),
    /** Can anybody tell these two apart? */
    TRIANGLE(2, 2),
    /** Which of these is liked best? */
    ROAST_OFF(2, 8);

    private final int fewest;
    private final int most;

    TableKind(int fewest, int most) {
        this.fewest = fewest;
        this.most = most;
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
