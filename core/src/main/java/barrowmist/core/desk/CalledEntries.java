package barrowmist.core.desk;

import barrowmist.core.check.Coded;
import barrowmist.core.desk.JournalLine.Entry;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.RoastEvent;
import barrowmist.core.roast.RoastEvents;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/** What people called and noted during a batch, less what they took back. Mutable. */
final class CalledEntries {

    private final List<Entry> entries = new ArrayList<>();
    private final Set<Integer> undone = new HashSet<>();

    void add(Entry entry) {
        entries.add(entry);
    }

    /** Takes an entry back; the entry, where there is one of this number. */
    Optional<Entry> undo(int seq) {
        undone.add(seq);
        return entries.stream().filter(e -> e.seq() == seq).findFirst();
    }

    boolean gone(Entry entry) {
        return undone.contains(entry.seq());
    }

    int nextSeq() {
        return entries.size() + 1;
    }

    /** Entries that were not taken back, in order. */
    List<Entry> standing() {
        return entries.stream().filter(e -> !gone(e)).toList();
    }

    static boolean isEvent(Entry entry) {
        return Coded.find(EventKind.class, entry.kind()).isPresent();
    }

    /** When it was charged, by the desk's clock, s. */
    OptionalDouble chargeS() {
        return standing().stream()
                .filter(e -> e.kind().equals(EventKind.CHARGE.code()))
                .mapToDouble(Entry::timeS)
                .findFirst();
    }

    /** What was weighed in last, g; empty where nobody did. */
    OptionalDouble weighedG() {
        return standing().stream()
                .filter(e -> e.kind().equals(RoastBatch.WEIGHED))
                .mapToDouble(Entry::value)
                .reduce((first, second) -> second);
    }

    /** Whether it was last said to be the warm-up of its day. */
    boolean warmUp() {
        return standing().stream()
                        .filter(e -> e.kind().equals(Entry.WARM_UP))
                        .mapToDouble(Entry::value)
                        .reduce(0, (first, second) -> second)
                == 1;
    }

    /** Called events, s since charge. */
    RoastEvents events() {
        double charge = chargeS().orElse(0);
        return new RoastEvents(standing().stream()
                .filter(CalledEntries::isEvent)
                .map(e -> RoastEvent.at(Coded.find(EventKind.class, e.kind()).orElseThrow(), e.timeS() - charge))
                .toList());
    }

    /** Whether the drop that stands is this entry. */
    boolean endsWith(int seq) {
        return standing().stream().anyMatch(e -> e.seq() == seq && e.kind().equals(EventKind.DROP.code()));
    }
}
