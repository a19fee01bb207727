package barrowmist.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.machine.Calibration;
import barrowmist.core.machine.FittedModel;
import barrowmist.core.plan.Targets.DevelopmentFrom;
import barrowmist.core.roast.KeyFigure;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Times of a plan, corrected each by itself, still go together. */
class CorrectionTest {

    private static final DropRule AT_205_C = new DropRule(DropRule.By.BEAN_C, 205);

    /** First crack is believed as it is told, 8 s early; of a time at the drop temperature next to nothing is. */
    private static final Map<KeyFigure, Calibration> CAME = Map.of(
            KeyFigure.FIRST_CRACK_S,
            new Calibration(480, 488, 1, 10, 488, 30, 2, 60),
            KeyFigure.TOTAL_S,
            new Calibration(600, 600, 0.2, 40, 600, 45, 2, 60));

    private static Map<KeyFigure, Double> corrected(DropRule drop, double crackS, double totalS) {
        FittedModel fitted = PlannedLab.MODEL;
        FittedModel model = new FittedModel(
                fitted.machine(),
                fitted.bean(),
                fitted.environmentErrorC(),
                fitted.roasts(),
                fitted.range(),
                CAME,
                fitted.outlooks(),
                fitted.answer());
        Map<KeyFigure, Double> shown = new HashMap<>(
                Map.of(KeyFigure.TOTAL_S, totalS, KeyFigure.DEVELOPMENT_S, 0.0, KeyFigure.DEVELOPMENT_PCT, 0.0));
        if (!Double.isNaN(crackS)) {
            shown.put(KeyFigure.FIRST_CRACK_S, crackS);
        }
        return new Correction(model, drop, DevelopmentFrom.FIRST_CRACK).of(shown);
    }

    @Test
    void eachTimeIsCorrectedAndTheSharesGoWithThem() {
        Map<KeyFigure, Double> of = corrected(AT_205_C, 480, 610);
        assertThat(of.get(KeyFigure.FIRST_CRACK_S)).isCloseTo(488, within(1e-9));
        assertThat(of.get(KeyFigure.TOTAL_S)).isCloseTo(602, within(1e-9));
        assertThat(of.get(KeyFigure.DEVELOPMENT_S)).isCloseTo(114, within(1e-9));
        assertThat(of.get(KeyFigure.DEVELOPMENT_PCT)).isCloseTo(100 * 114 / 602.0, within(1e-9));
    }

    /** With each time corrected by itself, little of 80 s would be left, or the drop come before first crack. */
    @ParameterizedTest
    @ValueSource(doubles = {560, 640, 900})
    void aLongRoastIsNotDroppedBeforeItCracks(double crackS) {
        Map<KeyFigure, Double> of = corrected(AT_205_C, crackS, crackS + 80);
        assertThat(of.get(KeyFigure.DEVELOPMENT_S)).isBetween(40.0, 80.0);
    }

    @Test
    void aDropByTheClockStaysWhereItIs() {
        assertThat(corrected(new DropRule(DropRule.By.DEVELOPMENT_S, 80), 900, 980))
                .containsEntry(KeyFigure.TOTAL_S, 988.0)
                .containsEntry(KeyFigure.DEVELOPMENT_S, 80.0);
        assertThat(corrected(new DropRule(DropRule.By.TOTAL_S, 700), 560, 700)).containsEntry(KeyFigure.TOTAL_S, 700.0);
    }

    @Test
    void aCurveThatDoesNotCrackIsCorrectedWithoutIt() {
        assertThat(corrected(AT_205_C, Double.NaN, 610).get(KeyFigure.TOTAL_S)).isCloseTo(602, within(1e-9));
    }

    @Test
    void whereTheFiguresAreNotThoseOfTheCurveASentenceSaysByHowMuch() {
        Map<KeyFigure, Double> shown = Map.of(
                KeyFigure.DRY_END_S,
                290.2,
                KeyFigure.FIRST_CRACK_S,
                480.0,
                KeyFigure.TOTAL_S,
                610.0,
                KeyFigure.DROP_C,
                205.0);
        Map<KeyFigure, Double> told = Map.of(
                KeyFigure.DRY_END_S,
                289.8,
                KeyFigure.FIRST_CRACK_S,
                488.0,
                KeyFigure.TOTAL_S,
                602.0,
                KeyFigure.DROP_C,
                204.0);
        assertThat(Correction.told(shown, told))
                .hasValue("The curve is as the model draws it. The figures take off what it missed in roasts left out: "
                        + "first crack 8 s later, drop 8 s earlier.");
        assertThat(Correction.told(shown, shown)).isEmpty();
        assertThat(Correction.told(Map.of(), told)).isEmpty();
        assertThat(Correction.told(Map.of(KeyFigure.DRY_END_S, 290.2), told)).isEmpty();
    }
}
