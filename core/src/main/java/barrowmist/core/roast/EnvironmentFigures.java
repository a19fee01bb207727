package barrowmist.core.roast;

import java.util.OptionalDouble;

/**
 * What the environment probe read, °C; each empty while it cannot be known, all of them where there is no such probe.
 *
 * @param dryEndC at dry end
 * @param firstCrackC at first crack
 * @param dropC at the drop
 * @param peakC highest from the turning point to the drop
 */
public record EnvironmentFigures(
        OptionalDouble dryEndC, OptionalDouble firstCrackC, OptionalDouble dropC, OptionalDouble peakC) {

    public static final EnvironmentFigures NONE = new EnvironmentFigures(
            OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty());

    /** A reading so far from an event does not speak for it, s. */
    private static final double NEAR_S = 15;

    /** @param environmentC readings since charge */
    static EnvironmentFigures of(Series environmentC, RoastEvents sinceCharge, double turnS, double dropS) {
        OptionalDouble peak = environmentC.slice(turnS, dropS, 0).isEmpty()
                ? OptionalDouble.empty()
                : java.util.Arrays.stream(environmentC.slice(turnS, dropS, 0).values())
                        .max();
        return new EnvironmentFigures(
                at(environmentC, sinceCharge.timeS(EventKind.DRY_END)),
                at(environmentC, sinceCharge.timeS(EventKind.FIRST_CRACK)),
                at(environmentC, sinceCharge.timeS(EventKind.DROP)),
                peak);
    }

    private static OptionalDouble at(Series environmentC, OptionalDouble atS) {
        if (atS.isEmpty() || environmentC.isEmpty()) {
            return OptionalDouble.empty();
        }
        double t = atS.getAsDouble();
        int after = environmentC.indexFrom(t);
        boolean near = after < environmentC.size() && environmentC.timeS(after) - t <= NEAR_S
                || after > 0 && t - environmentC.timeS(after - 1) <= NEAR_S;
        return near ? OptionalDouble.of(environmentC.interpolated(t)) : OptionalDouble.empty();
    }
}
