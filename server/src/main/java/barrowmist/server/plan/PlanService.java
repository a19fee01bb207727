package barrowmist.server.plan;

import barrowmist.core.green.GreenFacts;
import barrowmist.core.green.GreenJudgement;
import barrowmist.core.green.Process;
import barrowmist.core.plan.ChargeAdvice;
import barrowmist.core.plan.ControlPlan;
import barrowmist.core.plan.ControlStep;
import barrowmist.core.plan.ControlStep.Control;
import barrowmist.core.plan.DropRule;
import barrowmist.core.plan.EventTemperatures;
import barrowmist.core.plan.PlanFigure;
import barrowmist.core.plan.Trigger;
import barrowmist.core.plan.thermal.ControlLevels;
import barrowmist.core.plan.thermal.MachineConstants;
import barrowmist.core.roast.Band;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.MachineReference;
import barrowmist.server.green.GreenSampleEntity;
import barrowmist.server.green.GreenSampleService;
import barrowmist.server.plan.PlanContent.AimView;
import barrowmist.server.plan.PlanViews.ChargeAdviceView;
import barrowmist.server.plan.PlanViews.PlanChange;
import barrowmist.server.plan.PlanViews.PlanEntry;
import barrowmist.server.plan.PlanViews.PlanView;
import barrowmist.server.plan.PlanViews.SchoolView;
import barrowmist.server.roast.MachineEntity;
import barrowmist.server.roast.MachineService;
import barrowmist.server.roast.RoastEntity;
import barrowmist.server.sample.SampleService;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.NotFound;
import java.time.Clock;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps plans, and begins them from a school, the coffee, the roaster's references and an earlier roast. */
@Service
@Transactional
public class PlanService {

    private static final String NATURAL_SCHOOL = "fruit-forward";
    private static final String USUAL_SCHOOL = "protocol";
    private static final double USUAL_TOTAL_S = 600;

    /** Where a school aims at neither drop nor development, % (house default). */
    private static final double USUAL_DEVELOPMENT_PCT = 17;

    private final PlanRepository plans;
    private final GreenSampleService greenSamples;
    private final MachineService machines;
    private final SampleService samples;
    private final SchoolService schools;
    private final Clock clock;

    PlanService(
            PlanRepository plans,
            GreenSampleService greenSamples,
            MachineService machines,
            SampleService samples,
            SchoolService schools,
            Clock clock) {
        this.plans = plans;
        this.greenSamples = greenSamples;
        this.machines = machines;
        this.samples = samples;
        this.schools = schools;
        this.clock = clock;
    }

    public PlanView begin(PlanEntry entry) {
        GreenSampleEntity sample = greenSamples.get(entry.greenSampleId());
        if (GreenJudgement.stops(sample.inspection())) {
            throw new InputProblems(
                    "greenSampleId",
                    "This sample is mouldy or tainted: it is not roasted and not tasted. Change its inspection if that"
                            + " is wrong.");
        }
        MachineEntity machine = machines.get(entry.machineId());
        double greenG = entry.greenG() == null ? usualG(machine) : entry.greenG();
        String schoolId = entry.schoolId() != null
                ? entry.schoolId()
                : sample.lot().process() == Process.NATURAL ? NATURAL_SCHOOL : USUAL_SCHOOL;
        PlanContent content = content(sample, machine, schools.get(schoolId), greenG, entry.templateRoastId());
        content.check(machine.settings());
        PlanEntity plan = new PlanEntity(sample, machine);
        plan.keep(content, clock.instant());
        return PlanView.of(plans.save(plan));
    }

    private PlanContent content(
            GreenSampleEntity sample,
            MachineEntity machine,
            SchoolView school,
            double greenG,
            @Nullable Long templateRoastId) {
        EventTemperatures events = events(machine.id(), sample.lot().process());
        Map<String, AimView> targets = onThisProbe(school.targets(), events);
        AimView dropC = targets.get(PlanFigure.DROP_C.field());
        AimView share = targets.get(PlanFigure.DEVELOPMENT_PCT.field());
        DropRule drop = dropC != null
                ? new DropRule(DropRule.By.BEAN_C, dropC.value())
                : new DropRule(DropRule.By.DEVELOPMENT_PCT, share == null ? USUAL_DEVELOPMENT_PCT : share.value());
        Optional<RoastEntity> template = template(machine, sample.lot().process(), templateRoastId);
        ControlPlan controls = template.map(r -> moves(r, machine, drop)).orElseGet(() -> usualMoves(machine, drop));
        double chargeC = advice(sample, machine, greenG).chargeC();
        return new PlanContent(
                school.id(),
                school.developmentFrom(),
                targets,
                greenG,
                chargeC,
                PlanContent.LevelsView.of(controls.atCharge()),
                controls.steps().stream().map(PlanContent.MoveView::of).toList(),
                PlanContent.DropView.of(drop),
                template.map(RoastEntity::id).orElse(null));
    }

    /** A school's drop is written for a probe that hears first crack at the house default: moved to this one. */
    private static Map<String, AimView> onThisProbe(Map<String, AimView> targets, EventTemperatures events) {
        double shift =
                events.firstCrackC() - EventTemperatures.usual(Process.WASHED).firstCrackC();
        Map<String, AimView> moved = new LinkedHashMap<>(targets);
        moved.computeIfPresent(
                PlanFigure.DROP_C.field(), (f, aim) -> new AimView(Math.rint(aim.value() + shift), aim.tolerance()));
        return moved;
    }

    private Optional<RoastEntity> template(MachineEntity machine, Process process, @Nullable Long roastId) {
        List<RoastEntity> all = machines.roasts(machine.id());
        if (roastId != null) {
            return Optional.of(all.stream()
                    .filter(r -> r.id() == roastId)
                    .findFirst()
                    .orElseThrow(() -> new InputProblems(
                            "templateRoastId", "Roast " + roastId + " is not one of " + machine.name())));
        }
        Comparator<RoastEntity> newest = Comparator.comparing(RoastEntity::roastedAt);
        return all.stream()
                .filter(r -> r.accepted() && r.lot().process() == process)
                .max(newest)
                .or(() -> all.stream().filter(RoastEntity::accepted).max(newest));
    }

    private static ControlPlan moves(RoastEntity roast, MachineEntity machine, DropRule drop) {
        double endS = roast.figures().totalS().orElse(USUAL_TOTAL_S);
        return ControlPlan.of(Batching.sinceCharge(roast), usualLevels(machine), drop, endS);
    }

    static ControlLevels usualLevels(MachineEntity machine) {
        double rpm = MachineConstants.guess(Batching.capacityG(machine)).usualRpm();
        return new ControlLevels(70, 40, rpm);
    }

    /** Where no earlier roast can be followed (house defaults). */
    private static ControlPlan usualMoves(MachineEntity machine, DropRule drop) {
        return new ControlPlan(
                usualLevels(machine),
                List.of(
                        new ControlStep(new Trigger.AtBean(145), Control.AIR, 50),
                        new ControlStep(new Trigger.AtBean(185), Control.GAS, 60),
                        new ControlStep(new Trigger.AtBean(187), Control.AIR, 60),
                        new ControlStep(new Trigger.AtEvent(EventKind.FIRST_CRACK, 20), Control.GAS, 50)),
                drop);
    }

    PlanView keep(long id, PlanChange change) {
        PlanEntity plan = get(id);
        if (change.content() == null) {
            throw new InputProblems("content", "content is missing, expected the plan");
        }
        Conflict.ifStale(change.version(), plan.version(), "plan");
        change.content().check(plan.machine().settings());
        plan.keep(change.content(), clock.instant());
        plans.flush();
        return PlanView.of(plan);
    }

    void delete(long id) {
        plans.delete(get(id));
    }

    @Transactional(readOnly = true)
    public List<PlanView> list() {
        return plans.findAllByOrderByChangedAtDescIdDesc().stream()
                .map(PlanView::of)
                .toList();
    }

    @Transactional(readOnly = true)
    PlanView view(long id) {
        return PlanView.of(get(id));
    }

    boolean exists(long id) {
        return plans.existsById(id);
    }

    PlanEntity get(long id) {
        return plans.findById(id).orElseThrow(() -> new NotFound("plan", id));
    }

    @Transactional(readOnly = true)
    ChargeAdviceView advice(long greenSampleId, long machineId, @Nullable Double greenG) {
        MachineEntity machine = machines.get(machineId);
        double mass = greenG == null ? usualG(machine) : greenG;
        return ChargeAdviceView.of(advice(greenSamples.get(greenSampleId), machine, mass));
    }

    private ChargeAdvice advice(GreenSampleEntity sample, MachineEntity machine, double greenG) {
        Map<Process, MachineReference> references = new EnumMap<>(Process.class);
        for (Process process : Process.values()) {
            references.put(process, machines.reference(machine.id(), process, 0));
        }
        GreenFacts green = sample.facts();
        return ChargeAdvice.of(machine.name(), references, green, greenG, OptionalDouble.of(usualG(machine)));
    }

    /** The middle of what was weighed in on this roaster, else what its drum usually takes, g. */
    private double usualG(MachineEntity machine) {
        double[] weighed = machines.acceptedRoasts(machine.id()).stream()
                .map(r -> samples.figures(r.id()).greenG())
                .filter(OptionalDouble::isPresent)
                .mapToDouble(OptionalDouble::getAsDouble)
                .toArray();
        return weighed.length == 0 ? Batching.usualG(machine) : Band.median(weighed);
    }

    EventTemperatures events(long machineId, Process process) {
        return EventTemperatures.of(
                machines.reference(machineId, process, 0), machines.reference(machineId, Process.WASHED, 0), process);
    }
}
