package barrowmist.core.machine;

import barrowmist.core.check.Checks;
import barrowmist.core.check.FieldProblem;
import barrowmist.core.units.ControlScale;
import barrowmist.core.units.ControlWords;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What a roaster can do and how long it needs. All limits here are plausibility, the usual values house defaults, no
 * published source, but for those that say otherwise.
 *
 * @param batchMinG smallest batch, g
 * @param batchMaxG largest batch, g
 * @param gas range of the gas, %
 * @param air range of the airflow, %; empty when it cannot be set
 * @param drum range of the drum speed, 1/min; empty when it cannot be set
 * @param roomC temperature of the room, °C
 * @param warmUpS preheating before the first charge of a day, s
 * @param turnaroundS drop to the next charge, s
 * @param coolingLimitS by when the beans are to be cold after the drop, s; {@link #USUAL_COOLING_S} when empty
 */
public record Abilities(
        double batchMinG,
        double batchMaxG,
        Range gas,
        Optional<Range> air,
        Optional<Range> drum,
        double roomC,
        double warmUpS,
        double turnaroundS,
        OptionalDouble coolingLimitS) {

    /** Cold within about 4 minutes (common practice, no published source). */
    public static final double USUAL_COOLING_S = 240;

    private static final double USUAL_CAPACITY_G = 150;
    private static final double LEAST_BATCH_SHARE = 0.4;
    private static final double USUAL_ROOM_C = 22;
    private static final double USUAL_WARM_UP_S = 1800;
    private static final double USUAL_TURNAROUND_S = 150;
    private static final double MOST_S = 4 * 3600.0;
    private static final double LEAST_G = 20;
    private static final double MOST_G = 600_000;
    private static final double MOST_PCT = 100;
    /** No drum turns faster, 1/min. */
    public static final double MOST_RPM = 200;

    private static final double COLDEST_ROOM_C = -10;
    private static final double HOTTEST_ROOM_C = 50;
    private static final double LEAST_COOLING_S = 30;
    private static final double MOST_COOLING_S = 1800;
    private static final double FINEST_STEP = 0.1;

    /**
     * From where to where a control can be set, and in what steps, in % or 1/min.
     *
     * @param scale what the machine itself says for it; empty when that is the same
     */
    public record Range(double min, double max, double step, Optional<ControlScale> scale) {

        public Range(double min, double max, double step) {
            this(min, max, step, Optional.empty());
        }

        /** The whole of it by ones, %. */
        public static Range percent() {
            return new Range(0, MOST_PCT, 1);
        }

        private void check(Checks checks, String field, String label, double highest) {
            checks.range(field, label + " at most", max, 0, highest, "")
                    .range(field, label + " at least", min, 0, max, "")
                    .range(
                            field,
                            "Step of " + label.toLowerCase(Locale.ROOT),
                            step,
                            FINEST_STEP,
                            Math.max(FINEST_STEP, max - min),
                            "");
            scale.ifPresent(s -> s.check(checks, field, label));
        }
    }

    /** What a drum that holds {@code capacityG} begins with. */
    public static Abilities usual(OptionalDouble capacityG) {
        double capacity = capacityG.orElse(USUAL_CAPACITY_G);
        return new Abilities(
                Math.round(LEAST_BATCH_SHARE * capacity),
                capacity,
                Range.percent(),
                Optional.of(Range.percent()),
                Optional.empty(),
                USUAL_ROOM_C,
                USUAL_WARM_UP_S,
                USUAL_TURNAROUND_S,
                OptionalDouble.empty());
    }

    /** How its controls are written. */
    public ControlWords words() {
        return new ControlWords(gas.scale(), air.flatMap(Range::scale), drum.flatMap(Range::scale));
    }

    /** Every problem of these. */
    public List<FieldProblem> problems() {
        Checks checks = new Checks()
                .range("batchMaxG", "Largest batch", batchMaxG, LEAST_G, MOST_G, "g")
                .range("batchMinG", "Smallest batch", batchMinG, 1, batchMaxG, "g")
                .range("roomC", "Room", roomC, COLDEST_ROOM_C, HOTTEST_ROOM_C, "°C")
                .range("warmUpS", "Warm-up", warmUpS, 0, MOST_S, "s")
                .range("turnaroundS", "Turnaround", turnaroundS, 0, MOST_S, "s")
                .range("coolingLimitS", "Cold after", coolingLimitS, LEAST_COOLING_S, MOST_COOLING_S, "s");
        gas.check(checks, "gas", "Gas", MOST_PCT);
        air.ifPresent(r -> r.check(checks, "air", "Airflow", MOST_PCT));
        drum.ifPresent(r -> r.check(checks, "drum", "Drum speed", MOST_RPM));
        return checks.problems();
    }
}
