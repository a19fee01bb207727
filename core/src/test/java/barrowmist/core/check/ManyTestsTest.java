package barrowmist.core.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.hipparchus.stat.inference.TTest;
import org.junit.jupiter.api.Test;

class ManyTestsTest {

    /** The fifteen p-values of the example in Benjamini and Hochberg (1995), of which four are kept at 5 % (values from memory). */
    @Test
    void theExampleOfThePaperKeepsFour() {
        double[] p = {
            0.0459, 0.0001, 0.0004, 0.0019, 0.0095, 0.0201, 0.0278, 0.0298, 0.0344, 0.3240, 0.4262, 0.5719, 0.6528,
            0.7590, 1
        };
        assertThat(FalseDiscovery.most(p, 0.05)).isEqualTo(0.0095);
        assertThat(FalseDiscovery.most(new double[] {0.2, 0.9}, 0.05)).isNegative();
        assertThat(FalseDiscovery.most(new double[0], 0.05)).isNegative();
    }

    private static double[] series(Random random, int n, double r) {
        double[] out = new double[n];
        double value = 0;
        for (int i = 0; i < n; i++) {
            value = r * value + Math.sqrt(1 - r * r) * random.nextGaussian();
            out[i] = value;
        }
        return out;
    }

    private static boolean[] later(int n) {
        boolean[] in = new boolean[n];
        for (int i = n / 2; i < n; i++) {
            in[i] = true;
        }
        return in;
    }

    /** Against Hipparchus' own test, of values whose neighbours lean away from each other: they count in full. */
    @Test
    void withoutLikeNeighboursItIsWelchsTest() {
        double[] values = {1.2, 0.7, 1.4, 0.6, 1.3, 2.1, 1.1, 2.4, 1.0, 2.2};
        double expected =
                new TTest().tTest(new double[] {1.2, 0.7, 1.4, 0.6, 1.3}, new double[] {2.1, 1.1, 2.4, 1.0, 2.2});
        assertThat(WelchTest.p(values, later(10))).isCloseTo(expected, within(1e-9));
    }

    @Test
    void likeNeighboursDoNotMakeADifference() {
        Random random = new Random(21);
        int calls = 0;
        int plain = 0;
        for (int i = 0; i < 400; i++) {
            double[] values = series(random, 80, 0.6);
            calls += WelchTest.p(values, later(80)) < 0.05 ? 1 : 0;
            double[] one = java.util.Arrays.copyOfRange(values, 0, 40);
            double[] other = java.util.Arrays.copyOfRange(values, 40, 80);
            plain += new TTest().tTest(one, other) < 0.05 ? 1 : 0;
        }
        assertThat(plain).as("as if they were independent").isGreaterThan(100);
        assertThat(calls).as("5 % of 400 wanted").isLessThan(50);
    }
}
