package barrowmist.core.roast;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Events of a roast, in the order in which they come. */
public enum EventKind {
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
    public String label() {
        return label;
    }

    /** The name in a log file and on the wire, such as {@code first_crack}. */
    public String code() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** Whether a roast has at most one of these. */
    public boolean single() {
        return this != POP;
    }

    /** The kind with this code, upper or lower case, blank or underscore between the words. */
    public static Optional<EventKind> parse(String text) {
        String code = text.strip().toLowerCase(Locale.ROOT).replaceAll("[\\s-]+", "_");
        return Arrays.stream(values()).filter(k -> k.code().equals(code)).findFirst();
    }

    /** All codes, in order. */
    public static List<String> codes() {
        return Arrays.stream(values()).map(EventKind::code).toList();
    }
}
