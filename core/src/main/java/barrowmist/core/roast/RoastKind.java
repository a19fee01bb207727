package barrowmist.core.roast;

import barrowmist.core.check.Coded;

/** What a kept roast is. */
public enum RoastKind implements Coded {
    /** A batch like any other. */
    BATCH,
    /** What a trier drew from a batch while it roasted. */
    PULL,
    /** The first batch of a day, by which the roaster becomes warm through (common practice, no published source). */
    WARM_UP,
    /** Roasted to learn by, such as a fault on purpose: nothing of it counts for a lot or a roaster. */
    PRACTICE;

    /** Whether its curve tells what its roaster usually does: a pull repeats its batch, a warm-up is like no other. */
    public boolean teaches() {
        return this == BATCH;
    }

    /** Whether it is measured, rested and cupped. */
    public boolean isTasted() {
        return this != WARM_UP;
    }
}
