package barrowmist.core.roast;

import barrowmist.core.green.Months;
import java.util.Arrays;

/**
 * How a figure of a machine has moved over the months: the slope of Theil (1950) and Sen (1968), the median of the slopes
 * between all pairs of roasts, so that one wrong roast does not turn it; whether it is more than chance by the test of
 * Mann (1945) and Kendall, without ties.
 *
 * @param perMonth change in a mean month, unit of the figure
 * @param overall change over the whole span of the roasts, same unit
 * @param roasts number of roasts behind it
 * @param judged whether there are roasts enough over a time long enough to say anything of months
 * @param beyondChance whether the trend has less than one chance in twenty of being none
 */
public record Drift(double perMonth, double overall, int roasts, boolean judged, boolean beyondChance) {

    /** Fewer roasts than this show no trend (house default). */
    public static final int FEWEST_ROASTS = 8;

    /** Within a shorter time nothing is said of months (house default), days. */
    public static final double LEAST_DAYS = 30;

    /** Two-sided 5 % point of the standard normal distribution. */
    private static final double Z_95 = 1.959964;

    /** None that could be seen. */
    public static final Drift NONE = new Drift(0, 0, 0, false, false);

    /**
     * @param days days since any fixed day, any order
     * @param values figures, same length
     */
    public static Drift of(double[] days, double[] values) {
        int n = values.length;
        double[] slopes = new double[n * (n - 1) / 2];
        int count = 0;
        int s = 0;
        for (int i = 0; i < n; i++) {
            for (int j = i + 1; j < n; j++) {
                double dt = days[j] - days[i];
                if (dt != 0) {
                    double slope = (values[j] - values[i]) / dt;
                    slopes[count++] = slope;
                    s += (int) Math.signum(slope);
                }
            }
        }
        double span =
                Arrays.stream(days).max().orElse(0) - Arrays.stream(days).min().orElse(0);
        if (n < FEWEST_ROASTS || span < LEAST_DAYS) {
            return new Drift(0, 0, n, false, false);
        }
        double perDay = Band.median(Arrays.copyOf(slopes, count));
        double variance = n * (n - 1.0) * (2.0 * n + 5) / 18;
        double z = (Math.abs(s) - 1) / Math.sqrt(variance);
        return new Drift(perDay * Months.DAYS, perDay * span, n, true, z > Z_95);
    }
}
