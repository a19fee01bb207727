package barrowmist.core.trace;

import barrowmist.core.check.Coded;

/**
 * How likely something reads, in one word. The word is more careful than the number: what one cup says by itself is at most
 * possible, whatever the number, and with a log that shows nothing is nothing very likely (common practice, no published source).
 * Where each word begins is a house default.
 */
public enum Chance implements Coded {
    UNLIKELY("unlikely", 0),
    POSSIBLE("possible", 0.1),
    LIKELY("likely", 0.6),
    VERY_LIKELY("very likely", 0.9);

    private final String label;
    private final double from;

    Chance(String label, double from) {
        this.label = label;
        this.from = from;
    }

    /** The word of a probability, 0 to 1. */
    public static Chance of(double probability) {
        Chance out = UNLIKELY;
        for (Chance chance : values()) {
            out = probability >= chance.from ? chance : out;
        }
        return out;
    }

    /** The same, but no more than this. */
    public Chance atMost(Chance most) {
        return compareTo(most) > 0 ? most : this;
    }

    @Override
    public String label() {
        return label;
    }
}
