package barrowmist.core.plan;

import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.RealVector;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;

/** Looks for the numbers of a changed plan that miss least. */
final class PlanSearch {

    private static final int MOST_ROUNDS = 25;
    private static final double SETTLED = 1e-3;
    private static final int POLISH_PASSES = 4;
    private static final double SLACK = 1e-9;

    private final ChangedPlan changed;
    private final Misses misses;

    PlanSearch(ChangedPlan changed, Misses misses) {
        this.changed = changed;
        this.misses = misses;
    }

    /** What was found, in steps that can be set. */
    double[] found() {
        return polish(rounded(settle()));
    }

    private double[] settle() {
        var problem = new LeastSquaresBuilder()
                .start(changed.from())
                .target(new double[misses.rows()])
                .model(p -> misses.evaluate(p.toArray()))
                .parameterValidator(this::bounded)
                .maxEvaluations(Integer.MAX_VALUE)
                .maxIterations(Integer.MAX_VALUE)
                .checker((n, before, now) ->
                        n >= MOST_ROUNDS || Math.abs(before.getCost() - now.getCost()) <= SETTLED * before.getCost())
                .lazyEvaluation(false)
                .build();
        return new LevenbergMarquardtOptimizer().optimize(problem).getPoint().toArray();
    }

    private RealVector bounded(RealVector p) {
        double[] x = p.toArray();
        for (int i = 0; i < x.length; i++) {
            x[i] = Math.max(changed.low(i), Math.min(changed.high(i), x[i]));
        }
        return new ArrayRealVector(x, false);
    }

    /** In steps that can be set; what moved less than half a step stays where it was. */
    private double[] rounded(double[] found) {
        double[] x = found.clone();
        for (int i = 0; i < x.length; i++) {
            double step = changed.step(i);
            boolean moved = Math.abs(x[i] - changed.from(i)) > step / 2;
            x[i] = moved ? Math.round(x[i] / step) * step : changed.from(i);
        }
        return x;
    }

    /** Tries single steps up and down while that helps. */
    private double[] polish(double[] start) {
        double[] x = start;
        double best = misses.cost(x);
        double before = Double.POSITIVE_INFINITY;
        for (int pass = 0; pass < POLISH_PASSES && best < before; pass++) {
            before = best;
            for (int i = 0; i < x.length; i++) {
                for (double way : new double[] {-changed.step(i), changed.step(i)}) {
                    double[] tried = x.clone();
                    tried[i] += way;
                    double cost = allowed(tried[i], i) ? misses.cost(tried) : Double.POSITIVE_INFINITY;
                    if (cost < best) {
                        best = cost;
                        x = tried;
                    }
                }
            }
        }
        return x;
    }

    private boolean allowed(double value, int i) {
        return value >= changed.low(i) - SLACK && value <= changed.high(i) + SLACK;
    }
}
