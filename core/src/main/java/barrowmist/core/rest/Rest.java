package barrowmist.core.rest;

import barrowmist.core.check.Coded;
import barrowmist.core.green.Process;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.Optional;

/**
 * How far a roasted sample has rested.
 *
 * @param state where it stands
 * @param ageH hours since its roast
 * @param opensInH hours until it may be cupped; negative when it may
 * @param bestInH hours until it is at its best; negative when it is, or was
 * @param closesInH hours until it may no longer be cupped by its school; negative when that is over
 */
public record Rest(State state, double ageH, double opensInH, double bestInH, double closesInH) {

    /** Where a sample stands. */
    public enum State implements Coded {
        BEST("at its best"),
        OPEN("may be cupped"),
        RESTING("resting"),
        MISSED("past its rest");

        private final String label;

        State(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }

    /** In the order in which a table is laid: what closes first, then what opens first; what is missed comes last. */
    public static final Comparator<Rest> TABLE = Comparator.comparing((Rest r) -> rank(r.state))
            .thenComparingDouble(r -> r.state == State.RESTING ? r.opensInH : r.closesInH);

    private static int rank(State state) {
        return switch (state) {
            case BEST, OPEN -> 0;
            case RESTING -> 1;
            case MISSED -> 2;
        };
    }

    private static final double MILLIS_PER_HOUR = 3_600_000;

    /** Nobody cups sooner: then the time of the roast was not entered, h (house default). */
    public static final double BELIEVED_FROM_H = 0.5;

    /** Hours from the drop to a moment: the one clock that rest is counted by. */
    public static double ageH(Instant droppedAt, Instant at) {
        return Duration.between(droppedAt, at).toMillis() / MILLIS_PER_HOUR;
    }

    /** What a table is told of a sample that has not rested, or not rested in time; empty where nothing is to be said. */
    public Optional<String> warning(RestSchool school) {
        return switch (state) {
            case RESTING ->
                Optional.of(
                        "Not rested: %s since the drop, %s more are missing by the %s style. It may taste flat, closed or of gas."
                                .formatted(hours(Math.max(0, ageH)), hours(opensInH), school.label()));
            case MISSED ->
                Optional.of("Past the %3$s window: %1$s since the drop, %2$s too long. Tell it as a cup of that age."
                        .formatted(hours(ageH), hours(-closesInH), school.label()));
            case OPEN, BEST -> Optional.empty();
        };
    }

    private static String hours(double h) {
        return h < 48
                ? "%d h".formatted(Math.max(h > 0 ? 1 : 0, Math.round(h)))
                : "%d days".formatted(Math.round(h / 24));
    }

    /** @param ageH hours since the drop */
    public static Rest of(RestSchool school, Process process, double ageH) {
        double opens = school.opensH(process) - ageH;
        double best = school.bestFromH(process) - ageH;
        double bestEnds = school.bestToH(process) - ageH;
        double closes = school.closesH(process) - ageH;
        State state = closes < 0
                ? State.MISSED
                : opens > 0 ? State.RESTING : best <= 0 && bestEnds >= 0 ? State.BEST : State.OPEN;
        return new Rest(state, ageH, opens, best, closes);
    }

    /** Hours until the state changes; empty when it does not any more. */
    public Optional<Double> changesInH() {
        return switch (state) {
            case RESTING -> Optional.of(opensInH);
            case OPEN -> Optional.of(bestInH > 0 ? bestInH : closesInH);
            case BEST -> Optional.of(closesInH);
            case MISSED -> Optional.empty();
        };
    }
}
