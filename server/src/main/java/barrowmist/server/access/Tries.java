package barrowmist.server.access;

import barrowmist.server.web.TooMany;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.Map;

/** Counts wrong tries: so many from one device, and from all together, and nothing is found by trying. */
public final class Tries {

    private static final Duration WITHIN = Duration.ofMinutes(10);
    private static final int MOST_OF_A_DEVICE = 10;
    private static final int MOST_OF_ALL = 200;
    private static final String ALL = "";

    private final Clock clock;
    private final String refusal;
    private final Map<String, Deque<Instant>> wrong = new LinkedHashMap<>();

    /** @param refusal what is said to who tried too often */
    public Tries(Clock clock, String refusal) {
        this.clock = clock;
        this.refusal = refusal;
    }

    /** @throws TooMany if this device, or all together, were wrong too often in the last minutes */
    public synchronized void refuseIfTooMany(String device) {
        forget();
        if (count(device) >= MOST_OF_A_DEVICE || count(ALL) >= MOST_OF_ALL) {
            throw new TooMany(refusal);
        }
    }

    public synchronized void wrong(String device) {
        Instant now = clock.instant();
        wrong.computeIfAbsent(device, d -> new ArrayDeque<>()).add(now);
        wrong.computeIfAbsent(ALL, d -> new ArrayDeque<>()).add(now);
    }

    private int count(String device) {
        Deque<Instant> times = wrong.get(device);
        return times == null ? 0 : times.size();
    }

    private void forget() {
        Instant before = clock.instant().minus(WITHIN);
        wrong.values().forEach(times -> times.removeIf(t -> t.isBefore(before)));
        wrong.values().removeIf(Deque::isEmpty);
    }
}
