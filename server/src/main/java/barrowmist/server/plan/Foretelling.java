package barrowmist.server.plan;

import barrowmist.core.machine.FittedModel;
import barrowmist.core.machine.thermal.BatchConditions;
import barrowmist.core.plan.ControlPlan;
import barrowmist.core.plan.Prediction;
import barrowmist.core.plan.Prediction.Predicted;
import barrowmist.core.plan.Predictor;
import barrowmist.core.plan.Targets.DevelopmentFrom;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.RoastFigures;
import barrowmist.core.units.Wording;
import barrowmist.server.green.GreenSampleService;
import barrowmist.server.machine.MachineEntity;
import barrowmist.server.machine.ModelService;
import barrowmist.server.roast.RoastEntity;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What one change would make of a roast, on the model of its own drum: the model foretells the roast as it was and as it would
 * be, and what it sees between them is laid on what the roast truly did.
 */
@Service
@Transactional(readOnly = true)
public class Foretelling {

    private final ModelService models;
    private final Predictors predictors;
    private final GreenSampleService greenSamples;

    Foretelling(ModelService models, Predictors predictors, GreenSampleService greenSamples) {
        this.models = models;
        this.predictors = predictors;
        this.greenSamples = greenSamples;
    }

    /** One way to roast it. */
    public record Way(double greenG, double chargeC, ControlPlan controls) {}

    /**
     * A figure, as it was and as it would be.
     *
     * @param figure its name on the wire
     * @param plusMinus one standard deviation of what is foretold; empty while the model was not tried
     */
    public record ForetoldFigure(
            String figure, String label, String unit, double before, double after, OptionalDouble plusMinus) {}

    /**
     * A drum that may be foretold.
     *
     * @param model its model
     * @param roast the roast of a way, foretold
     */
    public record Drum(FittedModel model, Function<Way, Prediction> roast) {}

    /** The drum of a roast, as far as it may be foretold; empty where its model may not be believed. */
    public Optional<Drum> drum(RoastEntity roast) {
        MachineEntity machine = roast.machine();
        return models.model(machine.id())
                .filter(FittedModel::believed)
                .flatMap(model -> predictors
                        .of(machine, roast.lot().process(), Wording.SI)
                        .map(predictor -> new Drum(model, way -> predict(predictor, roast, way))));
    }

    /** What lies between two ways, laid on what the roast truly did; empty where the model says nothing of its own. */
    public List<ForetoldFigure> between(RoastFigures truly, Prediction was, Prediction would) {
        List<ForetoldFigure> out = new ArrayList<>();
        for (KeyFigure figure : KeyFigure.OF_A_CHANGE) {
            OptionalDouble before = figure.of(truly);
            Optional<Predicted> a = was.figure(figure);
            Optional<Predicted> b = would.figure(figure);
            if (before.isPresent() && a.isPresent() && b.isPresent() && !was.usual() && !would.usual()) {
                double now = before.getAsDouble();
                out.add(new ForetoldFigure(
                        figure.code(),
                        figure.label(),
                        figure.unit().name().toLowerCase(java.util.Locale.ROOT),
                        now,
                        now + b.get().value() - a.get().value(),
                        b.get().plusMinus().map(OptionalDouble::of).orElse(OptionalDouble.empty())));
            }
        }
        return List.copyOf(out);
    }

    private Prediction predict(Predictor predictor, RoastEntity roast, Way way) {
        BatchConditions batch = BatchConditions.of(
                greenSamples.facts(roast.greenSample()),
                way.greenG(),
                way.chargeC(),
                OptionalDouble.empty(),
                roast.machine().settings().roomC());
        return predictor.predict(batch, way.controls(), DevelopmentFrom.FIRST_CRACK);
    }
}
