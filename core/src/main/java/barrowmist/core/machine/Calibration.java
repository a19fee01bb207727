package barrowmist.core.machine;

import barrowmist.core.roast.KeyFigure;
import java.util.Arrays;
import java.util.stream.IntStream;

/**
 * How a figure that a model foretells is corrected by what came of it in roasts that were left out: a straight line through
 * both means, its slope held to what is likely. Where the model tells nothing, what is left is the machine's usual value.
 *
 * @param foretold mean of what was foretold, in the figure's unit
 * @param actual mean of what came
 * @param slope how far a difference in what is foretold is believed
 * @param error standard deviation of what it still misses about the mean, in the figure's unit
 * @param usual what came on average, whatever was foretold
 * @param usualError standard deviation of what that misses
 * @param growth what it misses grows with the figure to this power: 0 where it is as much for all
 * @param reach so far from the mean the line itself is as unsure as what is left about it, in the figure's unit
 */
public record Calibration(
        double foretold,
        double actual,
        double slope,
        double error,
        double usual,
        double usualError,
        double growth,
        double reach) {

    /** With fewer pairs there is nothing to correct by. */
    public static final int FEWEST = 4;

    /** How far a slope may well lie from what it is held to, as a standard deviation (house default). */
    private static final double SLOPE_SD = 0.35;

    /**
     * A slope is held to 1, and lower where a temperature late in the roast is come to: the bean rises slowly by then, and much of
     * the difference that is foretold is what the model misses (house default, as on the stand-in drums).
     */
    private static final double LATE_SLOPE = 0.7;

    /** A mean and a slope, or a curve, that are of these roasts too: so many of them are used up. */
    static final double USED_UP = 2;

    /**
     * A roast that comes late to first crack, or to the drop, rises slowly there, so that a degree is more seconds: what is missed
     * grows with the square of the time (house default; so seen on the stand-in drums).
     */
    private static final double LATE = 2;

    /**
     * @param figure which it is
     * @param foretold what a model said of each roast that it had not seen
     * @param actual what came, as many
     * @param likely what it is likely missed by, whatever came
     */
    static Calibration of(KeyFigure figure, double[] foretold, double[] actual, LikelyMiss likely) {
        int n = foretold.length;
        double growth = figure == KeyFigure.FIRST_CRACK_S || figure == KeyFigure.TOTAL_S ? LATE : 0;
        double[] weight = weights(foretold, growth);
        double meanForetold = mean(foretold, weight);
        double meanActual = mean(actual, weight);
        double xx = 0;
        double xy = 0;
        double yy = 0;
        double raw = 0;
        for (int i = 0; i < n; i++) {
            double x = foretold[i] - meanForetold;
            double y = actual[i] - meanActual;
            xx += weight[i] * x * x;
            xy += weight[i] * x * y;
            yy += weight[i] * y * y;
            raw += weight[i] * (y - x) * (y - x);
        }
        double hold = raw / n / (SLOPE_SD * SLOPE_SD);
        double to = figure == KeyFigure.TOTAL_S ? LATE_SLOPE : 1;
        double slope = hold + xx > 0 ? Math.max(0, (xy + to * hold) / (xx + hold)) : to;
        double left = Math.max(0, yy - 2 * slope * xy + slope * slope * xx);
        double before = likely.of(figure, Math.sqrt(yy / Math.max(1, n - 1)));
        double counts = likely.counts(figure);
        double error = ofAnother(left + counts * before * before, n - USED_UP + counts, n);
        // a slope that is held is no more unsure than that, however near to each other the roasts are
        double reach = Math.sqrt(Math.max(xx, hold) * (1 + 1.0 / n));
        double usual = Arrays.stream(actual).average().orElse(0);
        double about = Arrays.stream(actual).map(y -> (y - usual) * (y - usual)).sum();
        return new Calibration(
                meanForetold, meanActual, slope, error, usual, ofAnother(about, n - USED_UP, n), growth, reach);
    }

    /** Of one more: the mean that it is told from is unsure too. */
    private static double ofAnother(double squares, double free, int n) {
        return Math.sqrt((1 + 1.0 / n) * squares / Math.max(1, free));
    }

    /** One for each on average, less for those that are missed by more. */
    private static double[] weights(double[] foretold, double growth) {
        double middle = Arrays.stream(foretold).average().orElse(0);
        double[] weight = Arrays.stream(foretold)
                .map(x -> Math.pow(x / middle, -2 * growth))
                .toArray();
        double mean = Arrays.stream(weight).average().orElse(1);
        return Arrays.stream(weight).map(w -> w / mean).toArray();
    }

    private static double mean(double[] values, double[] weight) {
        return IntStream.range(0, values.length)
                .mapToDouble(i -> weight[i] * values[i])
                .average()
                .orElse(0);
    }

    /**
     * How far off a figure that is foretold so may be, one standard deviation: the farther from the mean, the more, as the line is
     * less sure there (the prediction interval of a straight line, as in any handbook of statistics). About the mean where it is not
     * a number.
     */
    public double error(double value) {
        if (Double.isNaN(value)) {
            return error;
        }
        double farther = reach > 0 ? Math.hypot(1, (value - foretold) / reach) : 1;
        return error * farther * (growth == 0 ? 1 : Math.pow(value / foretold, growth));
    }

    /** A foretold figure, corrected; same unit. */
    public double corrected(double value) {
        return actual + slope * (value - foretold);
    }
}
