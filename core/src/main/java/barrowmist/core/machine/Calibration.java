package barrowmist.core.machine;

import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.KeyFigure.Unit;
import java.util.Arrays;
import java.util.stream.IntStream;

/**
 * How a figure that a model foretells is corrected by what came of it in roasts that were left out: a straight line through
 * both means, its slope held to 1. Where the model tells nothing, what is left is the machine's usual value.
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

    /** How far a slope may well lie from 1, as a standard deviation (house default). */
    private static final double SLOPE_SD = 0.35;

    /** The mean and the slope are of these roasts too: so many of them are used up. */
    private static final double USED_UP = 1.7;

    /** What models of other drums miss, as a share of what the usual value misses: of a time, and of a temperature (house defaults). */
    private static final double TIME_SHARE = 0.45;

    private static final double TEMPERATURE_SHARE = 0.3;

    /** That counts as so many roasts more: six that were met by luck do not make a narrow band (house default). */
    private static final double OTHER_DRUMS = 1;

    /**
     * A roast that comes late to first crack, or to the drop, rises slowly there, so that a degree is more seconds: what is missed
     * grows with the square of the time (house default; so seen on the stand-in drums).
     */
    private static final double LATE = 2;

    /**
     * @param figure which it is
     * @param foretold what a model said of each roast that it had not seen
     * @param actual what came, as many
     */
    public static Calibration of(KeyFigure figure, double[] foretold, double[] actual) {
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
        double slope = hold + xx > 0 ? Math.max(0, (xy + hold) / (xx + hold)) : 1;
        double left = Math.max(0, yy - 2 * slope * xy + slope * slope * xx);
        double share = figure.unit() == Unit.CELSIUS ? TEMPERATURE_SHARE : TIME_SHARE;
        double others = OTHER_DRUMS * share * share * yy / Math.max(1, n - 1);
        double error = ofAnother(left + others, n - USED_UP + OTHER_DRUMS, n);
        // a slope that is held to 1 is no more unsure than that, however near to each other the roasts are
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
