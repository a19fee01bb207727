package barrowmist.core.trace;

import barrowmist.core.machine.Calibration;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.RoastAnalysis;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.Function;

/**
 * A drum whose roasts are foretold.
 *
 * @param roast the roast of a plan
 * @param calibration how each figure came out in roasts that the model had not seen
 */
public record ForetoldDrum(Function<NextPlan, RoastAnalysis> roast, Map<KeyFigure, Calibration> calibration) {

    /** So surely the best model misses a share of a change, and the worst that is believed (house defaults). */
    private static final double LEAST_OFF = 0.2;

    private static final double MOST_OFF = 0.7;

    /** One of which nothing is known but what it foretells. */
    public static ForetoldDrum asItStands(Function<NextPlan, RoastAnalysis> roast) {
        return new ForetoldDrum(roast, Map.of());
    }

    /** How far a difference in a figure is believed: 1 as it stands, more where such differences came out larger. */
    double believed(KeyFigure figure) {
        Calibration known = calibration.get(figure);
        return known == null ? 1 : known.slope();
    }

    /** The share that a difference may be off by: what the model misses, of what the usual value does. */
    OptionalDouble off(KeyFigure figure) {
        Calibration known = calibration.get(figure);
        return known == null || !(known.usualError() > 0)
                ? OptionalDouble.empty()
                : OptionalDouble.of(Math.max(LEAST_OFF, Math.min(MOST_OFF, known.error() / known.usualError())));
    }
}
