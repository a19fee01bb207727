package barrowmist.core.plan;

import barrowmist.core.plan.Prediction.Predicted;
import barrowmist.core.roast.KeyFigure;
import java.util.Arrays;
import java.util.Optional;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.util.Pair;

/**
 * By how much a changed plan misses its targets, each in units of its tolerance, and how far it was changed: the rows
 * whose squares a search makes small.
 */
final class Misses {

    /** How dearly a change is paid beside a miss of one tolerance (house default). */
    private static final double CHANGE_WEIGHT = 0.08;

    /** Aimed at well inside the tolerance, so that rounding does not lose it. */
    private static final double INSIDE = 0.5;

    /** What a figure that is never reached costs, in tolerances, beside how far the beans are from it. */
    private static final double NEVER = 4;

    private static final double DIFFERENCE_C = 0.5;
    private static final double DIFFERENCE_PCT = 1;

    private final Predictor predictor;
    private final Targets targets;
    private final ChangedPlan changed;
    private final double zigzagWeight;

    /** @param zigzagWeight how dearly one move is paid that changes otherwise than the move before it */
    Misses(Predictor predictor, Targets targets, ChangedPlan changed, double zigzagWeight) {
        this.predictor = predictor;
        this.targets = targets;
        this.changed = changed;
        this.zigzagWeight = zigzagWeight;
    }

    Prediction predict(double[] x) {
        return predictor.predict(changed.batch(x), changed.plan(x), targets.developmentFrom());
    }

    int rows() {
        return targets.aims().size() + 2 * changed.size();
    }

    double cost(double[] x) {
        return Arrays.stream(rows(x)).map(row -> row * row).sum();
    }

    /** The rows, and by how much each changes with each number. */
    Pair<RealVector, RealMatrix> evaluate(double[] x) {
        double[] here = rows(x);
        double[][] jacobian = new double[here.length][x.length];
        for (int j = 0; j < x.length; j++) {
            double[] moved = x.clone();
            double step = j == 0 ? DIFFERENCE_C : DIFFERENCE_PCT;
            moved[j] += x[j] + step > changed.high(j) ? -step : step;
            double[] there = rows(moved);
            for (int i = 0; i < here.length; i++) {
                jacobian[i][j] = (there[i] - here[i]) / (moved[j] - x[j]);
            }
        }
        return new Pair<>(new ArrayRealVector(here, false), new Array2DRowRealMatrix(jacobian, false));
    }

    private double[] rows(double[] x) {
        double[] rows = new double[rows()];
        Prediction prediction = predict(x);
        int n = 0;
        for (KeyFigure figure : KeyFigure.values()) {
            Aim aim = targets.aims().get(figure);
            if (aim != null) {
                rows[n++] = miss(prediction, figure, aim) / (INSIDE * aim.tolerance());
            }
        }
        for (int i = 0; i < x.length; i++) {
            rows[n++] = CHANGE_WEIGHT * change(x, i) / changed.unit(i);
        }
        for (int i = 2; i < x.length; i++) {
            rows[n++] = zigzagWeight * (change(x, i) - change(x, i - 1)) / changed.unit(i);
        }
        return rows;
    }

    private double change(double[] x, int i) {
        return x[i] - changed.from(i);
    }

    /** By how much a figure is missed; one that is never reached is missed by how far the beans are from it. */
    private double miss(Prediction prediction, KeyFigure figure, Aim aim) {
        Optional<Predicted> predicted = prediction.figure(figure);
        if (predicted.isPresent()) {
            return predicted.get().value() - aim.value();
        }
        var bean = prediction.analysis().log().beanC();
        double lackC = predictor.events().firstCrackC() - bean.value(bean.size() - 1);
        return aim.tolerance() * (NEVER + Math.max(0, lackC));
    }
}
