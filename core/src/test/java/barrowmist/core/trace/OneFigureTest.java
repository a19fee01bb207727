package barrowmist.core.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.plan.School;
import barrowmist.core.rest.Age;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.RoastAim;
import org.junit.jupiter.api.Test;

/** What a table of rules begins with, and what another room says of the same. */
class OneFigureTest {

    private static School fruitForward() {
        return School.defaults().stream()
                .filter(s -> s.id().equals("fruit-forward"))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void theBrowningOfANaturalIsOneFigure() {
        assertThat(fruitForward().note())
                .contains("browning %.0f %% or more".formatted(TraceRules.DEFAULTS.value("browning.short-natural")));
    }

    @Test
    void theCalmOfANaturalIsOneFigure() {
        double calm = RoastAim.FRUIT_NATURAL.limits().fastAtFirstCrackCPerMin();
        assertThat(TraceRules.DEFAULTS.value("correct.calm-natural")).isEqualTo(calm, within(0.05));
        assertThat(fruitForward()
                        .targets()
                        .aims()
                        .get(KeyFigure.ROR_AT_FIRST_CRACK)
                        .value())
                .isEqualTo(calm);
    }

    @Test
    void theDayFromWhichACupTellsItsAgeIsOneFigure() {
        assertThat(TraceRules.DEFAULTS.value("sign.too-old.line")).isEqualTo(Age.FADES_FROM_DAYS);
    }
}
