package barrowmist.server.plan;

import barrowmist.core.green.GreenJudgement;
import barrowmist.core.green.Process;
import barrowmist.core.plan.FittedModel;
import barrowmist.core.plan.Targets;
import barrowmist.core.plan.live.LiveSetup;
import barrowmist.core.plan.thermal.BatchConditions;
import barrowmist.server.green.GreenSampleEntity;
import barrowmist.server.green.GreenSampleService;
import barrowmist.server.roast.MachineEntity;
import barrowmist.server.roast.MachineService;
import barrowmist.server.web.InputProblems;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Gathers what the desk needs to know of a roast before its charge. */
@Service
@Transactional(readOnly = true)
public class LiveSetupService {

    private final ModelService models;
    private final MachineService machines;
    private final GreenSampleService greenSamples;
    private final PlanService plans;

    LiveSetupService(ModelService models, MachineService machines, GreenSampleService greenSamples, PlanService plans) {
        this.models = models;
        this.machines = machines;
        this.greenSamples = greenSamples;
        this.plans = plans;
    }

    /**
     * A roast that is about to be charged.
     *
     * @param chargeC where the plan charges, or the advice, °C
     * @param environmentC where the environment probe usually stands then, °C; empty without a model
     */
    public record Prepared(
            long greenSampleId,
            long lotId,
            String lotName,
            String process,
            String stage,
            double greenG,
            double chargeC,
            OptionalDouble environmentC,
            LiveSetup setup) {}

    public boolean hasPlan(long planId) {
        return plans.exists(planId);
    }

    /**
     * @param greenSampleId what is roasted; taken from the plan when there is one
     * @param greenG batch, g; as planned, or what the roaster usually takes, when null
     */
    public Prepared prepare(
            long machineId, @Nullable Long greenSampleId, @Nullable Long planId, @Nullable Double greenG) {
        MachineEntity machine = machines.get(machineId);
        Optional<PlanEntity> plan = Optional.ofNullable(planId).map(plans::get);
        if (plan.isPresent() && plan.get().machine().id() != machineId) {
            throw new InputProblems(
                    "planId",
                    "This plan is for " + plan.get().machine().name() + ", not for " + machine.name()
                            + ": translate it first");
        }
        if (plan.isEmpty() && greenSampleId == null) {
            throw new InputProblems("greenSampleId", "Choose the sample that is roasted, or a plan");
        }
        GreenSampleEntity sample = plan.map(PlanEntity::greenSample).orElseGet(() -> greenSamples.get(greenSampleId));
        if (GreenJudgement.stops(sample.inspection())) {
            throw new InputProblems(
                    "greenSampleId", "This sample is mouldy or tainted: it is not roasted and not tasted.");
        }
        Optional<PlanContent> content = plan.map(PlanEntity::content);
        double mass =
                greenG != null ? greenG : content.map(PlanContent::greenG).orElseGet(() -> Batching.usualG(machine));
        double chargeC = content.map(PlanContent::chargeC)
                .orElseGet(() -> plans.advice(sample.id(), machineId, mass).chargeC());
        Process process = sample.lot().process();
        Optional<FittedModel> model = models.model(machineId);
        BatchConditions batch = Batching.of(
                sample.facts(),
                mass,
                chargeC,
                OptionalDouble.empty(),
                machine.settings().roomC());
        LiveSetup setup = new LiveSetup(
                batch,
                model,
                plans.events(machineId, process),
                machines.reference(machineId, process, 0),
                content.map(PlanContent::controls),
                content.map(PlanContent::aimedAt)
                        .orElseGet(() -> new Targets(Map.of(), Targets.DevelopmentFrom.FIRST_CRACK)),
                content.map(c -> c.controls().atCharge()).orElseGet(() -> PlanService.usualLevels(machine)));
        OptionalDouble environment = model.isPresent()
                ? OptionalDouble.of(chargeC + model.get().machine().environmentOffsetC())
                : OptionalDouble.empty();
        return new Prepared(
                sample.id(),
                sample.lot().id(),
                sample.lot().name(),
                process.label(),
                sample.stage().label(),
                mass,
                chargeC,
                environment,
                setup);
    }
}
