package barrowmist.server.machine;

import barrowmist.core.check.Checks;
import barrowmist.core.machine.Upkeep;
import barrowmist.server.access.Member;
import barrowmist.server.machine.UpkeepViews.UpkeepEntry;
import barrowmist.server.machine.UpkeepViews.UpkeepView;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import barrowmist.server.web.NotFound;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what was done to roasters, so that a drift can be held against it. */
@Service
@KeptInTurn
public class UpkeepService {

    private static final int LONGEST_NOTE = 200;

    private final UpkeepRepository upkeep;
    private final MachineService machines;
    private final Clock clock;

    UpkeepService(UpkeepRepository upkeep, MachineService machines, Clock clock) {
        this.upkeep = upkeep;
        this.machines = machines;
        this.clock = clock;
    }

    /** What was done to a roaster, the newest first. */
    @Transactional(readOnly = true)
    public List<UpkeepView> of(long machineId) {
        machines.get(machineId);
        return upkeep.findAllByMachineIdOrderByDoneOnDescIdDesc(machineId).stream()
                .map(UpkeepView::of)
                .toList();
    }

    /** @throws InputProblems if it is none of what can be done, or on a day to come */
    public List<UpkeepView> add(long machineId, UpkeepEntry entry) {
        machines.get(machineId);
        LocalDate today = LocalDate.now(clock);
        LocalDate on = Objects.requireNonNullElse(entry.on(), today);
        String note = entry.note() == null || entry.note().isBlank()
                ? null
                : entry.note().strip();
        Checks checks = new Checks();
        if (on.isAfter(today)) {
            checks.add("on", "on is " + on + ", a day to come");
        }
        checks.chosen("what", Upkeep.class, entry.what());
        if (note != null && note.length() > LONGEST_NOTE) {
            checks.add("note", "note has at most " + LONGEST_NOTE + " characters");
        }
        InputProblems.refuseIfAny(checks.problems());
        Upkeep what = Objects.requireNonNull(entry.what());
        upkeep.save(new UpkeepEntity(machineId, on, what, note, Member.nameOfCaller(), clock.instant()));
        return of(machineId);
    }

    /** Takes back what was entered by mistake. */
    List<UpkeepView> remove(long machineId, long id) {
        UpkeepEntity entered = upkeep.findById(id)
                .filter(u -> u.machineId() == machineId)
                .orElseThrow(() -> new NotFound("upkeep", id));
        upkeep.delete(entered);
        return of(machineId);
    }
}
