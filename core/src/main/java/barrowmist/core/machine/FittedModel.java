package barrowmist.core.machine;

import barrowmist.core.machine.thermal.CurveErrors;
import barrowmist.core.machine.thermal.FitRange;
import barrowmist.core.machine.thermal.MachineConstants;
import barrowmist.core.roast.HeatChange;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.units.Wording;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A machine's model as fitted to its logs.
 *
 * @param machine the constants
 * @param bean what the bean curves leave unexplained
 * @param environmentErrorC the same of the environment curves, °C; 0 when no log has one
 * @param roasts number of logs behind it
 * @param range the roasts it was fitted to, as ranges
 * @param calibration of each figure, by roasts that were left out of the fit in turn; empty for a machine with fewer than
 *     {@link ModelFitter#FEWEST_FOR_ERROR} logs
 * @param answer how its rate of rise answers to gas and air
 * @param outlooks how well it told the events of those roasts while they were followed
 */
public record FittedModel(
        MachineConstants machine,
        CurveErrors bean,
        double environmentErrorC,
        int roasts,
        FitRange range,
        Map<KeyFigure, Calibration> calibration,
        OutlookRecord outlooks,
        HeatChange.Answer answer) {

    /** Below so many logs a model is shown but not trusted (house default). */
    public static final int FEWEST_TRUSTED = 5;

    /** Curves that miss their logs by more than this are not believed, °C (house default). */
    public static final double WORST_TRUSTED_C = 3;

    /** A model has to tell first crack with at most this share of the error of the usual time (house default). */
    public static final double LEAST_GAIN = 0.85;

    public FittedModel {
        calibration = Map.copyOf(calibration);
    }

    /** How far off a figure that the curve shows may be: one standard deviation, in its unit. Empty when nothing was left out. */
    public Optional<Double> error(KeyFigure figure, double value) {
        return Optional.ofNullable(calibration.get(figure)).map(c -> c.error(value));
    }

    /** A figure that the curve shows, corrected by what came in roasts left out; same unit. */
    public double corrected(KeyFigure figure, double value) {
        Calibration of = calibration.get(figure);
        return of == null ? value : of.corrected(value);
    }

    /** What the bean curves leave unexplained once the probe reads the beans, root mean square, °C. */
    public double beanErrorC() {
        return bean.lateC();
    }

    /** Where it misses and why; empty when it does not, or everywhere alike. */
    public Optional<Misfit> misfit() {
        return Misfit.of(bean);
    }

    /** Whether it may be believed. */
    public boolean believed() {
        return doubts(Wording.SI).isEmpty();
    }

    /** The figure counts what comes after the first stretch: a miss within it has a figure of its own. */
    private String where(Misfit m, Wording wording) {
        return m.cause() == Misfit.Cause.EARLY
                ? " after the first %.0f s and by %s in them (%s)"
                        .formatted(
                                CurveErrors.EARLY_S,
                                wording.difference(bean.earlyC()),
                                m.cause().why())
                : ", " + m.cause().text();
    }

    /** Why it is not believed, in sentences; empty when it is. The same wherever it is asked. */
    public List<String> doubts(Wording wording) {
        List<String> doubts = new ArrayList<>();
        if (roasts < FEWEST_TRUSTED) {
            doubts.add("The model was fitted to %d %s only; from %d on it is trusted."
                    .formatted(roasts, roasts == 1 ? "roast" : "roasts", FEWEST_TRUSTED));
        }
        if (!(beanErrorC() <= WORST_TRUSTED_C)) {
            doubts.add("The model misses its own roasts by %s%s; more than %s is not trusted."
                    .formatted(
                            wording.difference(beanErrorC()),
                            misfit().map(m -> where(m, wording)).orElse(""),
                            wording.difference(WORST_TRUSTED_C)));
        }
        Calibration crack = calibration.get(KeyFigure.FIRST_CRACK_S);
        if (crack != null && crack.error() > LEAST_GAIN * crack.usualError()) {
            doubts.add(
                    "The model tells first crack to ±%.0f s, hardly better than this roaster's usual time does (±%.0f s)."
                            .formatted(crack.error(), crack.usualError()));
        }
        return List.copyOf(doubts);
    }
}
