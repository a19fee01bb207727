package barrowmist.core.green;

import java.util.Arrays;
import java.util.Optional;

/** At what point of a trade a sample of a lot was drawn, in order of time. */
public enum SampleStage {
    OFFER("offer"),
    PRE_SHIPMENT("pre-shipment"),
    ARRIVAL("arrival"),
    RETAINED("retained");

    private final String label;

    SampleStage(String label) {
        this.label = label;
    }

    /** The name in running text and on the wire. */
    public String label() {
        return label;
    }

    public static Optional<SampleStage> parse(String text) {
        String wanted = text.strip().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
        return Arrays.stream(values()).filter(s -> s.label.equals(wanted)).findFirst();
    }
}
