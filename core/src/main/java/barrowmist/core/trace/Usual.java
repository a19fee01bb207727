package barrowmist.core.trace;

import barrowmist.core.roast.Band;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A figure held against what the machine usually does.
 *
 * @param spreads how many spreads it lies above the usual value
 * @param usual the usual value
 * @param roasts how many roasts it was learned from
 */
record Usual(double spreads, double usual, int roasts) {

    /** Empty where the machine has not learned it. */
    static Optional<Usual> of(double x, Band band, double floor) {
        return band instanceof Band.Learned l
                ? Optional.of(new Usual((x - l.median()) / Math.max(l.spread(), floor), l.median(), l.roasts()))
                : Optional.empty();
    }

    /**
     * The limit of an aim as this machine has it: where its own usual value lies so many spreads inside, as far as the aim lets
     * it.
     *
     * @param side 1 where more than the limit counts, −1 where less does
     */
    static double limit(double aim, Band band, int side, TraceRules rules) {
        double slack = rules.value("aim.slack");
        OptionalDouble own = beyond(band, side, rules);
        return own.isEmpty() ? aim : Math.max(aim - slack, Math.min(aim + slack, own.getAsDouble()));
    }

    /** Where this machine's own usual values end; empty where it has learned none. */
    static OptionalDouble beyond(Band band, int side, TraceRules rules) {
        return band instanceof Band.Learned l
                ? OptionalDouble.of(l.median()
                        + side * rules.value("usual.spreads") * Math.max(l.spread(), rules.value("floor.share")))
                : OptionalDouble.empty();
    }
}
