package barrowmist.server.desk;

import barrowmist.core.desk.EntryRules;
import barrowmist.core.desk.EventRules;
import barrowmist.core.desk.JournalLine.Entry;
import barrowmist.core.desk.RoastBatch;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.RoastEvents;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What a hand presses at a desk, as an entry of its journal, or refused with a reason. */
final class Pressed {

    private static final double NANOS = 1e9;
    private static final long LONG_AGO = Long.MIN_VALUE / 2;

    private long lastMarkNanos = LONG_AGO;

    /** What was marked last was taken back: the next mark may follow at once. */
    void forget() {
        lastMarkNanos = LONG_AGO;
    }

    /**
     * @param at s of the desk's clock
     * @param now of a monotonic clock, ns
     * @return empty where the event is there already
     */
    Optional<Entry> mark(RoastBatch b, EventKind kind, double at, long now) {
        RoastEvents events = b.events();
        if (kind.single() && events.find(kind).isPresent()) {
            return Optional.empty();
        }
        EventRules.refusal(kind, events, (now - lastMarkNanos) / NANOS).ifPresent(Pressed::conflict);
        List<String> problems = events.with(kind, at - b.chargeS().orElse(at)).problems();
        if (kind.single() && !problems.isEmpty()) {
            throw new InputProblems("kind", String.join(" ", problems));
        }
        lastMarkNanos = now;
        return Optional.of(new Entry(b.nextSeq(), kind.code(), at, 0, ""));
    }

    static Entry note(RoastBatch b, String text, double at) {
        String line = text == null ? "" : text.strip();
        refuse("text", EntryRules.noteRefused(line));
        return new Entry(b.nextSeq(), Entry.NOTE, at, 0, line);
    }

    /** @return empty where this pull is there already */
    static Optional<Entry> control(RoastBatch b, String control, double value, double at) {
        if (!EntryRules.hasValue(control)) {
            throw new InputProblems(
                    "control", "Gas, air, drum, a pull or a warm-up can be noted, not \"" + control + "\"");
        }
        refuse("value", EntryRules.valueRefused(control, value));
        if (control.equals(Entry.PULL)) {
            EntryRules.pullRefused(b, at).ifPresent(Pressed::conflict);
            if (EntryRules.isSamePull(b.standing(), at)) {
                return Optional.empty();
            }
        }
        return Optional.of(new Entry(b.nextSeq(), control, at, value, ""));
    }

    private static void conflict(String why) {
        throw new Conflict(why, Map.of());
    }

    private static void refuse(String field, Optional<String> why) {
        why.ifPresent(says -> {
            throw new InputProblems(field, says);
        });
    }
}
