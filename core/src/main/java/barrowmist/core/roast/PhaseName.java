package barrowmist.core.roast;

import barrowmist.core.check.Coded;

/** A phase of a roast: charge to dry end, dry end to first crack, first crack to drop. */
public enum PhaseName implements Coded {
    DRYING,
    BROWNING,
    DEVELOPMENT
}
