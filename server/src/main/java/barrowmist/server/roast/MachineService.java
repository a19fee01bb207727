package barrowmist.server.roast;

import barrowmist.core.green.Process;
import barrowmist.core.roast.MachineReference;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.NotFound;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps roasters and what is learned of them. */
@Service
@Transactional
public class MachineService {

    /** Name of the roaster that is made when a log comes before any roaster was entered. */
    private static final String FIRST_NAME = "Roaster 1";

    private final MachineRepository machines;
    private final RoastRepository roasts;

    MachineService(MachineRepository machines, RoastRepository roasts) {
        this.machines = machines;
        this.roasts = roasts;
    }

    public MachineView add(MachineEntry entry) {
        InputProblems.refuseIfAny(entry.problems());
        String name = entry.name().strip();
        if (machines.existsByNameIgnoreCase(name)) {
            throw new InputProblems("name", "There is a roaster called " + name + ": choose another name");
        }
        return machines.save(new MachineEntity(name, entry.drumCapacityG())).view();
    }

    @Transactional(readOnly = true)
    List<MachineView> list() {
        return machines.findAllByOrderByName().stream().map(MachineEntity::view).toList();
    }

    /** The roaster of this id; without an id the first one, made when there is none yet. */
    MachineEntity get(@Nullable Long id) {
        if (id == null) {
            return machines.findFirstByOrderById().orElseGet(() -> machines.save(new MachineEntity(FIRST_NAME, null)));
        }
        return machines.findById(id).orElseThrow(() -> new NotFound("roaster", id));
    }

    /**
     * What a roaster usually does with coffees of one process, by its accepted roasts.
     *
     * @param exceptRoastId a roast that is to be judged by it, and so must not teach it; 0 for none
     */
    @Transactional(readOnly = true)
    MachineReference reference(long machineId, Process process, long exceptRoastId) {
        return MachineReference.learn(roasts.accepted(machineId, process, exceptRoastId).stream()
                .map(RoastEntity::figures)
                .toList());
    }
}
