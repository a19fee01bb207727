package barrowmist.server.web;

import java.util.Locale;

/** Names of enumerations on the wire. */
public final class Codes {

    private Codes() {}

    /** Such as {@code roast-again} for {@code ROAST_AGAIN}. */
    public static String of(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
