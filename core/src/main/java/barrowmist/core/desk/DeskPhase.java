package barrowmist.core.desk;

/** How far the batch at a desk is. */
public enum DeskPhase {
    /** Nothing is prepared. */
    IDLE,
    /** Prepared, not charged. */
    PREPARING,
    /** Between charge and drop. */
    ROASTING,
    /** Dropped, and cooling. */
    COOLING
}
