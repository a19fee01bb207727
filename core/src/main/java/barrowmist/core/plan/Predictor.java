package barrowmist.core.plan;

import barrowmist.core.machine.EventTemperatures;
import barrowmist.core.machine.FittedModel;
import barrowmist.core.machine.MachineReference;
import barrowmist.core.machine.SimulatedRoastFigures;
import barrowmist.core.machine.thermal.BatchConditions;
import barrowmist.core.machine.thermal.DrumSimulation;
import barrowmist.core.machine.thermal.SimulatedCurve;
import barrowmist.core.plan.Prediction.Predicted;
import barrowmist.core.plan.Targets.DevelopmentFrom;
import barrowmist.core.roast.Clock;
import barrowmist.core.roast.Fault;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.units.Wording;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Foretells a roast from a plan, by the machine's fitted model. Pure: the same plan gives the same prediction. */
public final class Predictor {

    /** A roast that has not dropped by then never does, s (house default). */
    public static final double LONGEST_S = 1200;

    private final FittedModel model;
    private final MachineReference reference;
    private final EventTemperatures events;
    private final Wording wording;

    public Predictor(FittedModel model, MachineReference reference, EventTemperatures events) {
        this(model, reference, events, Wording.SI);
    }

    /** @param wording the reader's units, for what is said */
    public Predictor(FittedModel model, MachineReference reference, EventTemperatures events, Wording wording) {
        this.model = model;
        this.reference = reference;
        this.events = events;
        this.wording = wording;
    }

    Wording wording() {
        return wording;
    }

    FittedModel model() {
        return model;
    }

    /** What the machine usually does with such coffee. */
    public MachineReference reference() {
        return reference;
    }

    EventTemperatures events() {
        return events;
    }

    /** The roast that this plan gives. */
    public Prediction predict(BatchConditions batch, ControlPlan plan, DevelopmentFrom developmentFrom) {
        PlanRun run = new PlanRun(plan, events);
        double[] droppedS = {Double.NaN};
        SimulatedCurve curve = new DrumSimulation(model.machine()).run(batch, run, LONGEST_S, (t, c) -> {
            boolean drop = run.dropped(t, c);
            droppedS[0] = drop ? t : Double.NaN;
            return drop;
        });
        RoastAnalysis analysis = SimulatedRoastFigures.of(curve, events, droppedS[0], reference);
        List<String> outside = model.range().outside(batch, curve, wording);
        List<String> doubts = new ArrayList<>(outside);
        doubts.addAll(doubts(run, droppedS[0], analysis));
        if (model.believed()) {
            Map<KeyFigure, Double> shown = shown(analysis, developmentFrom);
            DropRule deciding = plan.drop().deciding(part -> part.timeS(analysis));
            Map<KeyFigure, Double> corrected = new Correction(model, deciding, developmentFrom).of(shown);
            Correction.told(shown, corrected).ifPresent(doubts::add);
            return new Prediction(
                    analysis, withErrors(corrected, analysis, deciding), outside.isEmpty(), false, doubts);
        }
        Map<KeyFigure, Predicted> usual = usual();
        List<String> ofTheModel = new ArrayList<>(model.doubts(wording));
        if (!usual.isEmpty()) {
            ofTheModel.add("The figures are what this roaster usually did in its %d logs, whatever the plan."
                    .formatted(model.roasts()));
        }
        ofTheModel.addAll(doubts);
        return new Prediction(analysis, usual, false, true, ofTheModel);
    }

    /** What its logs had on average: all that can be said without the model. */
    private Map<KeyFigure, Predicted> usual() {
        Map<KeyFigure, Predicted> out = new EnumMap<>(KeyFigure.class);
        model.calibration()
                .forEach((figure, c) -> out.put(figure, new Predicted(c.usual(), Optional.of(c.usualError()))));
        return out;
    }

    private List<String> doubts(PlanRun run, double droppedS, RoastAnalysis analysis) {
        List<String> said = new ArrayList<>();
        if (!Double.isFinite(droppedS)) {
            said.add("The drop is never reached within %d minutes: more heat, or another rule for the drop, is needed."
                    .formatted(Math.round(LONGEST_S / 60)));
        }
        if (analysis.figures().firstCrack().isEmpty()) {
            said.add("First crack is never reached before the drop.");
        }
        for (Fault fault : analysis.faults()) {
            said.add("The rate of rise would show a %s at %s."
                    .formatted(fault.kind().code(), Clock.text(fault.fromS())));
        }
        if (!events.learned()) {
            said.add("Where first crack comes for such coffees is not yet learned on this machine: its washed coffees,"
                    + " or a house default, stand in.");
        }
        if (!run.waiting().isEmpty()) {
            int n = run.waiting().size();
            said.add(
                    n == 1
                            ? "One planned move comes after the drop, or its trigger is never reached."
                            : n + " planned moves come after the drop, or their triggers are never reached.");
        }
        return said;
    }

    private static Map<KeyFigure, Double> shown(RoastAnalysis analysis, DevelopmentFrom developmentFrom) {
        Targets counted = new Targets(Map.of(), developmentFrom);
        Map<KeyFigure, Double> shown = new EnumMap<>(KeyFigure.class);
        for (KeyFigure figure : KeyFigure.values()) {
            counted.figure(figure, analysis.figures()).ifPresent(v -> shown.put(figure, v));
        }
        return shown;
    }

    private Map<KeyFigure, Predicted> withErrors(
            Map<KeyFigure, Double> corrected, RoastAnalysis analysis, DropRule deciding) {
        Map<KeyFigure, Predicted> out = new EnumMap<>(KeyFigure.class);
        PredictionErrors errors = new PredictionErrors(model, events, analysis, deciding);
        corrected.forEach((figure, v) -> out.put(figure, new Predicted(v, errors.of(figure))));
        return out;
    }
}
