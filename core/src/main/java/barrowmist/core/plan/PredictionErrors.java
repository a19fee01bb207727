package barrowmist.core.plan;

import barrowmist.core.machine.EventTemperatures;
import barrowmist.core.machine.FittedModel;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.Milestone;
import barrowmist.core.roast.RoastAnalysis;
import java.util.Optional;

/**
 * How far off the figures of a prediction may be: one standard deviation each.
 *
 * @param model the machine's
 * @param events where its probe stands at dry end and first crack
 * @param analysis the predicted roast
 * @param drop the plan's rule
 */
record PredictionErrors(FittedModel model, EventTemperatures events, RoastAnalysis analysis, DropRule drop) {

    /** What the model misses, and what follows from an event being called a little earlier or later. */
    Optional<Double> of(KeyFigure figure) {
        if (model.error(figure, shown(figure)).isEmpty()) {
            return Optional.empty();
        }
        double ofModel = ofModel(figure);
        return Optional.of(
                switch (figure) {
                    case DRY_END_S ->
                        Math.hypot(
                                ofModel,
                                secondsFor(
                                        events.dryEndSdC(), analysis.figures().dryEnd()));
                    case FIRST_CRACK_S -> firstCrackErrorS(ofModel);
                    case TOTAL_S -> totalErrorS();
                    case DEVELOPMENT_S -> developmentErrorS();
                    case DEVELOPMENT_PCT -> developmentErrorPct();
                    case DROP_C ->
                        switch (drop.by()) {
                            case BEAN_C -> 0.0;
                            case OVER_CRACK_C -> events.firstCrackSdC();
                            default -> ofModel;
                        };
                    default -> ofModel;
                });
    }

    /** Where the curve has it; NaN where it does not. */
    private double shown(KeyFigure figure) {
        return figure.of(analysis.figures()).orElse(Double.NaN);
    }

    private double ofModel(KeyFigure figure) {
        return model.error(figure, shown(figure)).orElse(0.0);
    }

    private double firstCrackErrorS(double ofModel) {
        return Math.hypot(
                ofModel, secondsFor(events.firstCrackSdC(), analysis.figures().firstCrack()));
    }

    private double developmentErrorPct() {
        double totalS = analysis.figures().totalS().orElse(Double.POSITIVE_INFINITY);
        return drop.by() == DropRule.By.DEVELOPMENT_PCT ? 0 : PERCENT * developmentErrorS() / totalS;
    }

    /** A drop at a temperature comes when the beans have risen so far since the crack. */
    private double developmentErrorS() {
        return switch (drop.by()) {
            case DEVELOPMENT_S -> 0;
            case DEVELOPMENT_PCT -> drop.value() / PERCENT * firstCrackErrorS(ofModel(KeyFigure.FIRST_CRACK_S));
            case TOTAL_S -> firstCrackErrorS(ofModel(KeyFigure.FIRST_CRACK_S));
            case BEAN_C, OVER_CRACK_C ->
                secondsFor(
                        Math.hypot(
                                ofModel(KeyFigure.DROP_C),
                                drop.by() == DropRule.By.BEAN_C ? events.firstCrackSdC() : 0),
                        analysis.figures().drop());
        };
    }

    private static final double PERCENT = 100;

    /** The rule of the drop decides: a fixed time is kept, a temperature comes when it comes. */
    private double totalErrorS() {
        return switch (drop.by()) {
            case TOTAL_S -> 0;
            case BEAN_C, OVER_CRACK_C -> ofModel(KeyFigure.TOTAL_S);
            case DEVELOPMENT_S, DEVELOPMENT_PCT -> firstCrackErrorS(ofModel(KeyFigure.FIRST_CRACK_S));
        };
    }

    private double secondsFor(double sdC, Optional<Milestone> at) {
        if (at.isEmpty() || analysis.ror().isEmpty()) {
            return 0;
        }
        double cPerMin =
                Math.max(SLOWEST_C_PER_MIN, analysis.ror().interpolated(at.get().timeS()));
        return sdC / cPerMin * 60;
    }

    private static final double SLOWEST_C_PER_MIN = 2;
}
