package barrowmist.core.plan;

import barrowmist.core.machine.FittedModel;
import barrowmist.core.machine.thermal.BatchConditions;
import java.util.List;

/**
 * Looks for the smallest change of charge and gas with which a plan reaches its targets: least squares over the misses,
 * each in units of its tolerance, and over the changes, held small by a weight. What it finds is rounded to the steps in
 * which the machine's gas can be set.
 */
public final class Finder {

    /** A change of so much counts as one: charge, °C, and gas, % (house defaults). */
    static final double CHARGE_UNIT_C = 4;

    static final double GAS_UNIT_PCT = 10;

    /** How dearly one move is paid that changes otherwise than the move before it: zigzags make crashes (house default). */
    private static final double ZIGZAG_WEIGHT = 0.35;

    private final Predictor predictor;
    private final Limits limits;

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
    }

    /**
     * The plan of {@code start}, changed as little as reaches {@code targets}: first with moves that change together, and
     * only if that misses a target with each by itself.
     */
    public Found find(BatchConditions batch, ControlPlan start, Targets targets) {
        Found together = search(batch, start, targets, ZIGZAG_WEIGHT);
        if (together.reached()) {
            return together;
        }
        Found apart = search(batch, start, targets, 0);
        return apart.missed().size() < together.missed().size() ? apart : together;
    }

    private Found search(BatchConditions batch, ControlPlan start, Targets targets, double zigzagWeight) {
        ChangedPlan changed = new ChangedPlan(batch, start, limits);
        Misses misses = new Misses(predictor, targets, changed, zigzagWeight);
        double[] x = new PlanSearch(changed, misses).found();
        Prediction prediction = misses.predict(x);
        FoundWords words = new FoundWords(predictor.wording(), changed);
        return new Found(
                changed.batch(x), changed.plan(x), prediction, words.changes(x), words.missed(targets, x, prediction));
    }
}
