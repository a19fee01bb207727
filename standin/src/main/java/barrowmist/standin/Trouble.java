package barrowmist.standin;

import java.util.Locale;

/** Faults that the stand-in shows on demand. */
enum Trouble {
    NONE,
    /** It takes requests and never answers. */
    SILENCE,
    /** It answers with numbers that mean nothing. */
    GARBAGE,
    /** Its probes stand still. */
    FROZEN,
    /** It is off the network. */
    DISCONNECT,
    /** The bean probe has no contact. */
    OPEN_PROBE;

    String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** @throws IllegalArgumentException if there is no such fault */
    static Trouble parse(String code) {
        return valueOf(code.toUpperCase(Locale.ROOT).replace('-', '_'));
    }
}
