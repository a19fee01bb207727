package barrowmist.server.device;

import barrowmist.core.desk.RoasterReading;
import barrowmist.core.roast.RoastLog;
import barrowmist.core.roast.Series;
import java.util.OptionalDouble;

/** A log played again at a chosen speed, reading by reading, as its roaster gave it. */
final class ReplayLink implements RoasterLink {

    private static final double NANOS = 1e9;

    /** A reading older than this is not one of now, s. */
    private static final double FRESH_S = 15;

    private final RoastLog log;
    private final double speed;
    private final long beganNanos = System.nanoTime();

    ReplayLink(RoastLog log, double speed) {
        this.log = log;
        this.speed = speed;
    }

    @Override
    public RoasterReading read() throws LinkLost {
        double first = log.beanC().timeS(0);
        double at = first + (System.nanoTime() - beganNanos) / NANOS * speed;
        return at(log, at, at - first);
    }

    static RoasterReading at(RoastLog log, double at, double clockS) throws LinkLost {
        if (at > log.beanC().timeS(log.beanC().size() - 1) + FRESH_S) {
            throw new LinkLost("The log that is played again has come to its end.");
        }
        return new RoasterReading(
                fresh(log.beanC(), at),
                fresh(log.environmentC(), at),
                held(log.gasPct(), at),
                held(log.airflowPct(), at),
                held(log.drumRpm(), at),
                OptionalDouble.empty(),
                OptionalDouble.of(clockS));
    }

    private static OptionalDouble fresh(Series s, double at) {
        int after = s.indexFrom(at);
        int i = after < s.size() && s.timeS(after) == at ? after : after - 1;
        return i >= 0 && at - s.timeS(i) <= FRESH_S ? OptionalDouble.of(s.value(i)) : OptionalDouble.empty();
    }

    private static OptionalDouble held(Series s, double at) {
        return s.isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(s.held(at));
    }

    @Override
    public void close() {
        // a log needs no closing
    }
}
