package barrowmist.server.past;

import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.RoastFigures;
import java.util.OptionalDouble;

/** How far two roasts are apart by their figures, so that not every curve has to be read. */
final class Likeness {

    /** What is not known of one of two counts as this far apart. */
    private static final double UNKNOWN = 10;

    private Likeness() {}

    /** Per cent of phases and rates as shares of the peak, summed. */
    static double apart(RoastFigures a, RoastFigures b) {
        return of(a, b, KeyFigure.DRYING_PCT)
                + of(a, b, KeyFigure.BROWNING_PCT)
                + of(a, b, KeyFigure.DEVELOPMENT_PCT)
                + rate(a, b, KeyFigure.ROR_AT_FIRST_CRACK)
                + rate(a, b, KeyFigure.ROR_AT_DROP);
    }

    private static double of(RoastFigures a, RoastFigures b, KeyFigure figure) {
        return apart(figure.of(a), figure.of(b), 1);
    }

    private static double rate(RoastFigures a, RoastFigures b, KeyFigure figure) {
        OptionalDouble peakA = KeyFigure.ROR_PEAK.of(a);
        OptionalDouble peakB = KeyFigure.ROR_PEAK.of(b);
        return peakA.isEmpty() || peakB.isEmpty()
                ? UNKNOWN
                : apart(share(figure.of(a), peakA.getAsDouble()), share(figure.of(b), peakB.getAsDouble()), 100);
    }

    private static OptionalDouble share(OptionalDouble rate, double peak) {
        return rate.isPresent() && peak > 0 ? OptionalDouble.of(rate.getAsDouble() / peak) : OptionalDouble.empty();
    }

    private static double apart(OptionalDouble a, OptionalDouble b, double scale) {
        return a.isPresent() && b.isPresent() ? scale * Math.abs(a.getAsDouble() - b.getAsDouble()) : UNKNOWN;
    }
}
