package barrowmist.core.machine.thermal;

import barrowmist.core.roast.LocalFit;
import barrowmist.core.roast.Milestone;
import barrowmist.core.roast.RoastFigures;
import barrowmist.core.roast.Series;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.Stream;

/**
 * What a model's curves leave unexplained of logged ones, reading by reading, on a common grid. Arrays are NaN where no
 * reading is near, and never changed.
 */
final class CurveResiduals {

    /** Distance of the readings compared, s. */
    static final double GRID_S = 4;

    /** The step of the integration while fitting, s; it divides the grid. */
    static final double STEP_S = 2;

    /** The first readings after charge say more of the probe than of the drum, s. */
    private static final double FROM_S = 20;

    /** An environment reading counts less: where it sits in the stream differs from drum to drum (house default). */
    static final double ENVIRONMENT_WEIGHT = 0.35;

    /** Until the turning point a bean reading says little of the bean: so much it counts, and until when it grows, s. */
    private static final double EARLY_WEIGHT = 0.25;

    private static final double GROWS_S = 60;

    /** What is foretold of a roast are its events: where they stand counts so much more (house default). */
    private static final double EVENT_WEIGHT = 4;

    /** Beyond this a miss counts less and less, °C: one odd log does not turn a machine (house default). */
    private static final double ODD_C = 4;

    final List<FitRoast> roasts;
    final double[][] beanC;
    final double[][] environmentC;
    private final double[][] eventsS;
    private final int size;

    CurveResiduals(List<FitRoast> roasts) {
        this.roasts = roasts;
        eventsS = new double[roasts.size()][];
        beanC = new double[roasts.size()][];
        environmentC = new double[roasts.size()][];
        int n = 0;
        for (int i = 0; i < roasts.size(); i++) {
            FitRoast roast = roasts.get(i);
            double endS = roast.figures().totalS().orElseThrow();
            beanC[i] = onGrid(roast.log().beanC(), endS);
            environmentC[i] = onGrid(roast.log().environmentC(), endS);
            eventsS[i] = eventsS(roast);
            n += count(beanC[i]) + count(environmentC[i]) + eventsS[i].length;
        }
        size = n;
    }

    private static int count(double[] values) {
        return (int) Arrays.stream(values).filter(Double::isFinite).count();
    }

    /** The readings smoothed at each point of the grid; NaN where none is near, inside this class only. */
    private static double[] onGrid(Series readings, double endS) {
        double[] grid = new double[(int) (endS / GRID_S) + 1];
        Arrays.fill(grid, Double.NaN);
        double[] t = readings.timesS();
        double[] v = readings.values();
        for (int k = (int) Math.ceil(FROM_S / GRID_S); k < grid.length && t.length > 0; k++) {
            double at = k * GRID_S;
            int lo = readings.indexFrom(at - GRID_S);
            int hi = lo;
            while (hi < t.length && t[hi] <= at + GRID_S) {
                hi++;
            }
            boolean both = hi > lo && t[lo] <= at && t[hi - 1] >= at;
            if (both) {
                grid[k] = LocalFit.of(t, v, lo, hi, at, hi - lo > 4).value();
            }
        }
        return grid;
    }

    int size() {
        return size;
    }

    private static double[] eventsS(FitRoast roast) {
        RoastFigures f = roast.figures();
        return Stream.of(f.dryEnd(), f.firstCrack(), f.drop())
                .flatMap(Optional::stream)
                .mapToDouble(Milestone::timeS)
                .filter(t -> t >= FROM_S && !roast.log().beanC().isEmpty())
                .toArray();
    }

    /**
     * Model less log, weighted: all bean readings of a roast, then its environment readings, then the bean readings at its
     * events, roast by roast.
     */
    double[] of(MachineConstants machine) {
        double[] out = new double[size];
        int n = 0;
        for (int i = 0; i < roasts.size(); i++) {
            FitRoast roast = roasts.get(i);
            double turnS = roast.figures().turningPoint().map(Milestone::timeS).orElse(FROM_S);
            SimulatedCurve curve = curve(machine, roast);
            n = fill(out, n, curve.log().beanC(), beanC[i], t -> beanWeight(t - turnS));
            n = fill(out, n, curve.log().environmentC(), environmentC[i], t -> ENVIRONMENT_WEIGHT);
            for (double t : eventsS[i]) {
                double logged = at(beanC[i], t);
                out[n++] = Double.isFinite(logged)
                        ? EVENT_WEIGHT * tamed(curve.log().beanC().interpolated(t) - logged)
                        : 0;
            }
        }
        return out;
    }

    private static double beanWeight(double sinceTurnS) {
        return EARLY_WEIGHT + (1 - EARLY_WEIGHT) * Math.max(0, Math.min(1, sinceTurnS / GROWS_S));
    }

    /** Its square is what a miss counts: as in least squares while it is small, in proportion when it is large. */
    private static double tamed(double missC) {
        double share = missC / ODD_C;
        return Math.signum(missC) * ODD_C * Math.sqrt(2 * (Math.sqrt(1 + share * share) - 1));
    }

    /** Between two points of the grid. */
    private static double at(double[] grid, double t) {
        int k = Math.min((int) (t / GRID_S), grid.length - 1);
        int next = Math.min(k + 1, grid.length - 1);
        return grid[k] + (grid[next] - grid[k]) * Math.min(1, t / GRID_S - k);
    }

    private static int fill(double[] out, int from, Series model, double[] logged, DoubleUnaryOperator weight) {
        int n = from;
        int ratio = (int) (GRID_S / STEP_S);
        for (int k = 0; k < logged.length; k++) {
            if (Double.isFinite(logged[k])) {
                out[n++] = weight.applyAsDouble(k * GRID_S)
                        * tamed(model.value(Math.min(k * ratio, model.size() - 1)) - logged[k]);
            }
        }
        return n;
    }

    static SimulatedCurve curve(MachineConstants machine, FitRoast roast) {
        ControlLevels otherwise = new ControlLevels(0, 100, machine.usualRpm());
        double endS = Math.ceil(roast.figures().totalS().orElseThrow() / GRID_S) * GRID_S;
        return new DrumSimulation(machine, STEP_S)
                .run(roast.batch(), Controls.logged(roast.log(), otherwise), endS, (t, c) -> false);
    }
}
