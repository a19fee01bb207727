package barrowmist.core.desk;

import barrowmist.core.desk.JournalLine.Gap;
import barrowmist.core.desk.JournalLine.Read;
import barrowmist.core.machine.Sense;
import barrowmist.core.roast.Reading;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What a desk hears of its roaster: when each reading was, what of it can be true, and for how long nothing came.
 * Mutable; not safe for several threads.
 */
public final class Listening {

    private static final double NANOS = 1e9;
    private static final double MILLIS = 1e3;

    private DeskClock clock = new DeskClock();
    private Sense sense = Sense.USUAL;
    private BelievedReadings believed = new BelievedReadings(sense);
    private Optional<Read> last = Optional.empty();
    private double lastBeanS = Double.NaN;
    private boolean frozen;
    private Optional<String> lost = Optional.of("Connecting…");
    private String trouble = "";

    /** What of its readings can be true from now on. */
    public void sense(Sense now) {
        if (!now.equals(sense)) {
            sense = now;
            believed = new BelievedReadings(sense);
        }
    }

    /** Begins a batch: its time is 0 now. */
    public void begin(long nowNanos) {
        double clockS = last.map(Read::clockS).orElse(Double.NaN);
        clock = new DeskClock();
        clock.resume(0, nowNanos, clockS);
        believed = new BelievedReadings(sense);
        last = Optional.empty();
        lastBeanS = Double.NaN;
        frozen = false;
    }

    /**
     * Goes on with a batch after the server was ended.
     *
     * @param readings what its journal holds, oldest first
     * @param sameBoot whether the monotonic clock is still the one of those readings
     * @param wallMs the clock on the wall now, ms
     */
    public void resume(List<Read> readings, boolean sameBoot, long nowNanos, long wallMs) {
        lastBeanS = Double.NaN;
        frozen = false;
        if (readings.isEmpty()) {
            clock.resume(0, nowNanos, Double.NaN);
            return;
        }
        Read newest = readings.get(readings.size() - 1);
        last = Optional.of(newest);
        lastBeanS = newest.reading().timeS();
        clock.resume(newest, sameBoot, nowNanos, wallMs);
        lost = Optional.of("Barrowmist was started again.");
        trouble = "Barrowmist was not running";
    }

    /** What the roaster said, and the stretch without bean readings that it ends, if it ends one. */
    public record Heard(Read read, Optional<Gap> gap) {}

    /** Takes what the roaster says; {@code pollS} is how often it is asked, s. */
    public Heard hear(RoasterReading raw, long atNanos, long wallMs, double pollS) {
        double guessedS = clock.at(atNanos);
        Reading reading = believed.of(guessedS, raw);
        boolean bean = reading.beanC().isPresent();
        boolean nonsense = !bean && reading.environmentC().isEmpty();
        // where nothing can be true the clock beside it is not believed either: the desk's own time goes on
        double t = nonsense ? guessedS : clock.reading(raw.clockS(), atNanos);
        reading = reading.at(t);
        stands(believed.frozen(guessedS));
        Optional<Gap> gap = Optional.empty();
        if (bean && !frozen) {
            gap = gapUntil(t, pollS);
            lastBeanS = t;
            trouble = "";
        } else if (!bean) {
            trouble = nonsense ? "the roaster said nothing that can be true" : "the bean probe said nothing";
        }
        lost = nonsense ? Optional.of("The roaster answers, but with nothing that can be true.") : Optional.empty();
        double clockS = nonsense ? clock.lastClockS() : raw.clockS().orElse(Double.NaN);
        return new Heard(remember(new Read(reading, raw.pops(), atNanos, clockS, wallMs)), gap);
    }

    private void stands(boolean still) {
        if (still && !frozen) {
            trouble = "the probe stood still";
            lastBeanS = Math.min(lastBeanS, believed.sameSinceS());
        }
        frozen = still;
    }

    private Read remember(Read read) {
        last = Optional.of(read);
        return read;
    }

    /** The stretch without bean readings that ends at {@code timeS}; empty where it is no longer than a poll or a few. */
    public Optional<Gap> gapUntil(double timeS, double pollS) {
        boolean silent = timeS - lastBeanS > Silence.longestS(pollS, clock.rate());
        return silent
                ? Optional.of(new Gap(lastBeanS, timeS, trouble.isEmpty() ? "no reading came" : trouble))
                : Optional.empty();
    }

    /** The roaster is not heard any more. */
    public void lost(String why) {
        lost = Optional.of(why);
        trouble = why;
    }

    /** Temperatures that a person read off at {@code timeS}; empty when a later reading is there already. */
    public Optional<Read> typed(
            double timeS, OptionalDouble beanC, OptionalDouble environmentC, long nowNanos, long wallMs) {
        if (last.isPresent() && timeS <= last.get().reading().timeS()) {
            return Optional.empty();
        }
        lost = Optional.empty();
        OptionalDouble none = OptionalDouble.empty();
        Reading reading = new Reading(timeS, beanC, environmentC, none, none, none);
        // it is kept with the moment at which it was read off: the clock is not set by it
        double agoS = Math.max(0, (clock.at(nowNanos) - timeS) / clock.rate());
        long thenNanos = nowNanos - Math.round(agoS * NANOS);
        return Optional.of(
                remember(new Read(reading, none, thenNanos, Double.NaN, wallMs - Math.round(agoS * MILLIS))));
    }

    /** A person reads the thermometer and then presses: so long before a mark its reading belongs to it, s (house default). */
    private static final double READ_WITH_S = 10;

    /**
     * What was typed just before an event was marked, as the reading at the event; empty where nothing was.
     *
     * @param atS when it was marked
     */
    public Optional<Read> readWith(double atS, long nowNanos, long wallMs) {
        return last.filter(r -> r.reading().timeS() < atS && atS - r.reading().timeS() <= READ_WITH_S)
                .flatMap(r -> typed(atS, r.reading().beanC(), r.reading().environmentC(), nowNanos, wallMs));
    }

    /** The desk's time, s. */
    public double timeS(long nanos) {
        return clock.at(nanos);
    }

    /** How many seconds of the desk pass in one. */
    public double rate() {
        return clock.rate();
    }

    /** The newest reading of this batch. */
    public Optional<Read> last() {
        return last;
    }

    /** The newest reading, while the roaster is heard. */
    public Optional<Reading> now() {
        return lost.isPresent() ? Optional.empty() : last.map(Read::reading);
    }

    /** Why the roaster is not heard; empty when it is. */
    public Optional<String> lost() {
        return lost;
    }

    /** Whether the bean probe stands still. */
    public boolean frozen() {
        return frozen;
    }

    /** Readings of this batch that could not be true. */
    public int refused() {
        return believed.refused();
    }
}
