package barrowmist.core.cupping;

import barrowmist.core.check.Coded;

/** On what a sample is written down. */
public enum CuppingForm implements Coded {
    /** {@link HundredPointSheet}. */
    HUNDRED_POINT("100-point form"),
    /** {@link ValueSheet}. */
    VALUE_ASSESSMENT("value assessment"),
    /** {@link TriageSheet}. */
    TRIAGE("triage");

    private final String label;

    CuppingForm(String label) {
        this.label = label;
    }

    /** The name in running text. */
    @Override
    public String label() {
        return label;
    }
}
