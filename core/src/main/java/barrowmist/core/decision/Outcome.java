package barrowmist.core.decision;

import barrowmist.core.check.Coded;
import java.util.Optional;

/** What may be decided on a lot. */
public enum Outcome implements Coded {
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

    @Override
    public String label() {
        return label;
    }

    /** Whether nobody has to come back to it. */
    public boolean ends() {
        return this == BUY || this == REJECT || this == CLAIM;
    }

    /** The outcome of this code; empty when there is none. */
    public static Optional<Outcome> parse(String code) {
        return Coded.find(Outcome.class, code);
    }
}
