package barrowmist.core.cupping;

import barrowmist.core.check.Coded;

/** Who may know at the table what is in the cups. */
public enum Blindness implements Coded {
    /** Everybody. */
    OPEN("everybody"),
    /** Whoever prepares: cups carry codes until the table is revealed. */
    CODED("who prepares"),
    /** Nobody: cups are shuffled by hand, scored by their place, and turned over at the reveal. */
    UNDERSIDE("nobody: the cups are shuffled");

    private final String label;

    Blindness(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
