package barrowmist.server.plan;

import barrowmist.core.green.Process;
import barrowmist.core.machine.EventTemperatures;
import barrowmist.core.machine.MachineReference;
import barrowmist.core.plan.Predictor;
import barrowmist.core.units.Wording;
import barrowmist.server.machine.MachineEntity;
import barrowmist.server.machine.ModelService;
import barrowmist.server.roast.MachineHistory;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** What foretells a plan on a roaster, by its model and by what it usually does. */
@Component
class Predictors {

    private final ModelService models;
    private final MachineHistory history;

    Predictors(ModelService models, MachineHistory history) {
        this.models = models;
        this.history = history;
    }

    /** Empty while the roaster has no model. */
    Optional<Predictor> of(MachineEntity machine, Process process, Wording wording) {
        MachineReference reference = history.reference(machine.id(), process, 0);
        MachineReference washed =
                process == Process.WASHED ? reference : history.reference(machine.id(), Process.WASHED, 0);
        EventTemperatures events = EventTemperatures.of(reference, washed, process);
        return models.model(machine.id())
                .map(model -> new Predictor(
                        model, reference, events, wording.on(machine.settings().words())));
    }
}
