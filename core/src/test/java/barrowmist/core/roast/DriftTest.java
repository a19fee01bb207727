package barrowmist.core.roast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import java.util.stream.IntStream;
import org.hipparchus.stat.regression.SimpleRegression;
import org.junit.jupiter.api.Test;

class DriftTest {

    private static final double[] DAYS =
            IntStream.range(0, 20).mapToDouble(i -> 6.0 * i).toArray();

    private static double[] values(double perDay, double noise) {
        Random random = new Random(5);
        return java.util.Arrays.stream(DAYS)
                .map(d -> 190 + perDay * d + noise * random.nextGaussian())
                .toArray();
    }

    @Test
    void aTrendIsSeenAndAgreesWithLeastSquaresOnCleanData() {
        double[] values = values(0.05, 0.3);
        SimpleRegression line = new SimpleRegression();
        for (int i = 0; i < DAYS.length; i++) {
            line.addData(DAYS[i], values[i]);
        }
        Drift drift = Drift.of(DAYS, values);
        assertThat(drift.perMonth()).isCloseTo(30 * line.getSlope(), within(0.15));
        assertThat(drift.beyondChance()).isTrue();
        assertThat(drift.overall()).isCloseTo(0.05 * 114, within(0.7));
    }

    @Test
    void noiseIsNotATrend() {
        assertThat(Drift.of(DAYS, values(0, 1)).beyondChance()).isFalse();
    }

    @Test
    void oneWrongRoastDoesNotTurnIt() {
        double[] values = values(0.05, 0.3);
        double before = Drift.of(DAYS, values).perMonth();
        values[18] = 90;
        assertThat(Drift.of(DAYS, values).perMonth()).isCloseTo(before, within(0.4));
    }

    @Test
    void threeDaysOfRoastsSayNothingOfMonths() {
        double[] days = new double[30];
        double[] climbing = new double[30];
        for (int i = 0; i < days.length; i++) {
            days[i] = i / 10.0;
            climbing[i] = 190 + i;
        }
        assertThat(Drift.of(days, climbing).judged()).isFalse();
        assertThat(Drift.of(days, climbing).beyondChance()).isFalse();
        assertThat(Drift.of(DAYS, values(0, 1)).judged()).isTrue();
    }

    @Test
    void fewRoastsShowNone() {
        Drift few = Drift.of(new double[] {0, 10, 20}, new double[] {190, 195, 200});
        assertThat(few.perMonth()).isZero();
        assertThat(few.beyondChance()).isFalse();
    }
}
