package barrowmist.core.cupping.panel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LeaningTest {

    /** Two-sided sign test (ISO 5495 gives 15 of 20 as the fewest at α 0.05), by adding up binomial coefficients. */
    @ParameterizedTest
    @CsvSource({"15, 5, 0.0414, true", "14, 6, 0.1153, false", "9, 1, 0.0215, true", "8, 2, 0.1094, false"})
    void aMajorityIsShownAsInTheSignTest(int first, int second, double p, boolean shown) {
        Leaning leaning = Leaning.of(first, second);
        assertThat(leaning.p()).isCloseTo(p, within(5e-5));
        assertThat(leaning.leansToFirst().isPresent()).isEqualTo(shown);
    }

    @Test
    void itSaysWhichAndWhereNobodySaidNothing() {
        assertThat(Leaning.of(1, 9).text("sweeter", "the old", "the new"))
                .isEqualTo("the new is sweeter: 9 of 10 say so.");
        assertThat(Leaning.of(3, 2).text("preferred", "the old", "the new"))
                .isEqualTo("Neither is shown to be preferred: 3 for the old, 2 for the new.");
        assertThat(Leaning.of(0, 0).text("sweeter", "a", "b")).isEmpty();
    }
}
