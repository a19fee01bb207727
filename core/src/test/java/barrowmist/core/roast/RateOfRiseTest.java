package barrowmist.core.roast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.units.Temperature;
import barrowmist.core.units.TemperatureDifference;
import java.util.stream.IntStream;
import org.hipparchus.fitting.PolynomialCurveFitter;
import org.hipparchus.fitting.WeightedObservedPoint;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RateOfRiseTest {

    /**
     * First-derivative convolution coefficients, quadratic, from the tables of Savitzky and Golay, Analytical Chemistry 36
     * (1964) 1627–1639 (values from memory): for 5 points −2 −1 0 1 2 over 10, for 7 points −3 … 3 over 28, for 9 points
     * −4 … 4 over 60, for 25 points −12 … 12 over 1300.
     */
    @ParameterizedTest
    @CsvSource({"5, 10", "7, 28", "9, 60", "25, 1300"})
    void slopeOnEvenSpacingIsTheTabledFilter(int points, double norm) {
        double[] t = IntStream.range(0, points).asDoubleStream().toArray();
        for (int i = 0; i < points; i++) {
            double[] impulse = new double[points];
            impulse[i] = 1;
            double slope =
                    LocalFit.of(t, impulse, 0, points, (points - 1) / 2.0, true).slopePerS();
            assertThat(slope).isCloseTo((i - (points - 1) / 2.0) / norm, within(1e-12));
        }
    }

    /** Second-derivative coefficients, quadratic, 5 points: 2 −1 −2 −1 2 over 7 (same tables, values from memory). */
    @Test
    void curvatureOnEvenSpacingIsTheTabledFilter() {
        double[] t = {0, 1, 2, 3, 4};
        double[] tabled = {2, -1, -2, -1, 2};
        for (int i = 0; i < 5; i++) {
            double[] impulse = new double[5];
            impulse[i] = 1;
            assertThat(LocalFit.of(t, impulse, 0, 5, 2, true).curvaturePerS2()).isCloseTo(tabled[i] / 7, within(1e-12));
        }
    }

    /** Reference library: Hipparchus refits each window by its own solver. */
    @Test
    void unevenWindowsAgreeWithHipparchus() {
        Series bean = KnownCurve.steady().readings(0.15, 7, 0.15, true);
        Series ror = RateOfRise.centred(bean);
        PolynomialCurveFitter fitter = PolynomialCurveFitter.create(2);
        for (int i = 100; i < 400; i += 37) {
            double at = ror.timeS(i);
            Series window = bean.slice(at - 15, at + 15, -at);
            double[] c = fitter.fit(IntStream.range(0, window.size())
                    .mapToObj(k -> new WeightedObservedPoint(1, window.timeS(k), window.value(k)))
                    .toList());
            assertThat(ror.value(i)).isCloseTo(60 * c[1], within(1e-6));
        }
    }

    @ParameterizedTest(name = "noise {0} °C, {1} lost, uneven {2}, °F {3}")
    @CsvSource({"0.15, 0, false, false", "0.15, 0.15, true, false", "0.15, 0.15, true, true"})
    void rootMeanSquareErrorIsSmallInTheMiddle(double noiseC, double lost, boolean uneven, boolean fahrenheit) {
        for (KnownCurve curve : new KnownCurve[] {KnownCurve.steady(), KnownCurve.crash(485)}) {
            for (long seed = 1; seed <= 20; seed++) {
                Series read = curve.readings(noiseC, seed, lost, uneven);
                Series bean = fahrenheit ? throughFahrenheit(read) : read;
                assertThat(rmsError(curve, RateOfRise.centred(bean), 150, 450)).isLessThan(0.6);
            }
        }
    }

    /** A log written to 0.1 °F and read back. */
    private static Series throughFahrenheit(Series c) {
        double[] v = c.values();
        for (int i = 0; i < v.length; i++) {
            double f = Math.round(new Temperature(v[i]).f() * 10) / 10.0;
            v[i] = Temperature.ofFahrenheit(f).c();
        }
        return new Series(c.timesS(), v);
    }

    private static double rmsError(KnownCurve curve, Series ror, double fromS, double toS) {
        double sum = 0;
        int n = 0;
        for (int i = 0; i < ror.size(); i++) {
            if (ror.timeS(i) >= fromS && ror.timeS(i) <= toS) {
                double error = ror.value(i) - curve.trueRor(ror.timeS(i));
                sum += error * error;
                n++;
            }
        }
        assertThat(n).isGreaterThan(200);
        return Math.sqrt(sum / n);
    }

    @Test
    void liveValueDoesNotLookAhead() {
        Series whole = KnownCurve.crash(485).readings(0.15, 3, 0.1, true);
        Series known = whole.slice(0, 400, 0);
        Series then = RateOfRise.trailing(known);
        Series later = RateOfRise.trailing(whole);
        for (int i = 0; i < then.size(); i++) {
            assertThat(later.value(i)).isEqualTo(then.value(i));
        }
        assertThat(later.size()).isGreaterThan(then.size());
    }

    @Test
    void aGapIsNotBridged() {
        Series bean = KnownCurve.steady().readings(0.15, 5);
        double[] t = bean.timesS();
        double[] v = bean.values();
        for (int i = 301; i < t.length; i++) {
            t[i] += 120;
            v[i] += 30;
        }
        Series ror = RateOfRise.centred(new Series(t, v));
        for (int i = 0; i < ror.size(); i++) {
            boolean inGap = ror.timeS(i) > 300 && ror.timeS(i) < 421;
            assertThat(inGap).isFalse();
            if (ror.timeS(i) > 150) {
                assertThat(ror.value(i)).isBetween(0.0, 24.0);
            }
        }
    }

    /** 10 °F/min is 5.56 °C/min: the ratio of the degrees, by definition of the scales, never the 32° offset. */
    @Test
    void aRateIsADifferenceAndNeverShiftedBy32() {
        assertThat(TemperatureDifference.ofFahrenheit(10).c()).isCloseTo(5.5556, within(1e-4));
        assertThat(Temperature.ofFahrenheit(10).c()).isCloseTo(-12.2222, within(1e-4));
        double risen = Temperature.ofFahrenheit(398)
                .minus(Temperature.ofFahrenheit(388))
                .c();
        assertThat(risen).isCloseTo(TemperatureDifference.ofFahrenheit(10).c(), within(1e-9));
    }
}
