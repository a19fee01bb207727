package barrowmist.server.device;

import barrowmist.core.desk.RoasterReading;
import barrowmist.core.device.StandInRoaster;
import barrowmist.core.roast.RoastLog;
import barrowmist.server.device.RoasterLink.LinkLost;
import barrowmist.server.machine.LinkSettings;
import java.util.Map;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;

/** Opens the link to a roaster, whatever stands behind it. */
@Component
public class RoasterLinks {

    private static final int MOST_WAITING = 64;

    private final Map<Long, StandInRoaster> simulated = new ConcurrentHashMap<>();
    private final Map<Long, RoastLog> replays = new ConcurrentHashMap<>();
    private final Map<Long, BlockingQueue<RoasterReading>> pushed = new ConcurrentHashMap<>();

    /** @throws LinkLost if nothing answers */
    public RoasterLink open(long machineId, LinkSettings settings) throws LinkLost {
        return switch (settings.kind()) {
            case MODBUS, MODBUS_RTU -> new ModbusLink(settings.spec());
            case SIMULATED -> new SimulatedLink(standIn(machineId), settings.speed());
            case PUSHED -> new PushedLink(queue(machineId));
            case REPLAY -> {
                if (!replays.containsKey(machineId)) {
                    throw new LinkLost("There is no log to play again yet: choose one on the roaster's page.");
                }
                yield new ReplayLink(replays.get(machineId), settings.speed());
            }
            case BY_HAND -> throw new LinkLost("This roaster is read by hand.");
        };
    }

    /** The simulator of a roaster; it is there as long as the server runs. */
    public StandInRoaster standIn(long machineId) {
        return simulated.computeIfAbsent(machineId, StandInRoaster::new);
    }

    /** Takes a reading that another logger pushes; where nobody takes them the oldest make room. */
    public void push(long machineId, RoasterReading reading) {
        BlockingQueue<RoasterReading> queue = queue(machineId);
        while (!queue.offer(reading)) {
            queue.poll();
        }
    }

    private BlockingQueue<RoasterReading> queue(long machineId) {
        return pushed.computeIfAbsent(machineId, id -> new ArrayBlockingQueue<>(MOST_WAITING));
    }

    /** Sets the log that a roaster plays again. */
    public void replay(long machineId, RoastLog log) {
        replays.put(machineId, log);
    }
}
