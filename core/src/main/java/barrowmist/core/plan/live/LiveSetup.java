package barrowmist.core.plan.live;

import barrowmist.core.plan.ControlPlan;
import barrowmist.core.plan.EventTemperatures;
import barrowmist.core.plan.FittedModel;
import barrowmist.core.plan.Targets;
import barrowmist.core.plan.thermal.BatchConditions;
import barrowmist.core.plan.thermal.ControlLevels;
import barrowmist.core.roast.MachineReference;
import java.util.Optional;

/**
 * What is known of a roast before its charge.
 *
 * @param batch what goes in; its charge temperature is replaced by the one that is read
 * @param model the machine's model; empty when none was fitted: nothing is foretold then
 * @param events where the machine's probe stands at dry end and first crack of such coffees
 * @param reference what the machine usually does with them
 * @param plan what is planned; empty for a roast without a plan
 * @param targets what is aimed at
 * @param usual where a control stands that the roaster does not tell
 */
public record LiveSetup(
        BatchConditions batch,
        Optional<FittedModel> model,
        EventTemperatures events,
        MachineReference reference,
        Optional<ControlPlan> plan,
        Targets targets,
        ControlLevels usual) {

    /** The same with another weight. */
    public LiveSetup withGreenG(double greenG) {
        return new LiveSetup(batch.withGreenG(greenG), model, events, reference, plan, targets, usual);
    }
}
