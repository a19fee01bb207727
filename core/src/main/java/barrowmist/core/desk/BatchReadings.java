package barrowmist.core.desk;

import barrowmist.core.desk.JournalLine.Read;
import barrowmist.core.roast.Reading;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** What was read of one batch; a bean probe that stands still tells nothing. Mutable; not safe for several threads. */
final class BatchReadings {

    /** An event is called between two readings: the last one before it that is no older than this says how hot it was, s. */
    private static final double FRESH_S = 5;

    private final List<Read> all = new ArrayList<>();
    private final Standstill standstill = new Standstill();
    private boolean frozen;

    /**
     * Looks at a reading before it is added. With the first by which the probe is known to stand still, what it has told since it
     * read this first is forgotten.
     *
     * @return whether that is so now
     */
    boolean beginsToStandStill(Read raw) {
        double timeS = raw.reading().timeS();
        standstill.see(timeS, raw.reading().beanC());
        boolean still = standstill.at(timeS);
        boolean begins = still && !frozen;
        if (begins) {
            forgetBeanSince(standstill.sinceS());
        }
        frozen = still;
        return begins;
    }

    private void forgetBeanSince(double sinceS) {
        for (int i = all.size() - 1; i >= 0 && all.get(i).reading().timeS() > sinceS; i--) {
            all.set(i, all.get(i).withoutBean());
        }
    }

    /** Adds a reading that was looked at; what is believed of it. */
    Reading add(Read raw) {
        Read r = frozen ? raw.withoutBean() : raw;
        all.add(r);
        return r.reading();
    }

    List<Read> all() {
        return all;
    }

    /** By the clock on the wall, at the reading nearest to a moment of the desk's clock; empty without any. */
    Optional<Instant> wallClock(double timeS) {
        return all.stream()
                .min(Comparator.comparingDouble(r -> Math.abs(r.reading().timeS() - timeS)))
                .map(r -> Instant.ofEpochMilli(r.wallMs()));
    }

    /** Bean temperature at a moment of the desk's clock, °C; empty where no reading is near. */
    OptionalDouble beanC(double timeS) {
        for (int i = all.size() - 1; i >= 0; i--) {
            Reading r = all.get(i).reading();
            if (r.timeS() < timeS - FRESH_S) {
                break;
            }
            if (r.timeS() <= timeS && r.beanC().isPresent()) {
                return r.beanC();
            }
        }
        return OptionalDouble.empty();
    }
}
