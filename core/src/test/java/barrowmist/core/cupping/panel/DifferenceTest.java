package barrowmist.core.cupping.panel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DifferenceTest {

    /** ISO 4120, fewest right answers at α = 0.05: one fewer shows nothing. */
    @ParameterizedTest
    @CsvSource({"6, 5", "12, 8", "18, 10", "24, 13", "30, 15", "36, 18"})
    void aDifferenceIsShownFromTheFewestRightAnswersOn(int n, int right) {
        assertThat(Difference.of(n, right, n).shown()).isTrue();
        assertThat(Difference.of(n, right, n).text()).startsWith("A difference is shown: " + right + " of " + n);
        Difference fewer = Difference.of(n, right - 1, n);
        assertThat(fewer.shown()).isFalse();
        assertThat(fewer.text())
                .contains("No difference shown", "not the same as no difference", right + " are needed");
    }

    /**
     * Clopper and Pearson (1934) has a closed form at both ends: nobody right of n, the share is at most 1 − 0.05^(1/n);
     * all right, at most 1.
     */
    @Test
    void theLargestShareThatMayTellThemApartIsExact() {
        double most = 1 - Math.pow(0.05, 1.0 / 40);
        assertThat(Difference.of(40, 0, 40).atMost()).isEqualTo(Math.max(0, 1.5 * most - 0.5));
        double few = 1 - Math.pow(0.05, 1.0 / 3);
        assertThat(Difference.of(3, 0, 3).atMost()).isCloseTo(1.5 * few - 0.5, within(1e-9));
        assertThat(Difference.of(6, 6, 6).atMost()).isEqualTo(1);
    }

    @Test
    void casesWithoutAnAnswerSaySo() {
        assertThat(Difference.of(0, 0, 0).text()).isEqualTo("Nothing was answered yet.");
        assertThat(Difference.of(2, 2, 2).text()).contains("2 sets are too few");
        assertThat(Difference.of(1, 1, 1).text()).contains("1 set is too few");
        assertThat(Difference.of(0, 0, 0).atMost()).isEqualTo(1);
        assertThat(Difference.of(0, 0, 0).shown()).isFalse();
    }

    @Test
    void severalSetsAPersonAreSaid() {
        assertThat(Difference.of(9, 7, 3).text()).contains("9 sets by 3 people");
        assertThat(Difference.of(9, 7, 9).text()).doesNotContain("people:");
    }

    /** ISO 4120 at α = 0.05: 40, 23 and 16 assessments for β = 0.20 at 30, 40 and 50 % who tell them apart. */
    @ParameterizedTest
    @CsvSource({"0.30, 40", "0.40, 23", "0.50, 16"})
    void aPlanSaysHowManySetsAreEnough(double share, int sets) {
        TrianglePlan plan = TrianglePlan.of(sets, share);
        assertThat(plan.enough()).contains(sets);
        assertThat(plan.power()).isGreaterThanOrEqualTo(0.8);
        assertThat(plan.text()).contains(sets + " sets find it in 80 % of tests");
        assertThat(TrianglePlan.of(2, share).text()).startsWith("2 sets are too few");
        assertThat(TrianglePlan.of(18, 0).text()).contains("No number of sets");
    }
}
