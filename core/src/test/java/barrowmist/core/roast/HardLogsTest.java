package barrowmist.core.roast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Logs that are slow, short, broken or strange: the analysis stays calm and says what it knows. */
class HardLogsTest {

    private static Series every(Series series, int n) {
        int[] kept = IntStream.range(0, series.size()).filter(i -> i % n == 0).toArray();
        return new Series(
                IntStream.of(kept).mapToDouble(series::timeS).toArray(),
                IntStream.of(kept).mapToDouble(series::value).toArray());
    }

    @ParameterizedTest(name = "a reading every {0} s")
    @ValueSource(ints = {2, 3, 5})
    void aSlowLogStillShowsItsCrash(int seconds) {
        Series slow = every(KnownCurve.crash(480).readings(0.1, 5), seconds);
        List<Fault> crashes = KnownCurve.analyze(slow).faults(Fault.Kind.CRASH);
        assertThat(crashes).hasSize(1);
        assertThat(crashes.get(0).fromS()).isCloseTo(480, within(15.0));
    }

    @Test
    void aLogTypedEveryThirtySecondsHasFiguresAndNoInventedFaults() {
        RoastAnalysis a = KnownCurve.analyze(every(KnownCurve.steady().readings(0.1, 5), 30));
        assertThat(a.figures().rorAtFirstCrackCPerMin().getAsDouble())
                .isCloseTo(KnownCurve.steadyRor(480), within(1.5));
        assertThat(a.figures().totalS()).hasValue(600);
        assertThat(a.faults(Fault.Kind.CRASH)).isEmpty();
        assertThat(a.notices()).isEmpty();
    }

    @Test
    void aDropoutOfSecondsIsNoGapAndTenTimesThatIs() {
        Series bean = KnownCurve.steady().readings(0.1, 3);
        Series lost = without(bean, 200, 208);
        assertThat(KnownCurve.analyze(lost).notices()).isEmpty();
        assertThat(KnownCurve.analyze(without(bean, 200, 280)).notices()).hasSize(1);
    }

    private static Series without(Series s, double fromS, double toS) {
        int[] kept = IntStream.range(0, s.size())
                .filter(i -> s.timeS(i) <= fromS || s.timeS(i) >= toS)
                .toArray();
        return new Series(
                IntStream.of(kept).mapToDouble(s::timeS).toArray(),
                IntStream.of(kept).mapToDouble(s::value).toArray());
    }

    @Test
    void aLogThatOnlyRisesHasNoTurningPointAndSaysSo() {
        double[] t = IntStream.range(0, 300).asDoubleStream().toArray();
        double[] c = IntStream.range(0, 300).mapToDouble(i -> 80 + i * 0.3).toArray();
        RoastAnalysis a = new RoastAnalyzer(FaultSettings.DEFAULTS)
                .analyze(
                        KnownCurve.log(new Series(t, c)),
                        RoastEvents.of(RoastEvent.at(EventKind.CHARGE, 0), RoastEvent.at(EventKind.DROP, 299)),
                        Band.NONE);
        assertThat(a.figures().turningPoint()).isEmpty();
        assertThat(a.ror().isEmpty()).isTrue();
        assertThat(a.faults()).isEmpty();
        assertThat(a.missing()).anyMatch(m -> m.startsWith("No turning point"));
    }

    @Test
    void aDrumThatOnlyCoolsHasNoTurningPoint() {
        double[] t = IntStream.range(0, 200).asDoubleStream().toArray();
        double[] c = IntStream.range(0, 200).mapToDouble(i -> 200 - i * 0.5).toArray();
        RoastAnalysis a = new RoastAnalyzer(FaultSettings.DEFAULTS)
                .analyze(
                        KnownCurve.log(new Series(t, c)),
                        RoastEvents.of(RoastEvent.at(EventKind.CHARGE, 0)),
                        Band.NONE);
        assertThat(a.figures().turningPoint()).isEmpty();
    }

    @Test
    void anEmptyLogIsNoReasonToFail() {
        RoastAnalysis a = new RoastAnalyzer(FaultSettings.DEFAULTS)
                .analyze(KnownCurve.log(Series.empty()), RoastEvents.of(), Band.NONE);
        assertThat(a.missing()).hasSize(4);
        assertThat(a.figures().chargeC()).isEmpty();
        assertThat(a.figures().phases().drying()).isEmpty();
    }

    @Test
    void readingsAfterTheDropDoNotCount() {
        Series bean = KnownCurve.steady().readings(0.1, 3);
        RoastEvents early = KnownCurve.events().with(EventKind.DROP, 560);
        RoastAnalysis a = new RoastAnalyzer(FaultSettings.DEFAULTS).analyze(KnownCurve.log(bean), early, Band.NONE);
        assertThat(a.ror().timeS(a.ror().size() - 1)).isLessThanOrEqualTo(560);
        assertThat(a.log().beanC().size()).isEqualTo(bean.size());
    }

    @Test
    void aTurningPointMarkedByHandIsHeeded() {
        RoastEvents marked = KnownCurve.events().with(EventKind.TURNING_POINT, 80);
        RoastAnalysis a = new RoastAnalyzer(FaultSettings.DEFAULTS)
                .analyze(KnownCurve.log(KnownCurve.steady().readings(0.1, 3)), marked, Band.NONE);
        assertThat(a.figures().turningPoint().orElseThrow().timeS()).isEqualTo(80);
    }

    @Test
    void aFastFallDuringDryingIsNoCrash() {
        KnownCurve early = KnownCurve.of(t -> t < 150 ? 24 : t < 190 ? 24 - (t - 150) / 40 * 12 : 12 - (t - 190) / 60);
        for (long seed = 1; seed <= 20; seed++) {
            assertThat(KnownCurve.analyze(early.readings(0.15, seed)).faults(Fault.Kind.CRASH))
                    .isEmpty();
        }
    }

    @Test
    void aDipThatComesBackIsNoStall() {
        KnownCurve dip = KnownCurve.of(t -> {
            double r = KnownCurve.steadyRor(t);
            return t > 380 && t < 440 ? r - 6 * Math.sin((t - 380) / 60 * Math.PI) : r;
        });
        for (long seed = 1; seed <= 20; seed++) {
            assertThat(KnownCurve.analyze(dip.readings(0.15, seed)).faults(Fault.Kind.STALL))
                    .isEmpty();
        }
    }

    @Test
    void twoCrashesAreTwo() {
        KnownCurve twice = KnownCurve.of(t -> {
            if (t < 330) {
                return t < 120 ? 24 : 24 - (t - 120) / 210 * 8;
            }
            if (t < 450) {
                return t < 355 ? 16 - (t - 330) / 25 * 8 : 8 + (t - 355) / 95 * 3;
            }
            return Math.max(3, 11 - Math.max(0, t - 480) / 25 * 8);
        });
        List<Fault> crashes = KnownCurve.analyze(twice.readings(0.1, 9)).faults(Fault.Kind.CRASH);
        assertThat(crashes).hasSize(2);
        assertThat(crashes.get(0).fromS()).isCloseTo(330, within(12.0));
        assertThat(crashes.get(1).fromS()).isCloseTo(480, within(12.0));
    }

    @Test
    void withoutAFirstCrackASteepFallIsStillNamed() {
        RoastAnalysis a = new RoastAnalyzer(FaultSettings.DEFAULTS)
                .analyze(
                        KnownCurve.log(KnownCurve.crash(480).readings(0.1, 3)),
                        KnownCurve.events().without(EventKind.FIRST_CRACK),
                        Band.NONE);
        assertThat(a.faults(Fault.Kind.CRASH)).hasSize(1);
    }

    @Test
    void faultsAreInOrderOfTimeAndInsideTheRoast() {
        for (long seed = 1; seed <= 20; seed++) {
            RoastAnalysis a = KnownCurve.analyze(KnownCurve.crash(480).readings(0.3, seed, 0.1, true));
            assertThat(a.faults()).isSortedAccordingTo((x, y) -> Double.compare(x.fromS(), y.fromS()));
            assertThat(a.faults()).allSatisfy(f -> {
                assertThat(f.fromS()).isLessThanOrEqualTo(f.toS());
                assertThat(f.toS()).isLessThanOrEqualTo(KnownCurve.DROP_S);
                assertThat(f.depthCPerMin()).isNotNegative();
            });
        }
    }
}
