package barrowmist.core.roast;

/** The noise of readings as it shows in how they bend from one to the next. Mutable. */
final class LiveNoise {

    /** It is judged by about so many of the last readings. */
    private static final int READINGS = 60;

    private static final double LEAST_SPACING_S = 0.1;

    private double variance;
    private int heard;

    /** @param segment index of the first reading after the last gap */
    void hear(GrowingSeries bean, int segment) {
        if (bean.n - segment < 3) {
            return;
        }
        int i = bean.n - 1;
        double share = (bean.t[i - 1] - bean.t[i - 2]) / (bean.t[i] - bean.t[i - 2]);
        double off = bean.v[i - 1] - bean.v[i - 2] - share * (bean.v[i] - bean.v[i - 2]);
        double seen = off * off / (1 + share * share + (1 - share) * (1 - share));
        variance += (seen - variance) / Math.min(++heard, READINGS);
    }

    /** Standard deviation in a straight slope over {@code windowS} seconds of readings so far apart, °C/min. */
    double slopeCPerMin(double windowS, double spacingS) {
        double spacing = Math.max(LEAST_SPACING_S, spacingS);
        double n = windowS / spacing + 1;
        // variance of a least-squares slope on even spacing: 12 σ² / (n (n² − 1) Δt²)
        return RateOfRise.SECONDS_PER_MINUTE * Math.sqrt(12 * variance / (n * (n * n - 1))) / spacing;
    }
}
