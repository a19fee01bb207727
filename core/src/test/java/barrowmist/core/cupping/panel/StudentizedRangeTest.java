package barrowmist.core.cupping.panel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StudentizedRangeTest {

    /** Upper 5 % points of the studentised range (Harter 1960; in most handbooks of statistics, values from memory). */
    @ParameterizedTest
    @CsvSource({
        "2, 10, 3.151",
        "3, 10, 3.877",
        "4, 20, 3.958",
        "5, 20, 4.232",
        "6, 12, 4.751",
        "3, 30, 3.486",
        "10, 60, 4.646",
        "2, 5, 3.635",
        "3, 4, 5.040"
    })
    void quantilesAreThoseOfTheTables(int k, double v, double q) {
        assertThat(StudentizedRange.quantile(0.05, k, v)).isCloseTo(q, within(0.005));
    }

    /** Two means are a t-test: q is √2 times its quantile, 2.2281 with 10 degrees of freedom (t table). */
    @Test
    void ofTwoMeansItIsTheTTest() {
        assertThat(StudentizedRange.quantile(0.05, 2, 10)).isCloseTo(2.2281 * Math.sqrt(2), within(0.002));
    }

    /** Ten equal samples and five cuppers: any pair is told apart in about 5 % of tables, and not in half of them. */
    @Test
    void equalSamplesAreSeldomToldApart() {
        Random random = new Random(20260302);
        int tables = 400;
        int told = 0;
        for (int t = 0; t < tables; t++) {
            double[][] scores = new double[10][5];
            double[] cupper = random.doubles(5).map(x -> 2 * x).toArray();
            for (double[] row : scores) {
                for (int j = 0; j < row.length; j++) {
                    row[j] = 83 + cupper[j] + random.nextGaussian();
                }
            }
            double least =
                    Agreement.of(scores).orElseThrow().smallestDifference().orElseThrow();
            double high = 0;
            double low = 100;
            for (double[] row : scores) {
                double mean = java.util.Arrays.stream(row).average().orElseThrow();
                high = Math.max(high, mean);
                low = Math.min(low, mean);
            }
            told += high - low >= least ? 1 : 0;
        }
        // exact binomial: 9 to 33 of 400 hold 5 % at 99.9 %
        assertThat(told).isBetween(6, 36);
    }
}
