package barrowmist.core.desk;

import barrowmist.core.check.Coded;

/** How far the batch at a desk is. */
public enum DeskPhase implements Coded {
    /** Nothing is prepared. */
    IDLE("nothing prepared"),
    /** Prepared, not charged. */
    PREPARING("being prepared"),
    /** Between charge and drop. */
    ROASTING("a batch is in the drum"),
    /** Dropped, and cooling. */
    COOLING("cooling");

    private final String label;

    DeskPhase(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
