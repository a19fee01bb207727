package barrowmist.core.machine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.machine.Misfit.Cause;
import barrowmist.core.machine.OutlookRecord.Miss;
import barrowmist.core.machine.OutlookRecord.Span;
import barrowmist.core.machine.thermal.CurveErrors;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.KeyFigure;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.hipparchus.stat.regression.SimpleRegression;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Corrections by what came in roasts left out: against a reference library where one has the same. */
class CalibrationTest {

    private static double[] drawn(Random random, int n, double mean, double sd) {
        return random.doubles(n).map(x -> mean + sd * random.nextGaussian()).toArray();
    }

    @Test
    void withManyPairsTheLineIsThatOfALeastSquaresLibrary() {
        Random random = new Random(3);
        double[] foretold = drawn(random, 400, 500, 30);
        double[] actual = new double[foretold.length];
        SimpleRegression library = new SimpleRegression();
        for (int i = 0; i < actual.length; i++) {
            actual[i] = 40 + 0.8 * foretold[i] + 10 * random.nextGaussian();
            library.addData(foretold[i], actual[i]);
        }
        Calibration c = Calibration.of(KeyFigure.DRY_END_S, foretold, actual, LikelyMiss.OF_THE_USUAL);
        assertThat(c.slope()).isCloseTo(library.getSlope(), within(0.01));
        assertThat(c.corrected(540)).isCloseTo(library.predict(540), within(0.6));
        assertThat(c.error()).isCloseTo(10, within(0.8));
        assertThat(c.usualError()).isCloseTo(Math.hypot(24, 10), within(2.0));
        // the standard error of one more observation at x (textbook, simple linear regression)
        for (double x : new double[] {450, 500, 620}) {
            double leverage = 1 + 1.0 / 400 + Math.pow(x - c.foretold(), 2) / library.getXSumSquares();
            assertThat(c.error(x)).isCloseTo(Math.sqrt(library.getMeanSquareError() * leverage), within(0.2));
        }
    }

    @Test
    void whatAModelMissesThroughoutIsTakenOffAndWhatTellsNothingIsNotBelieved() {
        Random random = new Random(5);
        double[] actual = drawn(random, 12, 500, 20);
        double[] late = IntStream.range(0, 12).mapToDouble(i -> actual[i] + 15).toArray();
        Calibration off = Calibration.of(KeyFigure.DRY_END_S, late, actual, LikelyMiss.OF_THE_USUAL);
        assertThat(off.corrected(515)).isCloseTo(500, within(0.01));
        assertThat(off.error())
                .as("twelve met exactly do not make a model that never misses")
                .isBetween(0.05 * off.usualError(), 0.15 * off.usualError());
        assertThat(Calibration.of(KeyFigure.DROP_C, late, actual, LikelyMiss.OF_THE_USUAL)
                        .error())
                .as("a temperature is told better")
                .isLessThan(off.error());
        Calibration nothing = Calibration.of(
                KeyFigure.DRY_END_S, drawn(random, 300, 500, 60), drawn(random, 300, 480, 20), LikelyMiss.OF_THE_USUAL);
        assertThat(nothing.slope()).isBetween(0.0, 0.15);
        assertThat(nothing.corrected(900)).as("the usual value, nearly").isCloseTo(480, within(60.0));
    }

    @Test
    void aRoastThatComesLateIsToldLessSurely() {
        Random random = new Random(11);
        double[] foretold = drawn(random, 4000, 500, 50);
        double[] actual = java.util.Arrays.stream(foretold)
                .map(f -> f + 8 * Math.pow(f / 500, 2) * random.nextGaussian())
                .toArray();
        Calibration crack = Calibration.of(KeyFigure.FIRST_CRACK_S, foretold, actual, LikelyMiss.OF_THE_USUAL);
        for (double at : new double[] {400, 500, 600}) {
            assertThat(crack.error(at)).isCloseTo(8 * Math.pow(at / 500, 2), within(0.6));
        }
        assertThat(crack.error(Double.NaN)).as("one that never comes").isEqualTo(crack.error());
        Calibration dry = Calibration.of(KeyFigure.DRY_END_S, foretold, actual, LikelyMiss.OF_THE_USUAL);
        assertThat(dry.error(600)).isCloseTo(dry.error(400), within(0.1));
    }

    /** Of six as of twenty about 68 and 95 in a hundred lie within one and two, as with a normal distribution. */
    @ParameterizedTest
    @ValueSource(ints = {6, 20})
    void aBandHoldsForOneMore(int n) {
        Random random = new Random(9);
        int within1 = 0;
        int within2 = 0;
        int tried = 4000;
        for (int i = 0; i < tried; i++) {
            double[] foretold = drawn(random, n + 1, 300, 25);
            double[] actual = java.util.Arrays.stream(foretold)
                    .map(f -> f + 9 * random.nextGaussian())
                    .toArray();
            Calibration c = Calibration.of(
                    KeyFigure.DRY_END_S,
                    java.util.Arrays.copyOf(foretold, n),
                    java.util.Arrays.copyOf(actual, n),
                    LikelyMiss.OF_THE_USUAL);
            double off = Math.abs(c.corrected(foretold[n]) - actual[n]);
            within1 += off <= c.error(foretold[n]) ? 1 : 0;
            within2 += off <= 2 * c.error(foretold[n]) ? 1 : 0;
        }
        assertThat(within1 / (double) tried).isBetween(0.64, 0.76);
        assertThat(within2 / (double) tried).isBetween(0.92, 0.98);
    }

    @Test
    void aRecordTakesEachRoastOnceAndASmallMeanNotAtItsWord() {
        List<Miss> misses = IntStream.range(0, 8)
                .boxed()
                .flatMap(r -> IntStream.range(0, 5)
                        .mapToObj(k -> new Miss(r, EventKind.FIRST_CRACK, 80 + k, 20 + (r % 2 == 0 ? 2 : -2))))
                .toList();
        Span span = OutlookRecord.of(misses).at(EventKind.FIRST_CRACK, 80).orElseThrow();
        assertThat(span.roasts()).isEqualTo(8);
        assertThat(span.bias()).isCloseTo(20, within(0.1));
        assertThat(span.sd()).isBetween(2.1, 2.8);
        List<Miss> noise = IntStream.range(0, 8)
                .mapToObj(r -> new Miss(r, EventKind.FIRST_CRACK, 80, r % 2 == 0 ? 10 : -9))
                .toList();
        assertThat(OutlookRecord.of(noise)
                        .at(EventKind.FIRST_CRACK, 80)
                        .orElseThrow()
                        .bias())
                .isZero();
        assertThat(OutlookRecord.of(misses).at(EventKind.DRY_END, 80)).isEmpty();
        assertThat(OutlookRecord.of(misses).at(EventKind.FIRST_CRACK, 900))
                .as("the farthest that was tried")
                .isPresent();
    }

    @Test
    void theLikelyCauseOfAMisfitIsWhereItLies() {
        assertThat(Misfit.of(new CurveErrors(0.5, 0.4, 0.4, 0.4, 0.4, 0.2))).isEmpty();
        assertThat(Misfit.of(new CurveErrors(8, 1.5, 1.6, 1.4, 1.5, 1.4))).contains(new Misfit(Cause.EARLY));
        assertThat(Misfit.of(new CurveErrors(2, 4, 1.5, 2, 7, 1))).contains(new Misfit(Cause.DEVELOPMENT));
        assertThat(Misfit.of(new CurveErrors(3, 3, 3, 3, 3, 2.8))).contains(new Misfit(Cause.BETWEEN));
        assertThat(Misfit.of(new CurveErrors(3, 3, 3, 3, 3, 1))).isEmpty();
        for (Cause cause : Cause.values()) {
            assertThat(cause.text()).contains(": ");
        }
    }
}
