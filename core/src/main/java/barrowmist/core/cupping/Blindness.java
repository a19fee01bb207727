package barrowmist.core.cupping;

/** Who may know at the table what is in the cups. */
public enum Blindness {
    /** Everybody. */
    OPEN,
    /** Whoever prepares: cups carry codes until the table is revealed. */
    CODED,
    /** Nobody: cups are shuffled by hand, scored by their place, and turned over at the reveal. */
    UNDERSIDE
}
