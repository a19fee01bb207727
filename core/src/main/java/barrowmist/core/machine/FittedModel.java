package barrowmist.core.machine;

import barrowmist.core.machine.thermal.FitRange;
import barrowmist.core.machine.thermal.MachineConstants;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.units.Wording;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * A machine's model as fitted to its logs.
 *
 * @param machine the constants
 * @param beanErrorC root mean square of what the bean curves leave unexplained, °C
 * @param environmentErrorC the same of the environment curves, °C; 0 when no log has one
 * @param roasts number of logs behind it
 * @param range the roasts it was fitted to, as ranges
 * @param error root mean square error of each figure over roasts that were left out of the fit in turn, in the figure's
 *     unit; empty for a machine with fewer than {@link ModelFitter#FEWEST_FOR_ERROR} logs
 */
public record FittedModel(
        MachineConstants machine,
        double beanErrorC,
        double environmentErrorC,
        int roasts,
        FitRange range,
        Map<KeyFigure, Double> error) {

    /** Below so many logs a model is shown but not trusted (house default). */
    public static final int FEWEST_TRUSTED = 5;

    /** Curves that miss their logs by more than this are not believed, °C (house default). */
    public static final double WORST_TRUSTED_C = 3;

    public FittedModel {
        error = Map.copyOf(error);
    }

    /** Why it is not believed, in sentences; empty when it is. The same wherever it is asked. */
    public List<String> doubts(Wording wording) {
        List<String> doubts = new ArrayList<>();
        if (roasts < FEWEST_TRUSTED) {
            doubts.add("The model was fitted to %d %s only; from %d on it is trusted."
                    .formatted(roasts, roasts == 1 ? "roast" : "roasts", FEWEST_TRUSTED));
        }
        if (!(beanErrorC <= WORST_TRUSTED_C)) {
            doubts.add("The model misses its own roasts by %s; more than %s is not trusted."
                    .formatted(wording.difference(beanErrorC), wording.difference(WORST_TRUSTED_C)));
        }
        return List.copyOf(doubts);
    }
}
