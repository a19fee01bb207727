package barrowmist.core.decision;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** What may be decided on a lot. */
public enum Outcome {
    BUY("buy it"),
    REJECT("reject it"),
    CLAIM("claim"),
    ROAST_AGAIN("roast it again"),
    HOLD("hold it"),
    UNDECIDED("not decided");

    private final String label;

    Outcome(String label) {
        this.label = label;
    }

    /** The name in running text. */
    public String label() {
        return label;
    }

    /** The name on the wire. */
    public String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Whether nobody has to come back to it. */
    public boolean ends() {
        return this == BUY || this == REJECT || this == CLAIM;
    }

    /** The outcome of this code; empty when there is none. */
    public static Optional<Outcome> parse(String code) {
        return Arrays.stream(values()).filter(o -> o.code().equals(code)).findFirst();
    }
}
