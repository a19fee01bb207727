package barrowmist.core.plan;

import barrowmist.core.machine.EventTemperatures;
import barrowmist.core.machine.FittedModel;
import barrowmist.core.machine.MachineReference;
import barrowmist.core.machine.ModelFitter;
import barrowmist.core.machine.thermal.BatchConditions;
import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.machine.thermal.FitRoast;
import barrowmist.core.plan.ControlStep.Control;
import barrowmist.core.plan.Targets.DevelopmentFrom;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.KeyFigure;
import java.util.List;
import java.util.OptionalDouble;

/** A model fitted once to twenty roasts of the simulated drum, and plans to be tried on it. */
public final class PlannedLab {

    public static final EventTemperatures EVENTS = new EventTemperatures(158, 1, 194.5, 1, true);

    /** The first twenty were fitted, the last four were not. */
    static final List<FitRoast> ROASTS = SimulatedLab.roasts(24);

    public static final FittedModel MODEL = ModelFitter.fit(ROASTS.subList(0, 20), 150, (share, doing) -> {});

    private PlannedLab() {}

    static ControlPlan plan(double firstGas, DropRule drop) {
        return new ControlPlan(
                new ControlLevels(firstGas, 40, 60),
                List.of(
                        step(new Trigger.AtTime(140), Control.GAS, 70),
                        step(new Trigger.AtBean(145), Control.AIR, 47),
                        step(new Trigger.AtBean(187), Control.AIR, 54),
                        step(new Trigger.AtBean(190), Control.GAS, 60),
                        step(new Trigger.AtEvent(EventKind.FIRST_CRACK, 30), Control.GAS, 50)),
                drop);
    }

    static ControlStep step(Trigger when, Control control, double value) {
        return new ControlStep(when, control, value);
    }

    static BatchConditions batch(double greenG, double chargeC) {
        return new BatchConditions(greenG, 11, 6.5, chargeC, OptionalDouble.empty(), 22);
    }

    static Prediction predict(BatchConditions batch, ControlPlan plan) {
        return new Predictor(MODEL, MachineReference.NONE, EVENTS).predict(batch, plan, DevelopmentFrom.FIRST_CRACK);
    }

    static double figure(Prediction prediction, KeyFigure figure) {
        return prediction.figure(figure).orElseThrow().value();
    }
}
