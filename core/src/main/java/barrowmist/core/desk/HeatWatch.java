package barrowmist.core.desk;

import barrowmist.core.desk.Warning.Kind;
import barrowmist.core.roast.HeatChange;
import barrowmist.core.roast.LiveCurve;
import barrowmist.core.roast.LocalFit;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Watches the environment for heat that fails by itself: it falls within seconds, long before the beans tell. Mutable.
 *
 * <p>A steady environment moves by less than 20 °C/min, on every stand-in drum; with half the flame gone it falls by more than
 * 60. What was done at gas and air is allowed for, generously. Slow electric metal shows nothing here: there the beans tell.
 */
final class HeatWatch {

    /** The environment falls so much faster than just before, °C/min (house default). */
    private static final double FALLS_C_PER_MIN = 30;

    /** And so much more for each share of the gas that was cut, or of its range that the air was moved (house default). */
    private static final double EXPLAINED_C_PER_MIN = 200;

    private static final double LOOK_S = 7;
    private static final double BEFORE_FROM_S = 30;
    private static final double BEFORE_TO_S = 10;

    /** Not before so long after the turning point, s: until then the drum still answers to the charge. */
    private static final double SETTLED_S = 45;

    /** So many readings in a row must say so. */
    private static final int TIMES = 2;

    private static final double SECONDS = 60;

    private int seen;

    /** The environment's fall, °C/min below 0; empty while its heat is what it should be. */
    Optional<Warning> look(LiveCurve curve) {
        double now = curve.lastS();
        OptionalDouble turnedS =
                curve.turningPoint().stream().mapToDouble(turn -> turn.timeS()).findFirst();
        Optional<LocalFit> before = curve.environmentSlope(now - BEFORE_FROM_S, now - BEFORE_TO_S);
        Optional<LocalFit> lately = curve.environmentSlope(now - LOOK_S, now);
        if (turnedS.isEmpty() || now < turnedS.getAsDouble() + SETTLED_S || before.isEmpty() || lately.isEmpty()) {
            seen = 0;
            return Optional.empty();
        }
        double rate = SECONDS * lately.get().slopePerS();
        double was = SECONDS * before.get().slopePerS();
        HeatChange done = HeatChange.since(curve, now - BEFORE_FROM_S);
        double explained = EXPLAINED_C_PER_MIN * (Math.max(0, done.cut()) + Math.abs(done.opened()));
        seen = was - rate > FALLS_C_PER_MIN + explained && rate < 0 ? seen + 1 : 0;
        return seen >= TIMES ? Optional.of(new Warning(Kind.HEAT_FAILS, 0, rate, was, 0)) : Optional.empty();
    }
}
