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
 * logarithms, so that none turns negative, and held loosely to the first guess, so that one that the logs say nothing
 * about stays where it was.
 */
public final class ModelFit {

    /** Standard deviation of a curve about its log that the loose hold is weighed against, °C. */
    private static final double USUAL_ERROR_C = 0.5;

    /** How loosely a constant is held to the first guess, as a standard deviation of its logarithm (house default). */
    private static final double LOOSE = 1.2;

    private static final double DIFFERENCE = 1e-4;
    /** A round that lowers the sum by less than this share is the last. */
    private static final double RELATIVE = 5e-4;

    private static final int MOST_ROUNDS = 40;

    private ModelFit() {}

    /** The constants that fit, and how well. */
    public record Result(MachineConstants machine, double beanErrorC, double environmentErrorC, int rounds) {}

    /**
     * @param roasts at least one, each with gas and a drop
     * @param guess where to set out
     * @param round told the number of each round as it begins
     */
    public static Result fit(List<FitRoast> roasts, MachineConstants guess, IntConsumer round) {
        return fit(roasts, guess, MOST_ROUNDS, round);
    }

    /** The same with at most {@code mostRounds} rounds. */
    public static Result fit(List<FitRoast> roasts, MachineConstants guess, int mostRounds, IntConsumer round) {
        CurveResiduals residuals = new CurveResiduals(roasts);
        double[] start = guess.toArray();
        double[] target = new double[residuals.size() + start.length];
        int[] rounds = {0};
        var problem = new LeastSquaresBuilder()
                .start(start)
                .target(target)
                .model(p -> {
                    round.accept(++rounds[0]);
                    return evaluate(residuals, guess, start, p.toArray());
                })
                .parameterValidator(p -> new ArrayRealVector(guess.bounded(p.toArray()), false))
                .maxEvaluations(Integer.MAX_VALUE)
                .maxIterations(Integer.MAX_VALUE)
                .checker((n, before, now) -> n >= mostRounds || settled(before.getCost(), now.getCost()))
                .lazyEvaluation(false)
                .build();
        Optimum best = new LevenbergMarquardtOptimizer().optimize(problem);
        MachineConstants machine = guess.withFitted(best.getPoint().toArray());
        return new Result(machine, residuals.beanErrorC(machine), residuals.environmentErrorC(machine), rounds[0]);
    }

    private static boolean settled(double before, double now) {
        return Math.abs(before - now) <= RELATIVE * before;
    }

    private static Pair<RealVector, RealMatrix> evaluate(
            CurveResiduals residuals, MachineConstants guess, double[] start, double[] p) {
        double[] here = rows(residuals, guess, start, p);
        double[][] jacobian = new double[here.length][p.length];
        // each column is a run of all logs by itself, and writes no cell of another
        IntStream.range(0, p.length).parallel().forEach(j -> {
            double[] moved = p.clone();
            moved[j] += DIFFERENCE;
            double[] there = rows(residuals, guess, start, moved);
            for (int i = 0; i < here.length; i++) {
                jacobian[i][j] = (there[i] - here[i]) / DIFFERENCE;
            }
        });
        return new Pair<>(new ArrayRealVector(here, false), new Array2DRowRealMatrix(jacobian, false));
    }

    private static double[] rows(CurveResiduals residuals, MachineConstants guess, double[] start, double[] p) {
        double[] curve = residuals.of(guess.withFitted(p));
        double[] rows = Arrays.copyOf(curve, curve.length + p.length);
        for (int j = 0; j < p.length; j++) {
            rows[curve.length + j] = USUAL_ERROR_C / LOOSE * (p[j] - start[j]);
        }
        return rows;
    }
}
