package barrowmist.core.green;

import barrowmist.core.check.Coded;

/** At what point of a trade a sample of a lot was drawn, in order of time. */
public enum SampleStage implements Coded {
    OFFER("offer"),
    PRE_SHIPMENT("pre-shipment"),
    ARRIVAL("arrival"),
    RETAINED("retained");

    private final String label;

    SampleStage(String label) {
        this.label = label;
    }

    /** The name in running text and on the wire. */
    @Override
    public String label() {
        return label;
    }
}
