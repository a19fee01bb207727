package barrowmist.core.roast;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.roast.HeatChange.Answer;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;

/** What the controls explain is no fault; curves whose rate of rise is known. */
class ExplainedTest {

    private static RoastAnalysis analyze(Series bean, double[][] gas, double[][] air) {
        RoastLog log = new RoastLog(bean, Series.empty(), steps(bean, gas), steps(bean, air), Series.empty());
        return new RoastAnalyzer(FaultSettings.DEFAULTS).analyze(log, KnownCurve.events(), Band.NONE);
    }

    private static Series steps(Series bean, double[][] steps) {
        double[] t = bean.timesS();
        double[] v = new double[t.length];
        for (int i = 0; i < t.length; i++) {
            for (double[] step : steps) {
                v[i] = t[i] >= step[0] ? step[1] : v[i];
            }
        }
        return new Series(t, v);
    }

    private static KnownCurve falling(double fromS, double by, double overS) {
        return KnownCurve.of(t -> {
            double steady = t < 120 ? 22 : 22 - (t - 120) / 480 * 12;
            return steady - Math.max(0, Math.min(1, (t - fromS) / overS)) * by;
        });
    }

    @Test
    void aFallThatASmallStepOfTheGasExplainsIsNoCrashAndSaidToBeMeant() {
        // at 500 s the trend asks for 12.5: 40 % of it is 5; the gas takes a quarter
        Series bean = falling(500, 5.4, 30).readings(0.1, 3);
        double[][] air = {{0, 40}};
        RoastAnalysis without = analyze(bean, new double[][] {{0, 60}}, air);
        assertThat(without.faults(Fault.Kind.CRASH)).hasSize(1);
        RoastAnalysis with = analyze(bean, new double[][] {{0, 60}, {490, 46}}, air);
        assertThat(with.faults(Fault.Kind.CRASH)).isEmpty();
        assertThat(with.notices()).anyMatch(n -> n.contains("because gas was cut") && n.contains("no crash"));
    }

    @Test
    void aCutOfTheGasThatTearsItDownStaysACrash() {
        Series bean = falling(500, 9, 25).readings(0.1, 3);
        RoastAnalysis cut = analyze(bean, new double[][] {{0, 60}, {495, 20}}, new double[][] {{0, 40}});
        assertThat(cut.faults(Fault.Kind.CRASH)).hasSize(1);
    }

    @Test
    void aRiseThatWasPutInIsSaidToBeOneAndIsNoFlick() {
        DoubleUnaryOperator turned = t -> {
            double steady = t < 120 ? 22 : 22 - (t - 120) / 480 * 16;
            return steady + Math.max(0, Math.min(1, (t - 430) / 40)) * 3.5;
        };
        Series bean = KnownCurve.of(turned).readings(0.1, 5);
        double[][] air = {{0, 40}};
        assertThat(analyze(bean, new double[][] {{0, 60}}, air).faults(Fault.Kind.FLICK))
                .hasSize(1);
        RoastAnalysis put = analyze(bean, new double[][] {{0, 60}, {420, 70}}, air);
        assertThat(put.faults(Fault.Kind.FLICK)).isEmpty();
        assertThat(put.notices()).anyMatch(n -> n.contains("was raised"));
        assertThat(analyze(bean, new double[][] {{0, 60}}, new double[][] {{0, 50}, {425, 40}})
                        .faults(Fault.Kind.FLICK))
                .as("air taken back puts heat in as well")
                .isEmpty();
    }

    @Test
    void aHoleInTheReadingsMakesNoFallOfNoDuration() {
        for (long seed = 1; seed <= 10; seed++) {
            Series bean = falling(500, 5.4, 11).readings(0.1, seed);
            double[] t = java.util.Arrays.stream(bean.timesS())
                    .filter(s -> s < 499 || s > 512)
                    .toArray();
            double[] v = java.util.Arrays.stream(t).map(bean::interpolated).toArray();
            List<Fault> faults = analyze(new Series(t, v), new double[][] {{0, 60}}, new double[][] {{0, 40}})
                    .faults();
            assertThat(faults).allMatch(f -> f.durationS() > 0);
        }
    }

    @Test
    void aLowRateThatFallsInProportionIsNoStall() {
        // a dark roast: 4 °C/min falling by a tenth a minute, 0.4, which is less than the limit of 0.5
        DoubleUnaryOperator dark =
                t -> t < 120 ? 22 : t < 400 ? 22 - (t - 120) / 280 * 17 : 5 * Math.exp(-(t - 400) / 600);
        int stalls = 0;
        for (long seed = 1; seed <= 20; seed++) {
            stalls += KnownCurve.analyze(KnownCurve.of(dark).readings(0.1, seed))
                    .faults(Fault.Kind.STALL)
                    .size();
        }
        // noise makes one in ten
        assertThat(stalls).isLessThanOrEqualTo(2);
    }

    @Test
    void aStepIsTakenIntoAccountAndADeepOneExplainsNothing() {
        Series gas = new Series(new double[] {0, 100}, new double[] {60, 54});
        HeatChange small = HeatChange.between(gas, Series.empty(), 50, 150);
        assertThat(small.takenShare(Answer.USUAL)).isCloseTo(0.1, org.assertj.core.data.Offset.offset(1e-9));
        assertThat(small.takenShare(new Answer(2, 1)))
                .as("a drum that answers twice as much")
                .isEqualTo(0.2);
        assertThat(new HeatChange(0.6, 0).takenShare(Answer.USUAL)).isZero();
        assertThat(new HeatChange(-0.1, 0).putIn()).isTrue();
        assertThat(new HeatChange(0, -0.05).putIn()).isTrue();
        assertThat(new HeatChange(0.1, 0.1).putIn()).isFalse();
        assertThat(HeatChange.between(Series.empty(), Series.empty(), 0, 100)).isEqualTo(new HeatChange(0, 0));
    }
}
