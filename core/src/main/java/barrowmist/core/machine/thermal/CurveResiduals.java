package barrowmist.core.machine.thermal;

import barrowmist.core.roast.LocalFit;
import barrowmist.core.roast.Series;
import java.util.Arrays;
import java.util.List;

/** What a model's curves leave unexplained of logged ones, reading by reading, on a common grid. */
final class CurveResiduals {

    /** Distance of the readings compared, s. */
    static final double GRID_S = 4;

    /** The step of the integration while fitting, s; it divides the grid. */
    static final double STEP_S = 2;

    /** The first readings after charge say more of the probe than of the drum, s. */
    private static final double FROM_S = 20;

    /** An environment reading counts less: where it sits in the stream differs from drum to drum (house default). */
    static final double ENVIRONMENT_WEIGHT = 0.35;

    private final List<FitRoast> roasts;
    private final double[][] beanC;
    private final double[][] environmentC;
    private final int size;

    CurveResiduals(List<FitRoast> roasts) {
        this.roasts = roasts;
        beanC = new double[roasts.size()][];
        environmentC = new double[roasts.size()][];
        int n = 0;
        for (int i = 0; i < roasts.size(); i++) {
            FitRoast roast = roasts.get(i);
            double endS = roast.figures().totalS().orElseThrow();
            beanC[i] = onGrid(roast.log().beanC(), endS);
            environmentC[i] = onGrid(roast.log().environmentC(), endS);
            n += count(beanC[i]) + count(environmentC[i]);
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

    /** Model less log, weighted: all bean readings of a roast, then its environment readings, roast by roast. */
    double[] of(MachineConstants machine) {
        double[] out = new double[size];
        int n = 0;
        for (int i = 0; i < roasts.size(); i++) {
            SimulatedCurve curve = curve(machine, roasts.get(i));
            n = fill(out, n, curve.log().beanC(), beanC[i], 1);
            n = fill(out, n, curve.log().environmentC(), environmentC[i], ENVIRONMENT_WEIGHT);
        }
        return out;
    }

    private static int fill(double[] out, int from, Series model, double[] logged, double weight) {
        int n = from;
        int ratio = (int) (GRID_S / STEP_S);
        for (int k = 0; k < logged.length; k++) {
            if (Double.isFinite(logged[k])) {
                out[n++] = weight * (model.value(Math.min(k * ratio, model.size() - 1)) - logged[k]);
            }
        }
        return n;
    }

    private static SimulatedCurve curve(MachineConstants machine, FitRoast roast) {
        ControlLevels otherwise = new ControlLevels(0, 100, machine.usualRpm());
        double endS = Math.ceil(roast.figures().totalS().orElseThrow() / GRID_S) * GRID_S;
        return new DrumSimulation(machine, STEP_S)
                .run(roast.batch(), Controls.logged(roast.log(), otherwise), endS, (t, c) -> false);
    }

    /** Root mean square of what the bean curve leaves unexplained, °C. */
    double beanErrorC(MachineConstants machine) {
        return error(machine, true);
    }

    /** The same of the environment curve, °C; 0 when no roast has one. */
    double environmentErrorC(MachineConstants machine) {
        return error(machine, false);
    }

    private double error(MachineConstants machine, boolean bean) {
        double sum = 0;
        int n = 0;
        for (int i = 0; i < roasts.size(); i++) {
            SimulatedCurve curve = curve(machine, roasts.get(i));
            double[] logged = bean ? beanC[i] : environmentC[i];
            double[] left = new double[count(logged)];
            fill(left, 0, bean ? curve.log().beanC() : curve.log().environmentC(), logged, 1);
            sum += Arrays.stream(left).map(d -> d * d).sum();
            n += left.length;
        }
        return n == 0 ? 0 : Math.sqrt(sum / n);
    }
}
