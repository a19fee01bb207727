package barrowmist.core.roast;

import barrowmist.core.check.Coded;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/** Events of a roast, in the order in which they come. */
public enum EventKind implements Coded {
    CHARGE("charge"),
    TURNING_POINT("turning point"),
    DRY_END("dry end"),
    FIRST_CRACK("first crack"),
    FIRST_CRACK_END("first crack end"),
    SECOND_CRACK("second crack"),
    DROP("drop"),
    /** A lone early crack: noted, but never first crack (common practice, no published source). */
    POP("pop");

    private final String label;

    EventKind(String label) {
        this.label = label;
    }

    /** The name in running text. */
    @Override
    public String label() {
        return label;
    }

    /** The name in a log file and on the wire, such as {@code first_crack}. */
    @Override
    public String code() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** Whether a roast has at most one of these. */
    public boolean single() {
        return this != POP;
    }

    /** All codes, in order. */
    public static List<String> codes() {
        return Arrays.stream(values()).map(EventKind::code).toList();
    }
}
