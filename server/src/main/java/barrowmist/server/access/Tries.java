package barrowmist.server.access;

import barrowmist.server.web.TooMany;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * Counts tries: so many from one device, and from all unknown devices together, and nothing is found by trying. A try
 * counts before it is compared, so that many at the same moment are no more than many one after another.
 */
public final class Tries {

    private static final Duration WITHIN = Duration.ofMinutes(10);
    private static final int MOST_OF_A_DEVICE = 10;
    private static final int MOST_OF_UNKNOWN = 200;
    private static final String UNKNOWN = "";

    private final Clock clock;
    private final String refusal;
    private final Map<String, Deque<Instant>> counted = new LinkedHashMap<>();

    /** @param refusal what is said to who tried too often */
    public Tries(Clock clock, String refusal) {
        this.clock = clock;
        this.refusal = refusal;
    }

    /** A try that has been counted. */
    public final class Try {
        private final String device;
        private final boolean known;
        private final Instant at;

        private Try(String device, boolean known, Instant at) {
            this.device = device;
            this.known = known;
            this.at = at;
        }

        /** It was right: it counts for nothing. */
        public void right() {
            takeBack(this);
        }
    }

    /** @throws TooMany if this device, or all together, tried too often in the last minutes */
    public Try begin(String device) {
        return begin(device, false);
    }

    /**
     * @param known whether the device has been let in before: the tries of strangers do not hold it up
     * @throws TooMany if this device, or all unknown ones together, tried too often in the last minutes
     */
    public synchronized Try begin(String device, boolean known) {
        forget();
        if (count(device) >= MOST_OF_A_DEVICE || !known && count(UNKNOWN) >= MOST_OF_UNKNOWN) {
            throw new TooMany(refusal);
        }
        Instant now = clock.instant();
        add(device, now);
        if (!known) {
            add(UNKNOWN, now);
        }
        return new Try(device, known, now);
    }

    private synchronized void takeBack(Try begun) {
        remove(begun.device, begun.at);
        if (!begun.known) {
            remove(UNKNOWN, begun.at);
        }
    }

    private void add(String device, Instant at) {
        counted.computeIfAbsent(device, d -> new ArrayDeque<>()).add(at);
    }

    private void remove(String device, Instant at) {
        Deque<Instant> times = counted.get(device);
        if (times != null) {
            times.removeLastOccurrence(at);
        }
    }

    private int count(String device) {
        Deque<Instant> times = counted.get(device);
        return times == null ? 0 : times.size();
    }

    private void forget() {
        Instant before = clock.instant().minus(WITHIN);
        counted.values().forEach(times -> times.removeIf(t -> t.isBefore(before)));
        counted.values().removeIf(Deque::isEmpty);
    }
}
