package barrowmist.core.machine.thermal;

/**
 * What bean curves of a model leave unexplained of the logs it was fitted to, root mean square, °C; NaN where there is
 * nothing to compare.
 *
 * @param earlyC in the first 100 s after charge
 * @param lateC after that
 * @param dryingC after that until dry end
 * @param browningC from dry end to first crack
 * @param developmentC from first crack on
 * @param wholeC of the mean of each roast after the first 100 s: how far roasts are off as wholes
 */
public record CurveErrors(
        double earlyC, double lateC, double dryingC, double browningC, double developmentC, double wholeC) {

    /** Until then a probe still cools down, s (house default). */
    public static final double EARLY_S = 100;
}
