package barrowmist.core.trace;

import java.util.OptionalDouble;

/**
 * One thing that was observed.
 *
 * @param sign which
 * @param figure what was read, in the unit of the sign's line in {@link TraceRules}
 * @param degree how far it is what the sign says, from 0 (not at all) over 0.5 (at the line) to 1: never a step
 * @param text a sentence with its figures
 * @param fromS start of its window on the curve, s since charge; empty when it has none
 * @param toS end of its window
 */
public record Observation(
        Sign sign, double figure, double degree, String text, OptionalDouble fromS, OptionalDouble toS) {

    public Observation {
        if (!(degree >= 0 && degree <= 1)) {
            throw new IllegalArgumentException(sign + " of degree " + degree);
        }
    }

    /** The same with a window on the curve. */
    Observation at(double beginS, double endS) {
        return new Observation(sign, figure, degree, text, OptionalDouble.of(beginS), OptionalDouble.of(endS));
    }

    /** How likely it is where its sign has this probability: a degree between is a mixture of both. */
    double likelihood(double p) {
        return degree * p + (1 - degree) * (1 - p);
    }
}
