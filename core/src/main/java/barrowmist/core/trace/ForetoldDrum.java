package barrowmist.core.trace;

import barrowmist.core.machine.Calibration;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.RoastAnalysis;
import java.util.Map;
import java.util.function.Function;

/**
 * A drum whose roasts are foretold.
 *
 * @param roast the roast of a plan
 * @param calibration how each figure came out in roasts that the model had not seen
 */
public record ForetoldDrum(Function<NextPlan, RoastAnalysis> roast, Map<KeyFigure, Calibration> calibration) {

    /** One of which nothing is known but what it foretells. */
    public static ForetoldDrum asItStands(Function<NextPlan, RoastAnalysis> roast) {
        return new ForetoldDrum(roast, Map.of());
    }

    /** How far a difference in a figure is believed: 1 as it stands, more where such differences came out larger. */
    double believed(KeyFigure figure) {
        Calibration known = calibration.get(figure);
        return known == null ? 1 : known.slope();
    }

    /**
     * The share that a change of a figure may be off by: what the model misses, of what the usual value does; as models mostly are
     * where that is not known.
     */
    double off(KeyFigure figure, TraceRules rules) {
        Calibration known = calibration.get(figure);
        if (known == null || !(known.usualError() > 0)) {
            return rules.value("change.model-off");
        }
        double share = known.error() / known.usualError();
        return Math.max(rules.value("change.least-off"), Math.min(rules.value("change.most-off"), share));
    }
}
