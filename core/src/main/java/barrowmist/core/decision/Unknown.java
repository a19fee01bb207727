package barrowmist.core.decision;

import barrowmist.core.trace.Sign;

/** What may not be known of a lot yet, and about how long it takes to know it, min (house defaults). */
public enum Unknown {
    INSPECTION(
            "Inspect the %s sample.",
            "green", Sign.MUSTY_SMELL.minutes() + Sign.MOIST.minutes() + Sign.FUNGUS.minutes()),
    MOISTURE("Measure the moisture of the %s sample.", "green", Sign.MOIST.minutes()),
    DEFECTS("Count the defects of the %s sample.", "green", Sign.FUNGUS.minutes()),
    ROAST("Roast a sample of it.", "plan", Sign.ROAST_AGAIN.minutes()),
    CUP("Cup what was roasted of it.", "cupping", 45);

    private final String text;
    private final String station;
    private final int minutes;

    Unknown(String text, String station, int minutes) {
        this.text = text;
        this.station = station;
        this.minutes = minutes;
    }

    /** @param stage of the sample that it would be done with, in running text */
    public String text(String stage) {
        return text.formatted(stage);
    }

    /** The station where it is done. */
    public String station() {
        return station;
    }

    public int minutes() {
        return minutes;
    }
}
