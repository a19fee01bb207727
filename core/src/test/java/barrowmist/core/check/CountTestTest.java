package barrowmist.core.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CountTestTest {

    /** The exact table of Poisson confidence limits at 95 % (Garwood 1936; in most handbooks, values from memory). */
    @ParameterizedTest
    @CsvSource({"0, 0, 3.689", "1, 0.0253, 5.572", "2, 0.242, 7.225", "5, 1.623, 11.668", "10, 4.795, 18.390"})
    void theIntervalIsThatOfTheTables(int count, double lower, double upper) {
        CountTest.Interval i = CountTest.interval(count);
        assertThat(i.lower()).isCloseTo(lower, within(0.001));
        assertThat(i.upper()).isCloseTo(upper, within(0.001));
        assertThat(i.times(2).upper()).isCloseTo(2 * upper, within(0.002));
    }

    /** By hand: of 1 in equal grams both tails are 1/2 and 1; of 6 all on one side is 2/64. */
    @ParameterizedTest
    @CsvSource({"0, 0, 1", "0, 1, 1", "0, 5, 0.0625", "0, 6, 0.03125", "6, 0, 0.03125", "10, 10, 1"})
    void twoCountsAreComparedExactly(int first, int second, double p) {
        assertThat(CountTest.sameRate(first, 350, second, 350)).isCloseTo(p, within(1e-12));
    }

    @Test
    void theGramsAreTheExposure() {
        // 2 in 100 g and 7 in 350 g are one rate; 7 in 100 g and 2 in 350 g are not
        assertThat(CountTest.sameRate(2, 100, 7, 350)).isGreaterThan(0.9);
        assertThat(CountTest.sameRate(7, 100, 2, 350)).isLessThan(0.01);
    }

    @Test
    void whereNothingIsAllowedOneIsTooMany() {
        assertThat(CountTest.atLeast(1, 0)).isZero();
        assertThat(CountTest.atLeast(0, 0)).isEqualTo(1);
        // 1 - e^-5 (1 + 5 + 12.5 + 20.83 + 26.04 + 26.04 + 21.70)
        assertThat(CountTest.atLeast(7, 5)).isCloseTo(0.2378, within(1e-4));
    }
}
