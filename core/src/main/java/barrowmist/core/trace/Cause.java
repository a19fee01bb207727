package barrowmist.core.trace;

import java.util.Locale;

/** What may have done it. */
public enum Cause {
    BAKED,
    SCORCHED,
    UNDERDEVELOPED;

    /** The name on the wire and in running text. */
    public String code() {
        return name().toLowerCase(Locale.ROOT);
    }
}
