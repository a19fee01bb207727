package barrowmist.core.desk;

import barrowmist.core.desk.JournalLine.Entry;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.Reading;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/** A roast since its charge: what is foretold and warned of, and the outlooks that are held against what came. Mutable. */
final class FollowedRoast {

    /** A minute after the turning point the outlook is noted, to be held against what came. */
    private static final double OUTLOOK_AFTER_TURN_S = 60;

    private final LiveRoast live;
    private final Map<Warning.Kind, Double> warned = new EnumMap<>(Warning.Kind.class);
    private Optional<Outlook> afterTurn = Optional.empty();
    private Optional<Outlook> atDryEnd = Optional.empty();

    FollowedRoast(LiveSetup setup) {
        live = new LiveRoast(setup);
    }

    /** Takes a reading, s since charge. */
    void take(Reading sinceCharge) {
        live.take(sinceCharge);
        live.warning().ifPresent(w -> warned.putIfAbsent(w.kind(), w.sinceS()));
        if (afterTurn.isEmpty() && turned()) {
            afterTurn = live.outlook();
        }
        if (atDryEnd.isEmpty() && live.known().find(EventKind.DRY_END).isPresent()) {
            atDryEnd = live.outlook();
        }
    }

    private boolean turned() {
        return live.curve()
                .turningPoint()
                .filter(p -> live.curve().lastS() >= p.timeS() + OUTLOOK_AFTER_TURN_S)
                .isPresent();
    }

    /** Takes a control that a person noted; never before what was taken already. */
    void control(Entry entry, double sinceChargeS) {
        live.take(entry.control(Math.max(sinceChargeS, live.curve().lastS())));
    }

    LiveRoast live() {
        return live;
    }

    Map<Warning.Kind, Double> warned() {
        return warned;
    }

    Optional<Outlook> afterTurn() {
        return afterTurn;
    }

    Optional<Outlook> atDryEnd() {
        return atDryEnd;
    }
}
