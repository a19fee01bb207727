package barrowmist.core.machine.thermal;

import java.util.Arrays;
import java.util.List;
import java.util.function.IntConsumer;
import java.util.stream.IntStream;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresOptimizer.Optimum;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.util.Pair;

/**
 * Fits a machine's constants to its logs by least squares (Levenberg and Marquardt). The constants are fitted as
 * logarithms, so that none turns negative, and held to the first guess, each as loosely as such constants differ from
 * drum to drum, so that one that the logs say nothing about stays where it was. A large miss counts less than by its square
 * (pseudo-Huber, as usual in robust least squares).
 */
public final class ModelFit {

    /**
     * Standard deviation of a curve about its log that the hold is weighed against, °C: what a model lacks stays for many
     * readings, so that ten of them count as one (house default).
     */
    private static final double USUAL_ERROR_C = 1.6;

    private static final double DIFFERENCE = 1e-4;
    /** A round that lowers the sum by less than this share is the last. */
    private static final double RELATIVE = 5e-4;

    private static final int MOST_ROUNDS = 40;

    private ModelFit() {}

    /** The constants that fit, and how well. */
    public record Result(MachineConstants machine, CurveErrors bean, double environmentErrorC, int rounds) {}

    /**
     * @param roasts at least one, each with gas and a drop
     * @param hold what it is held to, and where to set out
     * @param round told the number of each round as it begins
     */
    public static Result fit(List<FitRoast> roasts, Hold hold, IntConsumer round) {
        return fit(roasts, hold, hold.guess(), MOST_ROUNDS, round);
    }

    /** The same from another start, with at most {@code mostRounds} rounds. */
    public static Result fit(
            List<FitRoast> roasts, Hold hold, MachineConstants from, int mostRounds, IntConsumer round) {
        CurveResiduals residuals = new CurveResiduals(roasts);
        double[] start = from.toArray();
        double[] target = new double[residuals.size() + start.length];
        int[] rounds = {0};
        var problem = new LeastSquaresBuilder()
                .start(start)
                .target(target)
                .model(p -> {
                    round.accept(++rounds[0]);
                    return evaluate(residuals, hold, p.toArray());
                })
                .parameterValidator(p -> new ArrayRealVector(hold.bounded(p.toArray()), false))
                .maxEvaluations(Integer.MAX_VALUE)
                .maxIterations(Integer.MAX_VALUE)
                .checker((n, before, now) -> n >= mostRounds || settled(before.getCost(), now.getCost()))
                .lazyEvaluation(false)
                .build();
        Optimum best = new LevenbergMarquardtOptimizer().optimize(problem);
        MachineConstants machine = hold.guess().withFitted(best.getPoint().toArray());
        return new Result(
                machine, CurveMisses.bean(residuals, machine), CurveMisses.environmentC(residuals, machine), rounds[0]);
    }

    private static boolean settled(double before, double now) {
        return Math.abs(before - now) <= RELATIVE * before;
    }

    private static Pair<RealVector, RealMatrix> evaluate(CurveResiduals residuals, Hold hold, double[] p) {
        double[] here = rows(residuals, hold, p);
        double[][] jacobian = new double[here.length][p.length];
        // each column is a run of all logs by itself, and writes no cell of another
        IntStream.range(0, p.length).parallel().forEach(j -> {
            double[] moved = p.clone();
            moved[j] += DIFFERENCE;
            double[] there = rows(residuals, hold, moved);
            for (int i = 0; i < here.length; i++) {
                jacobian[i][j] = (there[i] - here[i]) / DIFFERENCE;
            }
        });
        return new Pair<>(new ArrayRealVector(here, false), new Array2DRowRealMatrix(jacobian, false));
    }

    private static double[] rows(CurveResiduals residuals, Hold hold, double[] p) {
        double[] curve = residuals.of(hold.guess().withFitted(p));
        double[] held = hold.guess().toArray();
        double[] rows = Arrays.copyOf(curve, curve.length + p.length);
        for (int j = 0; j < p.length; j++) {
            rows[curve.length + j] = USUAL_ERROR_C / hold.sd(j) * (p[j] - held[j]);
        }
        return rows;
    }
}
