package barrowmist.core.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.machine.Calibration;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.trace.Lever.Habit;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** A size by the model and by what is usual, each by how sure it is. */
class LeverTest {

    private static final TraceRules RULES = TraceRules.DEFAULTS;

    /** Two measurements of one thing are weighed by the inverse of their variances (textbook, least squares). */
    @Test
    void twoSizesAreWeighedByTheInverseOfTheirVariances() {
        assertThat(new Habit(20, 3).with(10, 6, 0))
                .isCloseTo((10.0 / 36 + 20.0 / 9) / (1.0 / 36 + 1.0 / 9), within(1e-9));
        assertThat(new Habit(20, 3).with(10, 6, 4))
                .as("what sound roasts differ by makes the usual less sure")
                .isCloseTo((10.0 / 36 + 20.0 / 25) / (1.0 / 36 + 1.0 / 25), within(1e-9));
    }

    @Test
    void whereGoingBackWouldLeaveTooMuchTheUsualHasNoSay() {
        assertThat(new Habit(1, 2).speaks(10, 3, 2, RULES)).isFalse();
        assertThat(new Habit(1, 2).speaks(10, 3, 6, RULES))
                .as("on a drum whose sound roasts differ by so much it may well be that")
                .isTrue();
        assertThat(new Habit(30, 2).speaks(10, 3, 2, RULES))
                .as("far off the usual is what went wrong")
                .isTrue();
    }

    @Test
    void onlyWhatIsClearlyOffIsGoneBackFromWithoutAModel() {
        assertThat(new Habit(2.9, 2).clear(RULES)).isFalse();
        assertThat(new Habit(3.1, 2).clear(RULES)).isTrue();
    }

    @Test
    void aDrumIsBelievedAsItsModelHasShownInRoastsLeftOut() {
        Map<KeyFigure, Calibration> known = Map.of(
                KeyFigure.ROR_PEAK,
                new Calibration(0, 0, 1.4, 1, 0, 2, 0, 1),
                KeyFigure.BROWNING_PCT,
                new Calibration(0, 0, 1, 0.01, 0, 2, 0, 1),
                KeyFigure.DROP_C,
                new Calibration(0, 0, 1, 3, 0, 2, 0, 1));
        ForetoldDrum drum = new ForetoldDrum(
                plan -> {
                    throw new AssertionError("asked");
                },
                known);
        assertThat(drum.believed(KeyFigure.ROR_PEAK)).isEqualTo(1.4);
        assertThat(drum.off(KeyFigure.ROR_PEAK, RULES)).isEqualTo(0.5);
        assertThat(drum.off(KeyFigure.BROWNING_PCT, RULES))
                .as("no model is surer than this")
                .isEqualTo(0.2);
        assertThat(drum.off(KeyFigure.DROP_C, RULES))
                .as("and none that is believed less sure")
                .isEqualTo(0.7);
        assertThat(drum.believed(KeyFigure.TOTAL_S)).isEqualTo(1);
        assertThat(drum.off(KeyFigure.TOTAL_S, RULES)).isEqualTo(RULES.value("change.model-off"));
    }
}
