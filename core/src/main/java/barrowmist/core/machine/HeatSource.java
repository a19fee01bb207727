package barrowmist.core.machine;

import barrowmist.core.check.Coded;

/** What heats a roaster. */
public enum HeatSource implements Coded {
    GAS,
    ELECTRIC
}
