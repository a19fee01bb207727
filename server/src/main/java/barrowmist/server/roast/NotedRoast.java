package barrowmist.server.roast;

import barrowmist.core.green.SampleStage;
import barrowmist.core.roast.csv.ReadResult;
import barrowmist.core.roast.csv.ReadResult.LineProblem;
import barrowmist.core.units.Numbers;
import barrowmist.server.green.LotEntity;
import barrowmist.server.green.LotService;
import barrowmist.server.machine.MachineEntity;
import barrowmist.server.machine.MachineService;
import barrowmist.server.web.InputProblems;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** What the notes of a log say of its roast, and what is wrong with them. */
final class NotedRoast {

    private final LogNotes notes;
    private final List<LineProblem> problems = new ArrayList<>();

    NotedRoast(LogNotes notes) {
        this.notes = notes;
    }

    /** @throws LogRefused with everything that is wrong with the notes */
    void refuseIfAny() {
        if (!problems.isEmpty()) {
            throw LogRefused.of(new ReadResult.Refused(problems));
        }
    }

    Optional<LotEntity> lot(LotService lots) {
        Optional<String> name = notes.text("lot");
        if (name.isEmpty()) {
            problems.add(new LineProblem(
                    0,
                    "The log does not say which lot was roasted: add a line \"# lot: its name\", or choose the lot"));
            return Optional.empty();
        }
        List<LotEntity> found = lots.named(name.get(), notes.text("supplier"));
        if (found.size() == 1) {
            return Optional.of(found.get(0));
        }
        problems.add(new LineProblem(
                0,
                found.isEmpty()
                        ? "There is no lot called " + name.get() + ": enter it first, or choose the lot"
                        : "There are " + found.size() + " lots called " + name.get()
                                + ": add a line \"# supplier: its name\", or choose the lot"));
        return Optional.empty();
    }

    Optional<MachineEntity> machine(MachineService machines, ImportRequest request) {
        if (request.machineId() != null || notes.text("machine").isEmpty()) {
            return Optional.empty();
        }
        String name = notes.text("machine").get();
        Optional<MachineEntity> found = machines.named(name);
        if (found.isEmpty()) {
            problems.add(new LineProblem(
                    0, "There is no roaster called " + name + ": enter it first, or choose the roaster"));
        }
        return found;
    }

    Optional<SampleStage> stage() {
        try {
            return ImportRequest.stage(notes.text("sample").orElse(null));
        } catch (InputProblems e) {
            e.problems().forEach(p -> problems.add(new LineProblem(0, p.message())));
            return Optional.empty();
        }
    }

    @Nullable
    Double grams(String key) {
        Optional<String> text = notes.text(key);
        if (text.isEmpty()) {
            return null;
        }
        OptionalDouble grams = new Numbers(true).number(text.get());
        if (grams.isEmpty()) {
            problems.add(new LineProblem(0, key + " is \"" + text.get() + "\", expected grams such as 120.5"));
            return null;
        }
        return grams.getAsDouble();
    }
}
