package barrowmist.server.machine;

import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import barrowmist.server.web.NotFound;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps roasters and what is learned of them. */
@Service
@KeptInTurn
public class MachineService {

    /** Name of the roaster that is made when a log comes before any roaster was entered. */
    private static final String FIRST_NAME = "Roaster 1";

    private final MachineRepository machines;

    MachineService(MachineRepository machines) {
        this.machines = machines;
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
        Conflict.ifStale(entry.version(), machine.version(), "roaster");
        String name = entry.name().strip();
        if (!name.equalsIgnoreCase(machine.name()) && machines.existsByNameIgnoreCase(name)) {
            throw new InputProblems("name", "There is a roaster called " + name + ": choose another name");
        }
        machine.change(name, entry.drumCapacityG(), entry.settings() == null ? machine.settings() : entry.settings());
        machines.flush();
        return machine.view();
    }

    @Transactional(readOnly = true)
    public MachineView one(long id) {
        return get(id).view();
    }

    @Transactional(readOnly = true)
    public List<MachineView> list() {
        return machines.findAllByPutAsideFalseOrderByName().stream()
                .map(MachineEntity::view)
                .toList();
    }

    public Optional<MachineEntity> named(String name) {
        return machines.findFirstByNameIgnoreCase(name);
    }

    /** Ids of the roasters with a word in their name. */
    public List<Long> withWord(String word) {
        return machines.findAllByNameContainingIgnoreCase(word).stream()
                .map(MachineEntity::id)
                .toList();
    }

    /** The roaster of this id; without an id the first one in use, made when there is none yet. */
    public MachineEntity get(@Nullable Long id) {
        if (id == null) {
            return machines.findFirstByPutAsideFalseOrderById()
                    .orElseGet(() -> machines.save(new MachineEntity(FIRST_NAME, null)));
        }
        return machines.findById(id).orElseThrow(() -> new NotFound("roaster", id));
    }
}
