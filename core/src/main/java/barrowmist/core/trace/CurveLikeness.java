package barrowmist.core.trace;

import barrowmist.core.roast.Milestone;
import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.roast.RoastFigures;
import barrowmist.core.roast.Series;
import java.util.Arrays;
import java.util.Optional;
import java.util.stream.DoubleStream;

/**
 * How like one curve is to another, whatever their length and heat: the rate of rise as a share of its own peak, read at the
 * same parts of drying, browning and development. Pure.
 */
public final class CurveLikeness {

    /** Readings of each phase, from its begin on; the last point of all is the drop. */
    private static final int[] READINGS = {10, 10, 8};

    /** A difference by which nothing is left of likeness, as a share of the peak (house default). */
    private static final double STRANGE = 0.25;

    private CurveLikeness() {}

    /** The shape of a curve; empty where turning point, dry end, first crack or drop is not known. */
    public static Optional<double[]> shape(RoastAnalysis a) {
        RoastFigures f = a.figures();
        Series ror = a.ror();
        boolean known = f.turningPoint().isPresent()
                && f.dryEnd().isPresent()
                && f.firstCrack().isPresent()
                && f.drop().isPresent()
                && ror.size() > 1;
        if (!known) {
            return Optional.empty();
        }
        double peak = DoubleStream.of(ror.values()).max().orElseThrow();
        double[] at = DoubleStream.of(
                        f.turningPoint().map(Milestone::timeS).orElseThrow(),
                        f.dryEnd().map(Milestone::timeS).orElseThrow(),
                        f.firstCrack().map(Milestone::timeS).orElseThrow(),
                        f.drop().map(Milestone::timeS).orElseThrow())
                .toArray();
        double[] out = new double[Arrays.stream(READINGS).sum()];
        int n = 0;
        for (int phase = 0; phase < READINGS.length; phase++) {
            for (int i = 0; i < READINGS[phase]; i++) {
                double t = at[phase] + (at[phase + 1] - at[phase]) * i / READINGS[phase];
                out[n++] = ror.interpolated(t) / peak;
            }
        }
        return peak > 0 ? Optional.of(out) : Optional.empty();
    }

    /** From 0 for nothing alike to 1 for the same shape. */
    public static double of(double[] a, double[] b) {
        double sum = 0;
        for (int i = 0; i < a.length; i++) {
            sum += (a[i] - b[i]) * (a[i] - b[i]);
        }
        return Math.max(0, 1 - Math.sqrt(sum / a.length) / STRANGE);
    }
}
