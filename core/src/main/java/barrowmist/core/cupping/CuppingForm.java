package barrowmist.core.cupping;

/** On what a sample is written down. */
public enum CuppingForm {
    /** {@link HundredPointSheet}. */
    HUNDRED_POINT,
    /** {@link ValueSheet}. */
    VALUE_ASSESSMENT,
    /** {@link TriageSheet}. */
    TRIAGE
}
