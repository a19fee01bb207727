package barrowmist.core.desk;

import java.util.OptionalDouble;

/**
 * The time at a desk, s: by the roaster's own clock where it has one, else by the computer's monotonic one. The clock on
 * the wall is never asked, so that setting it bends no curve. Mutable; not safe for several threads.
 */
public final class DeskClock {

    private static final double NANOS = 1e9;

    /** How fast the roaster's clock is taken to run is smoothed over readings. */
    private static final double SMOOTHING = 0.2;

    private static final double FASTEST = 40;

    /** How far off a clock may be and still be the same one, s; and how often another one is seen to be believed. */
    private static final double BELIEVED_S = 20;

    private static final int BELIEVED = 3;

    private double doubtedS = Double.NaN;
    private int doubts;
    private double timeS;
    private double latestS;
    private long atNanos;
    private boolean began;
    private double rate = 1;
    private double offsetS = Double.NaN;
    private double lastClockS = Double.NaN;

    /** The time of a reading that came at {@code nanos}. Never runs backwards. */
    public double reading(OptionalDouble clockS, long nanos) {
        double before = timeS;
        double passed = began ? Math.max(0, (nanos - atNanos) / NANOS) : 0;
        if (clockS.isEmpty()) {
            timeS = before + passed;
        } else {
            timeS = Math.max(before, byRoaster(clockS.getAsDouble(), before, passed));
        }
        atNanos = nanos;
        began = true;
        return timeS;
    }

    private double byRoaster(double clock, double before, double passed) {
        double expected = lastClockS + passed * rate;
        if (Double.isNaN(offsetS)) {
            offsetS = before + passed - clock;
        } else if (Math.abs(clock - expected) > BELIEVED_S + passed * rate) {
            // a restarted roaster, or a number that means nothing: believed when it goes on
            // one that only is repeated does not go on
            boolean goesOn = clock > doubtedS && clock - doubtedS <= BELIEVED_S + passed * rate;
            doubts = goesOn ? doubts + 1 : 1;
            doubtedS = clock;
            if (doubts < BELIEVED) {
                return before + passed * rate;
            }
            offsetS = before + passed * rate - clock;
        } else if (passed > 0 && clock > lastClockS) {
            double now = (clock - lastClockS) / passed;
            rate += SMOOTHING * (Math.max(0.1, Math.min(FASTEST, now)) - rate);
        }
        doubts = 0;
        lastClockS = clock;
        return clock + offsetS;
    }

    /** The time at {@code nanos}, between readings. Never runs backwards, whatever readings say afterwards. */
    public double at(long nanos) {
        double now = began ? timeS + Math.max(0, (nanos - atNanos) / NANOS) * rate : 0;
        latestS = Math.max(latestS, now);
        return latestS;
    }

    /** How many of its seconds pass in one. */
    public double rate() {
        return rate;
    }

    public double lastClockS() {
        return lastClockS;
    }

    /**
     * Goes on after the server was ended.
     *
     * @param lastS time of the last line that is known
     * @param lastNanos when that was, by a monotonic clock that is still the same one, or by what stands for it
     * @param clockS the roaster's clock then; NaN without one
     */
    public void resume(double lastS, long lastNanos, double clockS) {
        timeS = lastS;
        latestS = lastS;
        atNanos = lastNanos;
        began = true;
        lastClockS = clockS;
        offsetS = Double.isNaN(clockS) ? Double.NaN : lastS - clockS;
    }

    /**
     * Goes on from the newest reading of a journal; over a restart of the computer the clock on the wall fills in.
     *
     * @param sameBoot whether the monotonic clock is still the one of that reading
     * @param wallMs the clock on the wall now, ms
     */
    public void resume(JournalLine.Read newest, boolean sameBoot, long nowNanos, long wallMs) {
        long sinceMs = Math.max(0, wallMs - newest.wallMs());
        long then = sameBoot ? newest.nanos() : nowNanos - sinceMs * 1_000_000L;
        resume(newest.reading().timeS(), then, newest.clockS());
    }
}
