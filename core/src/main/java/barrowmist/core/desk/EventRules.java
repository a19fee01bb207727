package barrowmist.core.desk;

import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.PhaseName;
import barrowmist.core.roast.RoastEvents;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** What may be called at the desk, and what is expected next. */
public final class EventRules {

    /** Two different events within this are one slip of a finger, s (house default). */
    public static final double SLIP_S = 0.7;

    private static final List<EventKind> EXPECTED =
            List.of(EventKind.CHARGE, EventKind.DRY_END, EventKind.FIRST_CRACK, EventKind.DROP);

    private EventRules() {}

    /** The event that is expected next; dry end is not waited for once first crack was called. */
    public static Optional<EventKind> next(RoastEvents called) {
        boolean cracked = called.find(EventKind.FIRST_CRACK).isPresent();
        return EXPECTED.stream()
                .filter(k -> called.find(k).isEmpty())
                .filter(k -> k != EventKind.DRY_END || !cracked)
                .findFirst();
    }

    /** Why an event cannot be called now, in a sentence; empty when it can. */
    public static Optional<String> refusal(EventKind kind, RoastEvents called, double sinceLastCallS) {
        if (kind.single() && sinceLastCallS < SLIP_S) {
            return Optional.of("Two events at once: the second was not taken. Press again if it was meant.");
        }
        if (kind != EventKind.CHARGE && called.find(EventKind.CHARGE).isEmpty()) {
            return Optional.of("The charge comes first.");
        }
        if (called.find(EventKind.DROP).isPresent()) {
            return Optional.of("The batch is dropped: move its events on the roast's own page.");
        }
        return Optional.empty();
    }

    /**
     * A stretch of a roast that is not done.
     *
     * @param name drying, browning or development
     * @param fromS s since charge
     * @param toS s since charge; now, while it runs
     */
    public record Stretch(PhaseName name, double fromS, double toS) {

        public double durationS() {
            return toS - fromS;
        }

        /** Its share of {@code totalS}, %; empty at the charge. */
        public OptionalDouble sharePct(double totalS) {
            return totalS > 0 ? OptionalDouble.of(100 * durationS() / totalS) : OptionalDouble.empty();
        }
    }

    /** The stretches so far, the one that runs last; browning is only told apart where dry end was called. */
    public static List<Stretch> stretches(RoastEvents called, double nowS) {
        OptionalDouble dry = called.timeS(EventKind.DRY_END);
        OptionalDouble crack = called.timeS(EventKind.FIRST_CRACK);
        double endS = called.timeS(EventKind.DROP).orElse(nowS);
        double crackedS = crack.orElse(endS);
        List<Stretch> all = new ArrayList<>();
        all.add(new Stretch(PhaseName.DRYING, 0, dry.orElse(crackedS)));
        dry.ifPresent(fromS -> all.add(new Stretch(PhaseName.BROWNING, fromS, crackedS)));
        crack.ifPresent(fromS -> all.add(new Stretch(PhaseName.DEVELOPMENT, fromS, endS)));
        return all;
    }
}
