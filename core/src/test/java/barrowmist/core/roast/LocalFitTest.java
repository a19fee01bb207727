package barrowmist.core.roast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.hipparchus.stat.regression.SimpleRegression;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class LocalFitTest {

    private static double[] unevenTimes(Random random, int n) {
        double[] t = new double[n];
        for (int i = 1; i < n; i++) {
            t[i] = t[i - 1] + 0.2 + 2 * random.nextDouble();
        }
        return t;
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void aParabolaIsRecoveredExactlyAtAnySpacing(long seed) {
        Random random = new Random(seed);
        double a = 200 * random.nextDouble();
        double b = random.nextGaussian();
        double c = 0.01 * random.nextGaussian();
        double[] t = unevenTimes(random, 25);
        double[] v = new double[t.length];
        for (int i = 0; i < t.length; i++) {
            v[i] = a + b * t[i] + c * t[i] * t[i];
        }
        double at = t[9] + 0.3;
        LocalFit fit = LocalFit.of(t, v, 2, 22, at, true);
        assertThat(fit.value()).isCloseTo(a + b * at + c * at * at, within(1e-6));
        assertThat(fit.slopePerS()).isCloseTo(b + 2 * c * at, within(1e-7));
        assertThat(fit.curvaturePerS2()).isCloseTo(2 * c, within(1e-8));
    }

    /** Reference library: the straight line of Hipparchus's simple regression. */
    @ParameterizedTest
    @ValueSource(longs = {11, 12, 13, 14})
    void theLineIsThatOfSimpleRegression(long seed) {
        Random random = new Random(seed);
        double[] t = unevenTimes(random, 20);
        double[] v = new double[t.length];
        SimpleRegression reference = new SimpleRegression();
        for (int i = 0; i < t.length; i++) {
            v[i] = 150 + 0.2 * t[i] + random.nextGaussian();
            reference.addData(t[i], v[i]);
        }
        LocalFit fit = LocalFit.of(t, v, 0, t.length, 4, false);
        assertThat(fit.slopePerS()).isCloseTo(reference.getSlope(), within(1e-9));
        assertThat(fit.value()).isCloseTo(reference.predict(4), within(1e-8));
        assertThat(fit.curvaturePerS2()).isZero();
    }

    @Test
    void tooFewTimesForAParabolaFallBackToALineAndToAMean() {
        LocalFit line = LocalFit.of(new double[] {0, 10, 10}, new double[] {5, 7, 9}, 0, 3, 10, true);
        assertThat(line.slopePerS()).isCloseTo(0.3, within(1e-12));
        assertThat(line.value()).isCloseTo(8, within(1e-12));
        LocalFit mean = LocalFit.of(new double[] {3, 3}, new double[] {5, 7}, 0, 2, 3, true);
        assertThat(mean.value()).isEqualTo(6);
        assertThat(mean.slopePerS()).isZero();
    }
}
