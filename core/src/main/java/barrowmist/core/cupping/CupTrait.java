package barrowmist.core.cupping;

/**
 * A single attribute of a cup, by which it may count for less than a sample roast, drunk black, blind, in its window: the
 * rows of {@link CupCounting}.
 */
public enum CupTrait {
    HUNDRED_POINT("on the 100-point form"),
    AFFECTIVE("on the affective form"),
    TRIAGE("of a triage"),
    BLACK("drunk black"),
    MILK("with milk"),
    ESPRESSO("as espresso"),
    SAMPLE("of a sample roast"),
    BATCH("of a production batch"),
    PULL("of a pull"),
    WARM_UP("of a warm-up"),
    REFERENCE("of a profile's reference"),
    PRACTICE("of practice"),
    TOO_YOUNG("cupped before it had rested"),
    IN_WINDOW("cupped in time"),
    PAST("cupped long after roasting"),
    BEFORE_REWORK("of the lot before it was reworked"),
    AS_IS("as it came"),
    TREATED("of a sorted or treated sample"),
    WATER_OFF("with other water than the protocol's"),
    DOSE_OFF("with another dose than the protocol's"),
    GRIND_OFF("with another grind than the protocol's"),
    BLIND("blind"),
    OPEN("open"),
    SEVERAL_CUPS("of several cups"),
    ONE_CUP("of one cup alone");

    private final String label;

    CupTrait(String label) {
        this.label = label;
    }

    /** What a cup with it is, after a noun such as {@code 2 sheets}. */
    public String label() {
        return label;
    }
}
