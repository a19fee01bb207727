package barrowmist.server.plan;

import barrowmist.core.green.GreenFacts;
import barrowmist.core.green.GreenJudgement;
import barrowmist.core.green.Process;
import barrowmist.core.machine.EventTemperatures;
import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.plan.ControlPlan;
import barrowmist.core.plan.DropRule;
import barrowmist.core.plan.PlanStart;
import barrowmist.core.plan.Targets;
import barrowmist.server.green.GreenSampleEntity;
import barrowmist.server.green.GreenSampleService;
import barrowmist.server.machine.MachineEntity;
import barrowmist.server.machine.MachineService;
import barrowmist.server.plan.PlanViews.PlanChange;
import barrowmist.server.plan.PlanViews.PlanEntry;
import barrowmist.server.plan.PlanViews.PlanView;
import barrowmist.server.plan.PlanViews.SchoolView;
import barrowmist.server.roast.MachineHistory;
import barrowmist.server.roast.RoastEntity;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import barrowmist.server.web.NotFound;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps plans, and begins them from a school, the coffee, the roaster's references and an earlier roast. */
@Service
@KeptInTurn
public class PlanService {

    private final PlanRepository plans;
    private final GreenSampleService greenSamples;
    private final MachineService machines;
    private final MachineHistory history;
    private final SchoolService schools;
    private final ChargeService charges;
    private final Clock clock;

    PlanService(
            PlanRepository plans,
            GreenSampleService greenSamples,
            MachineService machines,
            MachineHistory history,
            SchoolService schools,
            ChargeService charges,
            Clock clock) {
        this.plans = plans;
        this.greenSamples = greenSamples;
        this.machines = machines;
        this.history = history;
        this.schools = schools;
        this.charges = charges;
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
        double greenG = entry.greenG() == null ? charges.usualG(machine) : entry.greenG();
        String schoolId = entry.schoolId() != null
                ? entry.schoolId()
                : PlanStart.styleFor(sample.lot().process());
        PlanContent content = content(sample, machine, schools.get(schoolId), greenG, entry.templateRoastId());
        content.check(machine.settings());
        PlanEntity plan = new PlanEntity(sample, machine);
        plan.keep(content, clock.instant());
        return PlanView.of(plans.save(plan));
    }

    /** What a plan aims at; nothing where there is none, or it is gone. */
    @Transactional(readOnly = true)
    public Targets targets(@Nullable Long planId) {
        return Optional.ofNullable(planId)
                .flatMap(plans::findById)
                .map(p -> p.content().aimedAt())
                .orElse(new Targets(Map.of(), Targets.DevelopmentFrom.FIRST_CRACK));
    }

    /**
     * A roast once more, with one thing changed: in the style that suits it, aimed as it was.
     *
     * @return the number of the plan
     * @throws InputProblems if its roaster cannot roast it
     */
    public long beginAgain(RoastEntity roast, double greenG, double chargeC, ControlPlan controls, ChangedView what) {
        SchoolView school = schools.get(PlanStart.styleFor(roast.lot().process()));
        GreenSampleEntity sample = roast.greenSample();
        PlanContent content = content(sample, roast.machine(), school, greenG, roast.id())
                .changedFrom(greenG, chargeC, controls, roast.id(), what);
        content.check(roast.machine().settings());
        PlanEntity plan = new PlanEntity(sample, roast.machine());
        plan.keep(content, clock.instant());
        return plans.save(plan).id();
    }

    private PlanContent content(
            GreenSampleEntity sample,
            MachineEntity machine,
            SchoolView school,
            double greenG,
            @Nullable Long templateRoastId) {
        EventTemperatures events = charges.events(machine.id(), sample.lot().process());
        Targets targets =
                PlanStart.onThisProbe(PlanContent.aimedAt(school.targets(), school.developmentFrom()), events);
        DropRule drop = PlanStart.drop(targets);
        Optional<RoastEntity> template = template(machine, sample.lot().process(), templateRoastId);
        ControlLevels usual = machine.drum().usualLevels();
        ControlPlan controls = template.map(r -> PlanStart.following(
                        MachineHistory.sinceCharge(r), r.figures().totalS(), usual, drop))
                .orElseGet(() -> PlanStart.usualMoves(usual, drop));
        double chargeC = charges.advice(sample, machine, greenG).chargeC();
        return new PlanContent(
                school.id(),
                school.developmentFrom(),
                PlanContent.aims(targets),
                greenG,
                chargeC,
                controls.atCharge(),
                controls.steps().stream().map(PlanContent.MoveView::of).toList(),
                drop,
                template.map(RoastEntity::id).orElse(null),
                school.aim(),
                null);
    }

    private Optional<RoastEntity> template(MachineEntity machine, Process process, @Nullable Long roastId) {
        if (roastId != null) {
            return Optional.of(history.one(machine.id(), roastId)
                    .orElseThrow(() -> new InputProblems(
                            "templateRoastId", "Roast " + roastId + " is not one of " + machine.name())));
        }
        List<PlanStart.Candidate> candidates = history.newestAccepted(machine.id()).entrySet().stream()
                .map(e -> new PlanStart.Candidate(
                        e.getValue().roastId(), e.getKey(), true, e.getValue().roastedAt()))
                .toList();
        return PlanStart.template(candidates, process).flatMap(c -> history.one(machine.id(), c.roastId()));
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

    @Transactional(readOnly = true)
    public List<PlanView> list() {
        return plans.findAllByPutAsideFalseOrderByChangedAtDescIdDesc().stream()
                .map(PlanView::of)
                .toList();
    }

    /** Green samples that have a plan. */
    @Transactional(readOnly = true)
    public Set<Long> plannedSamples() {
        return plans.plannedSamples();
    }

    @Transactional(readOnly = true)
    PlanView view(long id) {
        return PlanView.of(get(id));
    }

    public boolean exists(long id) {
        return plans.existsById(id);
    }

    /** What is known of the coffee of a plan. */
    public GreenFacts facts(PlanEntity plan) {
        return greenSamples.facts(plan.greenSample());
    }

    public PlanEntity get(long id) {
        return plans.findById(id).orElseThrow(() -> new NotFound("plan", id));
    }
}
