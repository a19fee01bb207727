package barrowmist.core.machine;

import java.util.Arrays;

/**
 * How a figure that a model foretells is corrected by what came of it in roasts that were left out: a straight line through
 * both means, its slope held to 1. Where the model tells nothing, what is left is the machine's usual value.
 *
 * @param foretold mean of what was foretold, in the figure's unit
 * @param actual mean of what came
 * @param slope how far a difference in what is foretold is believed
 * @param error standard deviation of what it still misses, in the figure's unit
 * @param usualError the same of the machine's usual value, that is of the mean alone
 */
public record Calibration(double foretold, double actual, double slope, double error, double usualError) {

    /** With fewer pairs there is nothing to correct by. */
    public static final int FEWEST = 4;

    /** How far a slope may well lie from 1, as a standard deviation (house default). */
    private static final double SLOPE_SD = 0.35;

    /** The mean and the slope are of these roasts too: so many of them are used up. */
    private static final double USED_UP = 1.7;

    /** A standard deviation of few is itself uncertain: so much wider, as a share over their number (house default). */
    private static final double FEW = 1.2;

    /**
     * @param foretold what a model said of each roast that it had not seen
     * @param actual what came, as many
     */
    public static Calibration of(double[] foretold, double[] actual) {
        int n = foretold.length;
        double meanForetold = mean(foretold);
        double meanActual = mean(actual);
        double xx = 0;
        double xy = 0;
        double yy = 0;
        double raw = 0;
        for (int i = 0; i < n; i++) {
            double x = foretold[i] - meanForetold;
            double y = actual[i] - meanActual;
            xx += x * x;
            xy += x * y;
            yy += y * y;
            raw += (y - x) * (y - x);
        }
        double hold = raw / n / (SLOPE_SD * SLOPE_SD);
        double slope = hold + xx > 0 ? Math.max(0, (xy + hold) / (xx + hold)) : 1;
        double left = Math.max(0, yy - 2 * slope * xy + slope * slope * xx);
        return new Calibration(meanForetold, meanActual, slope, wider(left, n), wider(yy, n));
    }

    private static double wider(double squares, int n) {
        double few = (1 + FEW / n) * Math.sqrt(1 + 1.0 / n);
        return few * Math.sqrt(squares / Math.max(1, n - USED_UP));
    }

    private static double mean(double[] values) {
        return Arrays.stream(values).average().orElse(0);
    }

    /** A foretold figure, corrected; same unit. */
    public double corrected(double value) {
        return actual + slope * (value - foretold);
    }
}
