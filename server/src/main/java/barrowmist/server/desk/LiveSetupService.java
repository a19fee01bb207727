package barrowmist.server.desk;

import barrowmist.core.desk.LiveSetup;
import barrowmist.core.green.GreenJudgement;
import barrowmist.core.green.Process;
import barrowmist.core.machine.thermal.BatchConditions;
import barrowmist.core.plan.Targets;
import barrowmist.server.green.GreenSampleEntity;
import barrowmist.server.green.GreenSampleService;
import barrowmist.server.machine.MachineEntity;
import barrowmist.server.machine.MachineService;
import barrowmist.server.machine.ModelService;
import barrowmist.server.plan.ChargeService;
import barrowmist.server.plan.PlanContent;
import barrowmist.server.plan.PlanEntity;
import barrowmist.server.plan.PlanService;
import barrowmist.server.roast.FaultLimitsService;
import barrowmist.server.roast.MachineHistory;
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
    private final MachineHistory history;
    private final GreenSampleService greenSamples;
    private final PlanService plans;
    private final ChargeService charges;
    private final FaultLimitsService limits;

    LiveSetupService(
            ModelService models,
            MachineService machines,
            MachineHistory history,
            GreenSampleService greenSamples,
            PlanService plans,
            ChargeService charges,
            FaultLimitsService limits) {
        this.history = history;
        this.models = models;
        this.machines = machines;
        this.greenSamples = greenSamples;
        this.plans = plans;
        this.charges = charges;
        this.limits = limits;
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
            Process process,
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
     * @param number of the batch among the day's planned ones: later ones may be charged higher
     * @param greenG batch, g; as planned, or what the roaster usually takes, when null
     */
    public Prepared prepare(
            long machineId, @Nullable Long greenSampleId, @Nullable Long planId, @Nullable Double greenG, int number) {
        MachineEntity machine = machines.get(machineId);
        Optional<PlanEntity> plan = plan(planId, machine);
        GreenSampleEntity sample = plan.map(PlanEntity::greenSample)
                .or(() -> Optional.ofNullable(greenSampleId).map(greenSamples::get))
                .orElseThrow(() -> new InputProblems("greenSampleId", "Choose the sample that is roasted, or a plan"));
        refuseTainted(sample);
        Optional<PlanContent> content = plan.map(PlanEntity::content);
        double mass = greenG != null
                ? greenG
                : content.map(PlanContent::greenG)
                        .orElseGet(() -> machine.drum().usualG());
        double chargeC = content.map(
                        c -> c.chargeC() + machine.settings().first().higherC(number))
                .orElseGet(() -> charges.advice(sample.id(), machineId, mass).chargeC());
        LiveSetup setup = setup(machine, sample, content, mass, chargeC);
        OptionalDouble environment = setup.model()
                .map(m -> OptionalDouble.of(chargeC + m.machine().environmentOffsetC()))
                .orElse(OptionalDouble.empty());
        return new Prepared(
                sample.id(),
                sample.lot().id(),
                sample.lot().name(),
                sample.lot().process(),
                sample.stage().label(),
                mass,
                chargeC,
                environment,
                setup);
    }

    private Optional<PlanEntity> plan(@Nullable Long planId, MachineEntity machine) {
        Optional<PlanEntity> plan = Optional.ofNullable(planId).map(plans::get);
        if (plan.isPresent() && plan.get().machine().id() != machine.id()) {
            throw new InputProblems(
                    "planId",
                    "This plan is for " + plan.get().machine().name() + ", not for " + machine.name()
                            + ": adapt it first");
        }
        return plan;
    }

    private static void refuseTainted(GreenSampleEntity sample) {
        if (GreenJudgement.stops(sample.inspection())) {
            throw new InputProblems(
                    "greenSampleId", "This sample is mouldy or tainted: it is not roasted and not tasted.");
        }
    }

    private LiveSetup setup(
            MachineEntity machine,
            GreenSampleEntity sample,
            Optional<PlanContent> content,
            double mass,
            double chargeC) {
        Process process = sample.lot().process();
        BatchConditions batch = BatchConditions.of(
                greenSamples.facts(sample),
                mass,
                chargeC,
                OptionalDouble.empty(),
                machine.settings().roomC());
        return new LiveSetup(
                batch,
                models.model(machine.id()),
                history.pace(machine.id()),
                charges.events(machine.id(), process),
                history.reference(machine.id(), process, 0),
                content.map(PlanContent::controls),
                content.map(PlanContent::aimedAt)
                        .orElseGet(() -> new Targets(Map.of(), Targets.DevelopmentFrom.FIRST_CRACK)),
                content.map(c -> c.controls().atCharge())
                        .orElseGet(() -> machine.drum().usualLevels()),
                limits.current());
    }
}
