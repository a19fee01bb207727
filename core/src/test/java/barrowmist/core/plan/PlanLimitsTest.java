package barrowmist.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.check.Checks;
import barrowmist.core.check.FieldProblem;
import barrowmist.core.roast.KeyFigure;
import java.util.List;
import org.junit.jupiter.api.Test;

class PlanLimitsTest {

    private static List<String> drop(DropRule.By by, double value) {
        Checks checks = new Checks();
        PlanLimits.drop(checks, new DropRule(by, value));
        return checks.problems().stream().map(FieldProblem::message).toList();
    }

    private static boolean refused(KeyFigure figure, double value) {
        Checks checks = new Checks();
        PlanLimits.aim(checks, "it", figure, value);
        return !checks.problems().isEmpty();
    }

    @Test
    void aDropTypedInFahrenheitIsRefusedWithWhatIsAllowed() {
        assertThat(drop(DropRule.By.BEAN_C, 395)).containsExactly("Drop is 395 °C, allowed are 80 to 300 °C");
        assertThat(drop(DropRule.By.BEAN_C, 204)).isEmpty();
        assertThat(drop(DropRule.By.TOTAL_S, 585)).isEmpty();
        assertThat(drop(DropRule.By.DEVELOPMENT_PCT, 75)).hasSize(1);
    }

    @Test
    void everyFigureIsAimedAtWithinItsUnit() {
        assertThat(refused(KeyFigure.DROP_C, 395)).isTrue();
        assertThat(refused(KeyFigure.DROP_C, 204)).isFalse();
        assertThat(refused(KeyFigure.ENVIRONMENT_DROP_C, 395)).as("hot air").isFalse();
        assertThat(refused(KeyFigure.BROWNING_PCT, 101)).isTrue();
        assertThat(refused(KeyFigure.TOTAL_S, 1801)).isTrue();
        assertThat(refused(KeyFigure.ROR_AT_FIRST_CRACK, 41)).isTrue();
    }

    @Test
    void whatIsMissingIsSaidToBe() {
        Checks checks = new Checks().range("kg", "Weight", Double.NaN, 0.1, 50, "kg");
        assertThat(checks.problems())
                .extracting(FieldProblem::message)
                .containsExactly("Weight is missing: expected 0.1 to 50 kg");
    }
}
