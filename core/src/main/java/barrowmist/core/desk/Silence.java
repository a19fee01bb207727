package barrowmist.core.desk;

/** How long a roaster may say nothing before there is a gap in the log. */
public final class Silence {

    /** Without a reading for so long, s, and for so many polls, there is a gap (house defaults). */
    private static final double GAP_S = 2.5;

    private static final double GAP_POLLS = 4;

    private Silence() {}

    /**
     * @param pollS how often the roaster is asked, s
     * @param rate how many of the roaster's seconds pass in one
     * @return s of the roaster's clock
     */
    public static double longestS(double pollS, double rate) {
        return Math.max(GAP_S, GAP_POLLS * rate * pollS);
    }
}
