package barrowmist.core.plan;

import barrowmist.core.plan.ControlStep.Control;
import barrowmist.core.plan.thermal.BatchConditions;
import barrowmist.core.plan.thermal.ControlLevels;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.util.Pair;

/**
 * Looks for the smallest change of charge and gas with which a plan reaches its targets: least squares over the misses,
 * each in units of its tolerance, and over the changes, held small by a weight. What it finds is rounded to the steps in
 * which the machine's gas can be set.
 */
public final class Finder {

    /** A change of so much counts as one: charge, °C, and gas, % (house defaults). */
    private static final double CHARGE_UNIT_C = 4;

    private static final double GAS_UNIT_PCT = 10;

    /** How dearly a change is paid beside a miss of one tolerance (house default). */
    private static final double CHANGE_WEIGHT = 0.08;

    /** How dearly one move is paid that changes otherwise than the move before it: zigzags make crashes (house default). */
    private static final double ZIGZAG_WEIGHT = 0.35;

    /** Aimed at well inside the tolerance, so that rounding does not lose it. */
    private static final double INSIDE = 0.5;

    private static final double DIFFERENCE_C = 0.5;
    private static final double DIFFERENCE_PCT = 1;
    private static final int MOST_ROUNDS = 25;
    private static final double SETTLED = 1e-3;
    private static final int POLISH_PASSES = 4;

    private final Predictor predictor;
    private final Limits limits;
    private final Sentences words;

    /**
     * How far the search may go.
     *
     * @param lowestChargeC charge at least, °C
     * @param highestChargeC charge at most, °C
     * @param lowestGasPct gas at least, %
     * @param highestGasPct gas at most, %
     * @param gasStepPct smallest step of the gas, %, positive
     */
    public record Limits(
            double lowestChargeC, double highestChargeC, double lowestGasPct, double highestGasPct, double gasStepPct) {

        /** What the machine can do, as far as its model is trusted. */
        public static Limits within(FittedModel model, double gasMinPct, double gasMaxPct, double gasStepPct) {
            var charge = model.range().chargeC();
            var gas = model.range().gasPct();
            return new Limits(
                    charge.min() - CHARGE_UNIT_C,
                    charge.max() + CHARGE_UNIT_C,
                    Math.max(gasMinPct, gas.min() - GAS_UNIT_PCT),
                    Math.min(gasMaxPct, gas.max() + GAS_UNIT_PCT),
                    gasStepPct);
        }
    }

    /**
     * What was found.
     *
     * @param batch with the charge found
     * @param plan with the gas found
     * @param prediction what it gives
     * @param changes what was changed, a sentence each
     * @param missed which targets are still missed and why, a sentence each; empty when all are reached
     */
    public record Found(
            BatchConditions batch, ControlPlan plan, Prediction prediction, List<String> changes, List<String> missed) {

        public boolean reached() {
            return missed.isEmpty();
        }
    }

    public Finder(Predictor predictor, Limits limits) {
        this.predictor = predictor;
        this.limits = limits;
        this.words = new Sentences(predictor.wording());
    }

    /**
     * The plan of {@code start}, changed as little as reaches {@code targets}: first with moves that change together, and
     * only if that misses a target with each by itself.
     */
    public Found find(BatchConditions batch, ControlPlan start, Targets targets) {
        Found together = new Search(batch, start, targets, ZIGZAG_WEIGHT).found();
        if (together.reached()) {
            return together;
        }
        Found apart = new Search(batch, start, targets, 0).found();
        return apart.missed().size() < together.missed().size() ? apart : together;
    }

    private final class Search {
        private final BatchConditions batch;
        private final ControlPlan start;
        private final Targets targets;
        private final List<Integer> gasSteps = new ArrayList<>();
        private final double[] from;
        private final double zigzagWeight;

        Search(BatchConditions batch, ControlPlan start, Targets targets, double zigzagWeight) {
            this.zigzagWeight = zigzagWeight;
            this.batch = batch;
            this.start = start;
            this.targets = targets;
            for (int i = 0; i < start.steps().size(); i++) {
                if (start.steps().get(i).control() == Control.GAS) {
                    gasSteps.add(i);
                }
            }
            from = new double[2 + gasSteps.size()];
            from[0] = batch.chargeC();
            from[1] = start.atCharge().gasPct();
            for (int i = 0; i < gasSteps.size(); i++) {
                from[2 + i] = start.steps().get(gasSteps.get(i)).value();
            }
        }

        private ControlPlan plan(double[] x) {
            ControlLevels first = start.atCharge();
            List<ControlStep> steps = new ArrayList<>(start.steps());
            for (int i = 0; i < gasSteps.size(); i++) {
                int at = gasSteps.get(i);
                steps.set(at, steps.get(at).withValue(x[2 + i]));
            }
            return start.withSteps(new ControlLevels(x[1], first.airflowPct(), first.drumRpm()), steps);
        }

        private Prediction predict(double[] x) {
            return predictor.predict(batch.withCharge(x[0]), plan(x), targets.developmentFrom());
        }

        private double low(int i) {
            return Math.min(from[i], i == 0 ? limits.lowestChargeC : limits.lowestGasPct);
        }

        private double high(int i) {
            return Math.max(from[i], i == 0 ? limits.highestChargeC : limits.highestGasPct);
        }

        private double unit(int i) {
            return i == 0 ? CHARGE_UNIT_C : GAS_UNIT_PCT;
        }

        private double[] settle() {
            var problem = new LeastSquaresBuilder()
                    .start(from)
                    .target(new double[targets.aims().size() + 2 * from.length])
                    .model(p -> evaluate(p.toArray()))
                    .parameterValidator(this::bounded)
                    .maxEvaluations(Integer.MAX_VALUE)
                    .maxIterations(Integer.MAX_VALUE)
                    .checker((n, before, now) -> n >= MOST_ROUNDS
                            || Math.abs(before.getCost() - now.getCost()) <= SETTLED * before.getCost())
                    .lazyEvaluation(false)
                    .build();
            return new LevenbergMarquardtOptimizer()
                    .optimize(problem)
                    .getPoint()
                    .toArray();
        }

        private RealVector bounded(RealVector p) {
            double[] x = p.toArray();
            for (int i = 0; i < x.length; i++) {
                x[i] = Math.max(low(i), Math.min(high(i), x[i]));
            }
            return new ArrayRealVector(x, false);
        }

        private Pair<RealVector, RealMatrix> evaluate(double[] x) {
            double[] here = rows(x);
            double[][] jacobian = new double[here.length][x.length];
            for (int j = 0; j < x.length; j++) {
                double[] moved = x.clone();
                double step = j == 0 ? DIFFERENCE_C : DIFFERENCE_PCT;
                moved[j] += x[j] + step > high(j) ? -step : step;
                double[] there = rows(moved);
                for (int i = 0; i < here.length; i++) {
                    jacobian[i][j] = (there[i] - here[i]) / (moved[j] - x[j]);
                }
            }
            return new Pair<>(new ArrayRealVector(here, false), new Array2DRowRealMatrix(jacobian, false));
        }

        private double[] rows(double[] x) {
            double[] rows = new double[targets.aims().size() + 2 * x.length];
            Prediction prediction = predict(x);
            int n = 0;
            for (PlanFigure figure : PlanFigure.values()) {
                Aim aim = targets.aims().get(figure);
                if (aim != null) {
                    rows[n++] = miss(prediction, figure, aim) / (INSIDE * aim.tolerance());
                }
            }
            for (int i = 0; i < x.length; i++) {
                rows[n++] = CHANGE_WEIGHT * (x[i] - from[i]) / unit(i);
            }
            for (int i = 2; i < x.length; i++) {
                rows[n++] = zigzagWeight * ((x[i] - from[i]) - (x[i - 1] - from[i - 1])) / GAS_UNIT_PCT;
            }
            return rows;
        }

        /** By how much a figure is missed; one that is never reached is missed by how far the beans are from it. */
        private double miss(Prediction prediction, PlanFigure figure, Aim aim) {
            OptionalDouble value = targets.figure(figure, prediction.analysis().figures());
            if (value.isPresent()) {
                return value.getAsDouble() - aim.value();
            }
            var bean = prediction.analysis().log().beanC();
            double lackC = predictor.events().firstCrackC() - bean.value(bean.size() - 1);
            return aim.tolerance() * (NEVER + Math.max(0, lackC));
        }

        private double cost(double[] x) {
            double sum = 0;
            for (double row : rows(x)) {
                sum += row * row;
            }
            return sum;
        }

        private double step(int i) {
            return i == 0 ? 1 : limits.gasStepPct;
        }

        /** Rounds to what can be set, then tries single steps up and down while that helps. */
        private double[] polish(double[] found) {
            double[] x = found.clone();
            for (int i = 0; i < x.length; i++) {
                boolean moved = Math.abs(x[i] - from[i]) > step(i) / 2;
                x[i] = moved ? Math.round(x[i] / step(i)) * step(i) : from[i];
            }
            double best = cost(x);
            for (int pass = 0; pass < POLISH_PASSES; pass++) {
                double before = best;
                for (int i = 0; i < x.length; i++) {
                    for (double way : new double[] {-step(i), step(i)}) {
                        double[] tried = x.clone();
                        tried[i] += way;
                        boolean allowed = tried[i] >= low(i) - 1e-9 && tried[i] <= high(i) + 1e-9;
                        double cost = allowed ? cost(tried) : Double.POSITIVE_INFINITY;
                        if (cost < best) {
                            best = cost;
                            x = tried;
                        }
                    }
                }
                if (best >= before) {
                    break;
                }
            }
            return x;
        }

        Found found() {
            double[] x = polish(settle());
            Prediction prediction = predict(x);
            return new Found(batch.withCharge(x[0]), plan(x), prediction, changes(x), missed(x, prediction));
        }

        private List<String> changes(double[] x) {
            List<String> changes = new ArrayList<>();
            for (int i = 0; i < x.length; i++) {
                if (Math.abs(x[i] - from[i]) > 1e-6) {
                    changes.add(i == 0 ? charge(x[0]) : gas(i, x[i]));
                }
            }
            return changes;
        }

        private String charge(double c) {
            return "Charge at %s instead of %s"
                    .formatted(
                            predictor.wording().temperature(c),
                            predictor.wording().temperature(from[0]));
        }

        private String gas(int i, double pct) {
            String when = i == 1
                    ? "Gas at charge"
                    : "Gas " + words.when(start.steps().get(gasSteps.get(i - 2)).when());
            return String.format(Locale.ROOT, "%s: %.0f %% instead of %.0f %%", when, pct, from[i]);
        }

        private List<String> missed(double[] x, Prediction prediction) {
            List<String> missed = new ArrayList<>();
            for (PlanFigure figure : PlanFigure.values()) {
                Aim aim = targets.aims().get(figure);
                if (aim == null) {
                    continue;
                }
                OptionalDouble value =
                        targets.figure(figure, prediction.analysis().figures());
                if (value.isEmpty() || !aim.reachedBy(value.getAsDouble())) {
                    missed.add(words.missed(figure, aim, value) + why(x));
                }
            }
            return missed;
        }

        private String why(double[] x) {
            List<String> ends = new ArrayList<>();
            for (int i = 0; i < x.length; i++) {
                if (x[i] >= high(i) - step(i) / 2) {
                    ends.add(i == 0 ? "the charge is as high as is trusted" : "the gas is as high as is trusted");
                }
                if (x[i] <= low(i) + step(i) / 2) {
                    ends.add(i == 0 ? "the charge is as low as is trusted" : "the gas is as low as is trusted");
                }
            }
            return ends.isEmpty()
                    ? ": it pulls against the other targets; loosen one of them."
                    : ": " + String.join(", ", ends.stream().distinct().toList()) + ".";
        }
    }

    private static final double NEVER = 4;
}
