package barrowmist.core.cupping;

/** On what a sample is written down. */
public enum CuppingForm {
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
    public String label() {
        return label;
    }
}
