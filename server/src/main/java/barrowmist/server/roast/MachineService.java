package barrowmist.server.roast;

import barrowmist.core.green.Process;
import barrowmist.core.roast.MachineReference;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.NotFound;
import java.util.List;
import java.util.Optional;
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
        MachineEntity machine = new MachineEntity(name, entry.drumCapacityG());
        if (entry.settings() != null) {
            machine.change(name, entry.drumCapacityG(), entry.settings());
        }
        return machines.save(machine).view();
    }

    MachineView change(long id, MachineEntry entry) {
        MachineEntity machine = get(id);
        InputProblems.refuseIfAny(entry.problems());
        String name = entry.name().strip();
        if (!name.equalsIgnoreCase(machine.name()) && machines.existsByNameIgnoreCase(name)) {
            throw new InputProblems("name", "There is a roaster called " + name + ": choose another name");
        }
        machine.change(name, entry.drumCapacityG(), entry.settings() == null ? machine.settings() : entry.settings());
        return machine.view();
    }

    @Transactional(readOnly = true)
    public MachineView one(long id) {
        return get(id).view();
    }

    /** All roasts of a roaster, oldest first. */
    @Transactional(readOnly = true)
    public List<RoastEntity> roasts(long machineId) {
        return roasts.findAllByMachineIdAndDiscardedReasonIsNullOrderByRoastedAt(machineId);
    }

    /** Accepted roasts of a roaster, oldest first. */
    @Transactional(readOnly = true)
    public List<RoastEntity> acceptedRoasts(long machineId) {
        return roasts.findAllByMachineIdAndAcceptedTrueAndDiscardedReasonIsNullOrderByRoastedAt(machineId);
    }

    @Transactional(readOnly = true)
    public List<MachineView> list() {
        return machines.findAllByOrderByName().stream().map(MachineEntity::view).toList();
    }

    Optional<MachineEntity> named(String name) {
        return machines.findFirstByNameIgnoreCase(name);
    }

    /** Ids of the roasters with a word in their name. */
    List<Long> withWord(String word) {
        return machines.findAllByNameContainingIgnoreCase(word).stream()
                .map(MachineEntity::id)
                .toList();
    }

    /** The roaster of this id; without an id the first one, made when there is none yet. */
    public MachineEntity get(@Nullable Long id) {
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
    public MachineReference reference(long machineId, Process process, long exceptRoastId) {
        return MachineReference.learn(roasts.acceptedFigures(machineId, process, exceptRoastId).stream()
                .map(StoredFigures::figures)
                .toList());
    }
}
