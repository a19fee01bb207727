package barrowmist.server.machine;

import barrowmist.core.green.Process;
import barrowmist.core.machine.MachineReference;
import barrowmist.core.machine.thermal.FitRoast;
import barrowmist.core.roast.RoastFigures;
import java.time.Instant;
import java.util.List;

/** What roasts say of a roaster. The roasts' room implements it, so that a roaster need not know its roasts. */
public interface MachineLogs {

    /** An accepted roast. */
    record Accepted(Instant roastedAt, RoastFigures figures) {}

    /**
     * What a roaster usually does with coffees of one process, by its accepted roasts.
     *
     * @param exceptRoastId a roast that is to be judged by it, and so must not teach it; 0 for none
     */
    MachineReference reference(long machineId, Process process, long exceptRoastId);

    /** The accepted roasts of one process that teach, oldest first. */
    List<Accepted> accepted(long machineId, Process process);

    /** How many of its logs can teach its model. */
    long countForModel(long machineId);

    /** How many of its whole roasts lack a column of the gas, and so cannot. */
    long countWithoutGas(long machineId);

    /** The newest of those logs, newest first. */
    List<FitRoast> newestForModel(long machineId, int most);
}
