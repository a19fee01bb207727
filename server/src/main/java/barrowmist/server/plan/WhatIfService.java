package barrowmist.server.plan;

import barrowmist.core.green.Process;
import barrowmist.core.machine.FittedModel;
import barrowmist.core.machine.thermal.BatchConditions;
import barrowmist.core.plan.ControlPlan;
import barrowmist.core.plan.Finder;
import barrowmist.core.plan.Prediction;
import barrowmist.core.plan.Predictor;
import barrowmist.core.plan.Targets;
import barrowmist.core.plan.Translator;
import barrowmist.core.units.Wording;
import barrowmist.server.green.GreenSampleEntity;
import barrowmist.server.green.GreenSampleService;
import barrowmist.server.machine.ControlRange;
import barrowmist.server.machine.MachineEntity;
import barrowmist.server.machine.MachineService;
import barrowmist.server.machine.ModelService;
import barrowmist.server.plan.PlanViews.FoundView;
import barrowmist.server.plan.PlanViews.TranslationEntry;
import barrowmist.server.plan.PlanViews.TranslationView;
import barrowmist.server.plan.PlanViews.WhatIf;
import barrowmist.server.plan.PredictionViews.PredictionView;
import barrowmist.server.roast.RoastEntity;
import barrowmist.server.roast.RoastLists;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import java.util.List;
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
    private final Predictors predictors;
    private final RoastLists roasts;
    private final GreenSampleService greenSamples;
    private final ChargeService charges;

    WhatIfService(
            ModelService models,
            MachineService machines,
            Predictors predictors,
            RoastLists roasts,
            GreenSampleService greenSamples,
            ChargeService charges) {
        this.roasts = roasts;
        this.predictors = predictors;
        this.models = models;
        this.machines = machines;
        this.greenSamples = greenSamples;
        this.charges = charges;
    }

    PredictionView predict(WhatIf tried, Wording wording) {
        GreenSampleEntity sample = greenSamples.get(tried.greenSampleId());
        MachineEntity machine = checked(tried.machineId(), tried.content());
        Optional<Predictor> predictor = predictors.of(machine, sample.lot().process(), wording);
        if (predictor.isEmpty()) {
            return PredictionView.none(noModel(machine));
        }
        Targets targets = tried.content().aimedAt();
        Prediction prediction = predictor
                .get()
                .predict(
                        batch(sample, machine, tried.content()), tried.content().controls(), targets.developmentFrom());
        return PredictionView.of(prediction, targets, predictor.get().reference(), template(tried.content()));
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
                PredictionView.of(found.prediction(), targets, predictor.reference(), template(tried.content())),
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
        BatchConditions batch = BatchConditions.of(
                greenSamples.facts(sample),
                entry.greenG(),
                charges.advice(sample.id(), to.id(), entry.greenG()).chargeC(),
                OptionalDouble.empty(),
                to.settings().roomC());
        Translator.Translated translated = Translator.translate(
                prediction.analysis().figures(),
                controls,
                charges.events(from.id(), process),
                batch,
                target(to, predictor));
        PlanContent content = there.carried(translated, entry.greenG());
        content.check(to.settings());
        return new TranslationView(
                content,
                PredictionView.of(
                        translated.found().prediction(), translated.targets(), predictor.reference(), template(there)),
                translated.notCarried());
    }

    private Translator.To target(MachineEntity to, Predictor predictor) {
        ControlRange air = to.settings().air();
        return new Translator.To(
                predictor,
                limits(to),
                air == null ? 0 : air.step(),
                air != null,
                to.settings().drum() != null);
    }

    /** Name of the roast whose moves a plan follows. */
    private Optional<String> template(PlanContent content) {
        return roasts.all(content.templateRoastId() == null ? List.of() : List.of(content.templateRoastId())).stream()
                .findFirst()
                .map(RoastEntity::title);
    }

    private MachineEntity checked(long machineId, PlanContent content) {
        MachineEntity machine = machines.get(machineId);
        if (content == null) {
            throw new InputProblems("content", "content is missing, expected the plan");
        }
        content.check(machine.settings());
        return machine;
    }

    private BatchConditions batch(GreenSampleEntity sample, MachineEntity machine, PlanContent content) {
        return BatchConditions.of(
                greenSamples.facts(sample),
                content.greenG(),
                content.chargeC(),
                OptionalDouble.empty(),
                machine.settings().roomC());
    }

    private Predictor needed(MachineEntity machine, Process process, Wording wording) {
        Predictor predictor =
                predictors.of(machine, process, wording).orElseThrow(() -> new Conflict(noModel(machine), Map.of()));
        models.model(machine.id())
                .map(m -> m.doubts(wording))
                .filter(d -> !d.isEmpty())
                .ifPresent(doubts -> {
                    throw new Conflict(
                            "Nothing is sought with the model of " + machine.name() + ", as it is not believed. "
                                    + doubts.get(0),
                            Map.of());
                });
        return predictor;
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
