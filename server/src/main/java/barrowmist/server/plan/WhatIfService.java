package barrowmist.server.plan;

import barrowmist.core.green.Process;
import barrowmist.core.plan.ControlPlan;
import barrowmist.core.plan.EventTemperatures;
import barrowmist.core.plan.Finder;
import barrowmist.core.plan.FittedModel;
import barrowmist.core.plan.Prediction;
import barrowmist.core.plan.Predictor;
import barrowmist.core.plan.Targets;
import barrowmist.core.plan.Translator;
import barrowmist.core.plan.thermal.BatchConditions;
import barrowmist.core.roast.MachineReference;
import barrowmist.core.units.Wording;
import barrowmist.server.green.GreenSampleEntity;
import barrowmist.server.green.GreenSampleService;
import barrowmist.server.plan.PlanViews.FoundView;
import barrowmist.server.plan.PlanViews.PredictionView;
import barrowmist.server.plan.PlanViews.TranslationEntry;
import barrowmist.server.plan.PlanViews.TranslationView;
import barrowmist.server.plan.PlanViews.WhatIf;
import barrowmist.server.roast.MachineEntity;
import barrowmist.server.roast.MachineService;
import barrowmist.server.roast.MachineSettings.ControlRange;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Tries plans on a roaster's model: what they give, how a target is reached, how they look on another roaster. */
@Service
@Transactional(readOnly = true)
class WhatIfService {

    private final ModelService models;
    private final MachineService machines;
    private final GreenSampleService greenSamples;
    private final PlanService plans;

    WhatIfService(ModelService models, MachineService machines, GreenSampleService greenSamples, PlanService plans) {
        this.models = models;
        this.machines = machines;
        this.greenSamples = greenSamples;
        this.plans = plans;
    }

    PredictionView predict(WhatIf tried, Wording wording) {
        GreenSampleEntity sample = greenSamples.get(tried.greenSampleId());
        MachineEntity machine = checked(tried.machineId(), tried.content());
        Optional<Predictor> predictor = predictor(machine, sample.lot().process(), wording);
        if (predictor.isEmpty()) {
            return PredictionView.none(noModel(machine));
        }
        Targets targets = tried.content().aimedAt();
        Prediction prediction = predictor
                .get()
                .predict(
                        batch(sample, machine, tried.content()), tried.content().controls(), targets.developmentFrom());
        return PredictionView.of(prediction, targets, predictor.get().reference());
    }

    FoundView find(WhatIf tried, Wording wording) {
        GreenSampleEntity sample = greenSamples.get(tried.greenSampleId());
        MachineEntity machine = checked(tried.machineId(), tried.content());
        Predictor predictor = needed(machine, sample.lot().process(), wording);
        Targets targets = tried.content().aimedAt();
        if (targets.aims().isEmpty()) {
            throw new InputProblems("targets", "There is no target to be found: aim at something first");
        }
        Finder.Found found = new Finder(predictor, limits(machine))
                .find(batch(sample, machine, tried.content()), tried.content().controls(), targets);
        return new FoundView(
                found.reached(),
                tried.content().with(found.batch().chargeC(), found.plan()),
                PredictionView.of(found.prediction(), targets, predictor.reference()),
                found.changes(),
                found.missed());
    }

    TranslationView translate(TranslationEntry entry, Wording wording) {
        GreenSampleEntity sample = greenSamples.get(entry.greenSampleId());
        Process process = sample.lot().process();
        MachineEntity from = checked(entry.machineId(), entry.content());
        MachineEntity to = machines.get(entry.toMachineId());
        PlanContent there = entry.content();
        Predictor here = needed(from, process, wording);
        Predictor predictor = needed(to, process, wording);
        ControlPlan controls = there.controls();
        var prediction = here.predict(
                batch(sample, from, there), controls, there.aimedAt().developmentFrom());
        double chargeC = plans.advice(sample.id(), to.id(), entry.greenG()).chargeC();
        BatchConditions batch = Batching.of(
                sample.facts(),
                entry.greenG(),
                chargeC,
                OptionalDouble.empty(),
                to.settings().roomC());
        ControlRange air = to.settings().air();
        Translator.To target = new Translator.To(
                predictor,
                limits(to),
                air == null ? 0 : air.step(),
                air != null,
                to.settings().drum() != null);
        Translator.Translated translated = Translator.translate(
                prediction.analysis().figures(), controls, plans.events(from.id(), process), batch, target);
        PlanContent content = new PlanContent(
                        there.schoolId(),
                        PlanContent.from(translated.targets().developmentFrom()),
                        PlanContent.aims(translated.targets()),
                        entry.greenG(),
                        chargeC,
                        there.atCharge(),
                        there.steps(),
                        there.drop(),
                        there.templateRoastId())
                .with(translated.found().batch().chargeC(), translated.found().plan());
        content.check(to.settings());
        return new TranslationView(
                content,
                PredictionView.of(translated.found().prediction(), translated.targets(), predictor.reference()),
                translated.notCarried());
    }

    private MachineEntity checked(long machineId, PlanContent content) {
        MachineEntity machine = machines.get(machineId);
        if (content == null) {
            throw new InputProblems("content", "content is missing, expected the plan");
        }
        content.check(machine.settings());
        return machine;
    }

    private static BatchConditions batch(GreenSampleEntity sample, MachineEntity machine, PlanContent content) {
        return Batching.of(
                sample.facts(),
                content.greenG(),
                content.chargeC(),
                OptionalDouble.empty(),
                machine.settings().roomC());
    }

    private Optional<Predictor> predictor(MachineEntity machine, Process process, Wording wording) {
        MachineReference reference = machines.reference(machine.id(), process, 0);
        MachineReference washed =
                process == Process.WASHED ? reference : machines.reference(machine.id(), Process.WASHED, 0);
        EventTemperatures events = EventTemperatures.of(reference, washed, process);
        return models.model(machine.id()).map(model -> new Predictor(model, reference, events, wording));
    }

    private Predictor needed(MachineEntity machine, Process process, Wording wording) {
        return predictor(machine, process, wording).orElseThrow(() -> new Conflict(noModel(machine), Map.of()));
    }

    private static String noModel(MachineEntity machine) {
        return machine.name() + " has no model yet: fit one to its logs on its page, then plans can be tried.";
    }

    private Finder.Limits limits(MachineEntity machine) {
        FittedModel model = models.model(machine.id()).orElseThrow();
        ControlRange gas = machine.settings().gas();
        return Finder.Limits.within(model, gas.min(), gas.max(), gas.step());
    }
}
