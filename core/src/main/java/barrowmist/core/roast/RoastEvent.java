package barrowmist.core.roast;

import java.util.Objects;
import java.util.OptionalDouble;

/**
 * One event.
 *
 * @param kind what happened
 * @param timeS when, s on the clock of the log
 * @param movedFromS where it stood before it was first moved, s; empty when it never was
 */
public record RoastEvent(EventKind kind, double timeS, OptionalDouble movedFromS) {

    public RoastEvent {
        Objects.requireNonNull(kind);
        if (!Double.isFinite(timeS)) {
            throw new IllegalArgumentException("Event " + kind.code() + " is at " + timeS + " s, expected a number");
        }
    }

    public static RoastEvent at(EventKind kind, double timeS) {
        return new RoastEvent(kind, timeS, OptionalDouble.empty());
    }

    /** This event at another time; it remembers where it first stood, and forgets it when it is put back. */
    public RoastEvent movedTo(double newTimeS) {
        double first = movedFromS.orElse(timeS);
        return new RoastEvent(kind, newTimeS, newTimeS == first ? OptionalDouble.empty() : OptionalDouble.of(first));
    }

    /** The same event on a clock that is {@code shiftS} ahead. */
    public RoastEvent shifted(double shiftS) {
        OptionalDouble moved =
                movedFromS.isPresent() ? OptionalDouble.of(movedFromS.getAsDouble() + shiftS) : OptionalDouble.empty();
        return new RoastEvent(kind, timeS + shiftS, moved);
    }
}
