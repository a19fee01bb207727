package barrowmist.core.plan;

import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.RoastAnalysis;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What a plan is expected to give.
 *
 * @param analysis the predicted roast, worked out as a logged one is
 * @param figures each figure that can be known, with how far off it may be
 * @param trusted whether the plan lies within what the model was fitted to
 * @param usual whether the figures are what the machine usually does, as its model is not believed
 * @param doubts why not, or what else is to be known of it, a sentence each
 */
public record Prediction(
        RoastAnalysis analysis,
        Map<KeyFigure, Predicted> figures,
        boolean trusted,
        boolean usual,
        List<String> doubts) {

    /**
     * A predicted figure.
     *
     * @param value in the figure's unit
     * @param plusMinus one standard deviation, same unit; empty when the model has not been tried on roasts left out
     */
    public record Predicted(double value, Optional<Double> plusMinus) {}

    public Prediction {
        figures = Map.copyOf(figures);
        doubts = List.copyOf(doubts);
    }

    public Optional<Predicted> figure(KeyFigure figure) {
        return Optional.ofNullable(figures.get(figure));
    }
}
