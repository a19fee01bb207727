package barrowmist.core.cupping.panel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TriangleTest {

    /** ISO 4120, fewest right answers at α = 0.05. */
    @ParameterizedTest
    @CsvSource({"6, 5", "12, 8", "18, 10", "24, 13", "30, 15", "36, 18"})
    void fewestRightAnswersAreThoseOfTheStandard(int n, int right) {
        assertThat(Triangle.needed(n, 0.05)).isEqualTo(right);
        assertThat(Triangle.p(right, n)).isLessThanOrEqualTo(0.05);
        assertThat(Triangle.p(right - 1, n)).isGreaterThan(0.05);
    }

    /** ISO 4120, number of assessments at α = 0.05 and β = 0.20. */
    @ParameterizedTest
    @CsvSource({"0.30, 40", "0.40, 23", "0.50, 16"})
    void assessmentsAreThoseOfTheStandard(double discriminators, int n) {
        assertThat(Triangle.assessments(discriminators, 0.05, 0.20)).contains(n);
    }

    @Test
    void theChanceIsExact() {
        // three of three: (1/3)³
        assertThat(Triangle.p(3, 3)).isCloseTo(1.0 / 27, within(1e-12));
        assertThat(Triangle.p(0, 5)).isEqualTo(1);
        assertThat(Triangle.p(6, 5)).isZero();
        assertThat(Triangle.needed(2, 0.05)).isEqualTo(3);
        assertThat(Triangle.power(2, 0.9, 0.05)).isZero();
        assertThat(Triangle.assessments(0, 0.05, 0.2)).isEmpty();
    }

    @Test
    void allSixOrdersAreServedEquallyOften() {
        List<Triangle.Set> sets = Triangle.sets(26, new Random(3));
        assertThat(sets).hasSize(26);
        var counts = sets.stream().collect(Collectors.groupingBy(s -> s, Collectors.counting()));
        assertThat(counts).hasSize(6);
        assertThat(counts.values()).allSatisfy(c -> assertThat(c).isBetween(4L, 5L));
        assertThat(sets).allSatisfy(s -> {
            long second = s.second().stream().filter(b -> b).count();
            assertThat(s.second().get(s.odd() - 1)).isEqualTo(second == 1);
        });
    }
}
