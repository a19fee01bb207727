package barrowmist.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.plan.DropRule.By;
import barrowmist.core.plan.DropRule.Other;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A roast that cracks at 480 s and 196 °C and rises by a degree in six seconds from there. */
class DropRuleTest {

    private static final double CRACK_S = 480;
    private static final double CRACK_C = 196;

    private static double droppedS(DropRule rule) {
        for (double t = 0; t < 1200; t++) {
            if (rule.reached(t, CRACK_C + (t - CRACK_S) / 6, CRACK_S, CRACK_C, t > 60)) {
                return t;
            }
        }
        return Double.POSITIVE_INFINITY;
    }

    private static DropRule two(By by, double value, boolean last, By other, double otherValue) {
        return new DropRule(by, value, Optional.of(new Other(last, other, otherValue)));
    }

    /** 120 s of 600 s are 20 %; 17 °C above the crack are 102 s after it. */
    @ParameterizedTest
    @CsvSource({
        "BEAN_C, 211, 570",
        "TOTAL_S, 600, 600",
        "DEVELOPMENT_S, 90, 570",
        "DEVELOPMENT_PCT, 20, 600",
        "OVER_CRACK_C, 17, 582"
    })
    void eachRuleByItself(By by, double value, double atS) {
        assertThat(droppedS(new DropRule(by, value))).isEqualTo(atS);
    }

    @ParameterizedTest
    @CsvSource({
        "BEAN_C, 211, false, DEVELOPMENT_PCT, 20, 570",
        "BEAN_C, 211, true, DEVELOPMENT_PCT, 20, 600",
        "DEVELOPMENT_PCT, 20, false, BEAN_C, 211, 570",
        "DEVELOPMENT_PCT, 20, true, BEAN_C, 211, 600",
        "OVER_CRACK_C, 17, true, DEVELOPMENT_S, 60, 582",
    })
    void theFirstOrTheLastOfTwo(By by, double value, boolean last, By other, double otherValue, double atS) {
        assertThat(droppedS(two(by, value, last, other, otherValue))).isEqualTo(atS);
    }

    @Test
    void theOneThatDecidesIsKnownByItsTime() {
        Map<By, Double> comes = Map.of(By.BEAN_C, 570.0, By.DEVELOPMENT_PCT, 600.0);
        DropRule first = two(By.BEAN_C, 211, false, By.DEVELOPMENT_PCT, 20);
        DropRule last = two(By.BEAN_C, 211, true, By.DEVELOPMENT_PCT, 20);
        assertThat(first.deciding(r -> comes.get(r.by()))).isEqualTo(new DropRule(By.BEAN_C, 211));
        assertThat(last.deciding(r -> comes.get(r.by()))).isEqualTo(new DropRule(By.DEVELOPMENT_PCT, 20));
        // a temperature that is never reached ends no roast by itself, and keeps one waiting that waits for both
        Map<By, Double> never = Map.of(By.BEAN_C, Double.POSITIVE_INFINITY, By.DEVELOPMENT_PCT, 600.0);
        assertThat(first.deciding(r -> never.get(r.by())).by()).isEqualTo(By.DEVELOPMENT_PCT);
        assertThat(last.deciding(r -> never.get(r.by())).by()).isEqualTo(By.BEAN_C);
        assertThat(new DropRule(By.TOTAL_S, 600).deciding(r -> 1)).isEqualTo(new DropRule(By.TOTAL_S, 600));
    }
}
