package barrowmist.core.machine;

import barrowmist.core.machine.thermal.CurveErrors;
import java.util.Optional;

/**
 * Where a model misses its own roasts, and what that usually comes of.
 *
 * @param cause the likely one
 */
public record Misfit(Cause cause) {

    /** Less than this is not looked into, °C (house default). */
    private static final double SMALL_C = 1;

    /** One stretch is where it lies when it misses by so much more than the rest does (house default). */
    private static final double MOSTLY = 1.7;

    /** It lies between the roasts when they are off as wholes by this share of the misses (house default). */
    private static final double WHOLE_SHARE = 0.75;

    /** What a misfit comes of. */
    public enum Cause {
        EARLY("mostly in the first 100 s", "the bean probe is slow or sits deep, and does not yet read the beans"),
        DRYING("mostly while drying", "the batch weight, the moisture or the heat at charge is not what was logged"),
        BROWNING(
                "mostly between dry end and first crack",
                "metal that holds heat for long, or a control that is not logged"),
        DEVELOPMENT("mostly after first crack", "the steam of the cracks is not in the model"),
        BETWEEN("from roast to roast rather than within one", "something that is not logged differs between them");

        private final String where;
        private final String why;

        Cause(String where, String why) {
            this.where = where;
            this.why = why;
        }

        /** In words, after "it misses". */
        public String text() {
            return where + ": " + why;
        }

        /** What usually makes it. */
        String why() {
            return why;
        }
    }

    /** What is behind these errors; empty when they are small or lie everywhere alike. */
    public static Optional<Misfit> of(CurveErrors e) {
        double worst = Math.max(Math.max(e.earlyC(), e.dryingC()), Math.max(e.browningC(), e.developmentC()));
        if (!(worst >= SMALL_C)) {
            return Optional.empty();
        }
        if (e.earlyC() >= MOSTLY * Math.max(e.dryingC(), Math.max(e.browningC(), e.developmentC()))) {
            return Optional.of(new Misfit(Cause.EARLY));
        }
        if (e.wholeC() >= WHOLE_SHARE * e.lateC()) {
            return Optional.of(new Misfit(Cause.BETWEEN));
        }
        if (e.dryingC() >= MOSTLY * Math.max(e.browningC(), e.developmentC())) {
            return Optional.of(new Misfit(Cause.DRYING));
        }
        if (e.browningC() >= MOSTLY * Math.max(e.dryingC(), e.developmentC())) {
            return Optional.of(new Misfit(Cause.BROWNING));
        }
        return e.developmentC() >= MOSTLY * Math.max(e.dryingC(), e.browningC())
                ? Optional.of(new Misfit(Cause.DEVELOPMENT))
                : Optional.empty();
    }
}
