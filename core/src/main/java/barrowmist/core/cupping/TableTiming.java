package barrowmist.core.cupping;

import barrowmist.core.check.Checks;
import barrowmist.core.check.FieldProblem;
import java.util.List;
import java.util.OptionalDouble;

/**
 * When the crust is broken, and from when on is tasted: as published (SCA cupping protocol, from memory) where the house
 * says nothing else.
 *
 * @param breakS after the pour, s
 * @param tasteC from which temperature on is tasted, °C
 * @param tasteS or from which moment after the pour on, s; goes before the temperature
 */
public record TableTiming(OptionalDouble breakS, OptionalDouble tasteC, OptionalDouble tasteS) {

    public static final double BREAK_S = 240;
    public static final double EARLIEST_BREAK_S = 180;
    public static final double LATEST_BREAK_S = 300;
    public static final double FIRST_TASTE_C = 71;

    private static final double COLDEST_TASTE_C = 40;
    private static final double HOTTEST_TASTE_C = 80;
    private static final double SOONEST_TASTE_S = 360;
    private static final double LATEST_TASTE_S = 2400;

    /** Nothing said. */
    public static TableTiming unsaid() {
        return new TableTiming(OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty());
    }

    /** When the crust is to be broken, s after the pour. */
    public double toBreakS() {
        return breakS.orElse(BREAK_S);
    }

    /** From which temperature on is tasted, °C; where a moment is said, that counts. */
    public double toTasteC() {
        return tasteC.orElse(FIRST_TASTE_C);
    }

    /** Every problem of it. */
    List<FieldProblem> problems() {
        return new Checks()
                .range("protocol.breakS", "The crust is broken", breakS, EARLIEST_BREAK_S, LATEST_BREAK_S, "s")
                .range("protocol.tasteC", "Tasted from", tasteC, COLDEST_TASTE_C, HOTTEST_TASTE_C, "°C")
                .range("protocol.tasteS", "Tasted from", tasteS, SOONEST_TASTE_S, LATEST_TASTE_S, "s")
                .problems();
    }
}
