package barrowmist.core.desk;

import barrowmist.core.machine.EventTemperatures;
import barrowmist.core.machine.FittedModel;
import barrowmist.core.machine.MachineReference;
import barrowmist.core.machine.Pace;
import barrowmist.core.machine.thermal.BatchConditions;
import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.plan.ControlPlan;
import barrowmist.core.plan.Targets;
import barrowmist.core.roast.FaultSettings;
import java.util.Optional;

/**
 * What is known of a roast before its charge.
 *
 * @param batch what goes in; its charge temperature is replaced by the one that is read
 * @param model the machine's model; empty when none was fitted
 * @param pace how fast the machine's last roasts went: what is left where the model is not believed
 * @param events where the machine's probe stands at dry end and first crack of such coffees
 * @param reference what the machine usually does with them
 * @param plan what is planned; empty for a roast without a plan
 * @param targets what is aimed at
 * @param usual where a control stands that the roaster does not tell
 * @param faults from where on a warning is given
 */
public record LiveSetup(
        BatchConditions batch,
        Optional<FittedModel> model,
        Pace pace,
        EventTemperatures events,
        MachineReference reference,
        Optional<ControlPlan> plan,
        Targets targets,
        ControlLevels usual,
        FaultSettings faults) {

    /** The model, when it may be believed. */
    public Optional<FittedModel> believed() {
        return model.filter(FittedModel::believed);
    }

    /** Judged by the house's own limits, no pace being known. */
    public LiveSetup(
            BatchConditions batch,
            Optional<FittedModel> model,
            EventTemperatures events,
            MachineReference reference,
            Optional<ControlPlan> plan,
            Targets targets,
            ControlLevels usual) {
        this(batch, model, Pace.none(), events, reference, plan, targets, usual, FaultSettings.DEFAULTS);
    }

    /** The same with another weight. */
    public LiveSetup withGreenG(double greenG) {
        return new LiveSetup(batch.withGreenG(greenG), model, pace, events, reference, plan, targets, usual, faults);
    }
}
