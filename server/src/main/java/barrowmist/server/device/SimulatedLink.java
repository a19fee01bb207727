package barrowmist.server.device;

import barrowmist.core.desk.RoasterReading;
import barrowmist.core.device.StandInRoaster;
import java.util.OptionalDouble;

/** The stand-in roaster inside this process: for trying the desk without a second one. */
final class SimulatedLink implements RoasterLink {

    private static final double NANOS = 1e9;

    private final StandInRoaster roaster;
    private final double speed;
    private long lastNanos = System.nanoTime();

    SimulatedLink(StandInRoaster roaster, double speed) {
        this.roaster = roaster;
        this.speed = speed;
    }

    @Override
    public RoasterReading read() {
        long now = System.nanoTime();
        roaster.pass((now - lastNanos) / NANOS * speed);
        lastNanos = now;
        StandInRoaster.State s = roaster.state();
        return new RoasterReading(
                OptionalDouble.of(s.beanC()),
                OptionalDouble.of(s.environmentC()),
                OptionalDouble.of(s.levels().gasPct()),
                OptionalDouble.of(s.levels().airflowPct()),
                OptionalDouble.of(s.levels().drumRpm()),
                OptionalDouble.of(s.pops()),
                OptionalDouble.of(s.timeS()));
    }

    @Override
    public void close() {
        // nothing is held: the roaster keeps its heat for the next one who reads it
    }
}
