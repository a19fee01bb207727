package barrowmist.core.machine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import barrowmist.core.device.DrumKind;
import barrowmist.core.device.TrialRoasts;
import barrowmist.core.device.TrialRoasts.Trial;
import barrowmist.core.machine.thermal.FitRoast;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.Milestone;
import barrowmist.core.roast.RoastFigures;
import barrowmist.core.roast.Series;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What is thought of a figure before roasts were left out, and how soon those that were say otherwise. */
class LikelyMissTest {

    /** Curves that are off by 2 °C, of a bean that rises by 12 °C a minute when it cracks. */
    private static final LikelyMiss CURVES = new LikelyMiss(Map.of(KeyFigure.FIRST_CRACK_S, 10.0));

    private static double[] drawn(Random random, int n, double mean, double sd) {
        return random.doubles(n).map(x -> mean + sd * random.nextGaussian()).toArray();
    }

    /** How fast a bean rises is read off the logs themselves: here by two readings, half a minute from each other. */
    @ParameterizedTest
    @EnumSource(DrumKind.class)
    void degreesThatACurveMissesAreSecondsByHowFastTheBeanRises(DrumKind kind) {
        List<FitRoast> roasts =
                TrialRoasts.sound(kind, 77, 4).stream().map(Trial::fit).toList();
        Map<KeyFigure, Double> missed = LikelyMiss.of(2, roasts).ofCurve();
        double perS = roasts.stream()
                .mapToDouble(r -> {
                    double atS = r.figures().firstCrack().map(Milestone::timeS).orElseThrow();
                    Series bean = r.log().beanC();
                    return (bean.interpolated(atS + 15) - bean.interpolated(atS - 15)) / 30;
                })
                .average()
                .orElseThrow();
        double missedC = missed.get(KeyFigure.DROP_C);
        assertThat(missed.get(KeyFigure.FIRST_CRACK_S)).isCloseTo(missedC / perS, withinPercentage(12));
        assertThat(missed.get(KeyFigure.DRY_END_S)).isLessThan(missed.get(KeyFigure.TOTAL_S));
    }

    /** As with the residuals of a straight line through n points: the squares over n - 2, not over n (any handbook of statistics). */
    @ParameterizedTest
    @CsvSource({"4, 1.4142", "6, 1.2247", "12, 1.0954", "20, 1.0541", "300, 1.0033", "1, 1"})
    void curvesMissMoreOfARoastThatTheyWereNotFittedTo(int logs, double times) {
        FitRoast roast = TrialRoasts.sound(DrumKind.GAS, 77, 1).get(0).fit();
        assertThat(LikelyMiss.of(2, Collections.nCopies(logs, roast)).ofCurve().get(KeyFigure.DROP_C))
                .isCloseTo(2 * times, within(1e-3));
    }

    @Test
    void ofALogWithoutItsEventsTheCurveTellsWhatIsLeft() {
        FitRoast whole = TrialRoasts.sound(DrumKind.GAS, 77, 1).get(0).fit();
        FitRoast unmarked = new FitRoast(
                whole.batch(),
                whole.log(),
                new RoastFigures(
                        whole.figures().chargeC(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        whole.figures().drop(),
                        OptionalDouble.empty(),
                        OptionalDouble.empty(),
                        Optional.empty()));
        assertThat(LikelyMiss.of(2, List.of(unmarked)).ofCurve()).containsOnlyKeys(KeyFigure.TOTAL_S, KeyFigure.DROP_C);
        assertThat(LikelyMiss.of(Double.NaN, List.of(whole))).isEqualTo(LikelyMiss.OF_THE_USUAL);
    }

    @Test
    void withoutCurvesTheUsualValueAloneTellsAndCountsForLess() {
        for (KeyFigure figure : KeyFigure.values()) {
            double of = LikelyMiss.OF_THE_USUAL.of(figure, 10);
            assertThat(of).as(figure.label()).isBetween(2.0, 6.0);
            assertThat(LikelyMiss.OF_THE_USUAL.of(figure, 20))
                    .as(figure.label())
                    .isCloseTo(2 * of, within(1e-9));
            assertThat(LikelyMiss.OF_THE_USUAL.counts(figure))
                    .as(figure.label())
                    .isEqualTo(1);
        }
        assertThat(CURVES.counts(KeyFigure.FIRST_CRACK_S)).isGreaterThan(1);
        assertThat(CURVES.counts(KeyFigure.ROR_PEAK))
                .as("not read off the bean")
                .isEqualTo(1);
        // a curve that is off by 10 s, a usual value that is off by 40: in between
        assertThat(CURVES.of(KeyFigure.FIRST_CRACK_S, 40)).isBetween(10.0, 40.0);
    }

    /** A bean that is late by as much is late by more seconds the slower it rises: the later in the roast, the more its curve tells. */
    @Test
    void theLaterInTheRoastTheMoreTheCurveTells() {
        double share = LikelyMiss.OF_THE_USUAL.of(KeyFigure.DRY_END_S, 40);
        LikelyMiss curves = new LikelyMiss(Map.of(
                KeyFigure.DRY_END_S, 4 * share, KeyFigure.FIRST_CRACK_S, 4 * share, KeyFigure.TOTAL_S, 4 * share));
        double dryEnd = curves.of(KeyFigure.DRY_END_S, 40);
        double firstCrack = curves.of(KeyFigure.FIRST_CRACK_S, 40);
        assertThat(dryEnd).isGreaterThan(share).isLessThan(firstCrack);
        assertThat(curves.of(KeyFigure.TOTAL_S, 40))
                .isGreaterThan(firstCrack)
                .isEqualTo(curves.of(KeyFigure.TOTAL_S, 80));
        assertThat(new LikelyMiss(Map.of(KeyFigure.FIRST_CRACK_S, share)).of(KeyFigure.FIRST_CRACK_S, 40))
                .as("where both say the same")
                .isCloseTo(share, withinPercentage(12));
    }

    /** Six say little of a spread; four hundred say it all, whatever was thought before. */
    @ParameterizedTest
    @ValueSource(doubles = {2, 10, 40})
    void whatCameOutweighsIt(double curve) {
        Random random = new Random(21);
        LikelyMiss likely = new LikelyMiss(Map.of(KeyFigure.DRY_END_S, curve));
        double[] foretold = drawn(random, 400, 300, 20);
        double[] actual =
                Arrays.stream(foretold).map(f -> f + 7 * random.nextGaussian()).toArray();
        assertThat(Calibration.of(KeyFigure.DRY_END_S, foretold, actual, likely).error())
                .isCloseTo(7, within(0.6));
    }

    @Test
    void sixMetByLuckDoNotMakeANarrowBand() {
        double[] foretold = {470, 480, 490, 500, 510, 520};
        double error = Calibration.of(KeyFigure.FIRST_CRACK_S, foretold, foretold, CURVES)
                .error();
        assertThat(error).isGreaterThan(3);
        assertThat(Calibration.of(
                                KeyFigure.FIRST_CRACK_S,
                                foretold,
                                foretold,
                                new LikelyMiss(Map.of(KeyFigure.FIRST_CRACK_S, 5.0)))
                        .error())
                .as("of a model whose curves miss less")
                .isLessThan(error);
    }
}
