package barrowmist.core.roast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.units.Temperature;
import java.util.OptionalDouble;
import java.util.stream.DoubleStream;
import org.junit.jupiter.api.Test;

class RoastAnalyzerTest {

    private static final RoastAnalyzer ANALYZER = new RoastAnalyzer(FaultSettings.DEFAULTS);

    private static RoastAnalysis analyze(Series bean, RoastEvents events) {
        return ANALYZER.analyze(KnownCurve.log(bean), events, Band.NONE);
    }

    /**
     * A worked medium-light roast, 500 g drum (common practice, no published source): charge 384.5 °F, turning point 1:33
     * at 270.5 °F, dry end 5:12 at 355.8 °F, first crack 8:30, drop 10:15 at 398 °F; phases about 51 / 32 / 17 %.
     */
    private static Series workedRoast() {
        // degrees at first crack chosen on the way from dry end to drop; the example gives none
        double[] knotS = {0, 93, 312, 510, 615};
        double[] knotF = {384.5, 270.5, 355.8, 386, 398};
        double[] t = DoubleStream.iterate(0, s -> s <= 615, s -> s + 1).toArray();
        double[] c = DoubleStream.of(t)
                .map(s -> Temperature.ofFahrenheit(between(knotS, knotF, s)).c())
                .toArray();
        return new Series(t, c);
    }

    /** Half cosine down to the turning point, parabola-like rise after it, straight on between the later knots. */
    private static double between(double[] knotS, double[] knotF, double s) {
        int i = 0;
        while (i < knotS.length - 2 && s > knotS[i + 1]) {
            i++;
        }
        double share = (s - knotS[i]) / (knotS[i + 1] - knotS[i]);
        double eased = i == 0 ? Math.sin(share * Math.PI / 2) : i == 1 ? 1 - Math.cos(share * Math.PI / 2) : share;
        return knotF[i] + eased * (knotF[i + 1] - knotF[i]);
    }

    @Test
    void phasesOfTheWorkedRoast() {
        RoastEvents events = RoastEvents.of(
                RoastEvent.at(EventKind.CHARGE, 0),
                RoastEvent.at(EventKind.DRY_END, 312),
                RoastEvent.at(EventKind.FIRST_CRACK, 510),
                RoastEvent.at(EventKind.DROP, 615));
        RoastFigures f = analyze(workedRoast(), events).figures();
        assertThat(f.phases().drying().orElseThrow().sharePct().getAsDouble()).isCloseTo(51, within(0.5));
        assertThat(f.phases().browning().orElseThrow().sharePct().getAsDouble()).isCloseTo(32, within(0.5));
        assertThat(f.phases().development().orElseThrow().sharePct().getAsDouble())
                .isCloseTo(17, within(0.5));
        assertThat(f.developmentS()).hasValue(105);
        assertThat(f.totalS()).hasValue(615);
        assertThat(f.chargeC().getAsDouble())
                .isCloseTo(Temperature.ofFahrenheit(384.5).c(), within(0.01));
        assertThat(f.turningPoint().orElseThrow().timeS()).isCloseTo(93, within(3.0));
        assertThat(f.turningPoint().orElseThrow().beanC())
                .isCloseTo(Temperature.ofFahrenheit(270.5).c(), within(0.6));
        assertThat(f.developmentRiseC().getAsDouble()).isCloseTo(12 / 1.8, within(0.2));
    }

    @Test
    void turningPointIsFoundInNoise() {
        double trueLowS = DoubleStream.iterate(40, s -> s < 120, s -> s + 0.1)
                .boxed()
                .min((a, b) -> Double.compare(
                        KnownCurve.steady().trueC(a), KnownCurve.steady().trueC(b)))
                .orElseThrow();
        for (long seed = 1; seed <= 30; seed++) {
            RoastAnalysis a = KnownCurve.analyze(KnownCurve.steady().readings(0.15, seed, 0.15, true));
            assertThat(a.figures().turningPoint().orElseThrow().timeS()).isCloseTo(trueLowS, within(3.0));
        }
    }

    @Test
    void ratesAtMilestonesAreNearTheTruth() {
        for (long seed = 1; seed <= 30; seed++) {
            RoastFigures f =
                    KnownCurve.analyze(KnownCurve.steady().readings(0.15, seed)).figures();
            assertThat(f.rorAtFirstCrackCPerMin().getAsDouble())
                    .isCloseTo(KnownCurve.steadyRor(KnownCurve.FIRST_CRACK_S), within(0.8));
            assertThat(f.rorAtDropCPerMin().getAsDouble()).isCloseTo(4.5, within(1.5));
            assertThat(f.rorPeak().orElseThrow().cPerMin()).isBetween(19.0, 22.5);
        }
    }

    @Test
    void noRateOfRiseBeforeTheTurningPoint() {
        RoastAnalysis a = KnownCurve.analyze(KnownCurve.steady().readings(0.15, 1));
        assertThat(a.ror().timeS(0))
                .isGreaterThanOrEqualTo(a.figures().turningPoint().orElseThrow().timeS());
        assertThat(a.ror().value(0)).isGreaterThan(-1);
    }

    @Test
    void figuresCountFromChargeWhereverTheLogBegins() {
        Series bean = KnownCurve.steady().readings(0.15, 2);
        RoastAnalysis plain = analyze(bean, KnownCurve.events());
        RoastAnalysis later = analyze(bean.shifted(37), KnownCurve.events().shifted(37));
        assertThat(later.figures().drop().orElseThrow().timeS()).isEqualTo(KnownCurve.DROP_S);
        assertThat(later.figures().turningPoint().orElseThrow().beanC())
                .isCloseTo(plain.figures().turningPoint().orElseThrow().beanC(), within(1e-6));
    }

    @Test
    void withoutFirstCrackThePhasesSayWhatIsMissing() {
        RoastAnalysis a = analyze(
                KnownCurve.steady().readings(0.15, 2), KnownCurve.events().without(EventKind.FIRST_CRACK));
        assertThat(a.figures().phases().drying()).isPresent();
        assertThat(a.figures().phases().browning()).isEmpty();
        assertThat(a.figures().phases().development()).isEmpty();
        assertThat(a.figures().developmentS()).isEmpty();
        assertThat(a.missing()).containsExactly("First crack is not marked: browning and development hang on it.");
    }

    @Test
    void aGapOfTwoMinutesIsSaidAndNotFilled() {
        Series bean = KnownCurve.steady().readings(0.15, 2);
        Series before = bean.slice(0, 300, 0);
        Series after = bean.slice(420, 600, 0);
        Series gappy = new Series(
                DoubleStream.concat(DoubleStream.of(before.timesS()), DoubleStream.of(after.timesS()))
                        .toArray(),
                DoubleStream.concat(DoubleStream.of(before.values()), DoubleStream.of(after.values()))
                        .toArray());
        RoastAnalysis a = KnownCurve.analyze(gappy);
        assertThat(a.notices())
                .containsExactly("No bean reading from 5:00 to 7:00 (120 s): no rate of rise and no faults can be seen"
                        + " there.");
        assertThat(a.ror().slice(301, 419, 0).size()).isZero();
        assertThat(a.faults()).isEmpty();
    }

    @Test
    void aMovedEventRemembersWhereItStood() {
        RoastEvents moved = KnownCurve.events().with(EventKind.FIRST_CRACK, 470).with(EventKind.FIRST_CRACK, 465);
        assertThat(moved.find(EventKind.FIRST_CRACK).orElseThrow())
                .isEqualTo(new RoastEvent(EventKind.FIRST_CRACK, 465, OptionalDouble.of(480)));
        assertThat(moved.with(EventKind.FIRST_CRACK, 480)
                        .find(EventKind.FIRST_CRACK)
                        .orElseThrow()
                        .movedFromS())
                .isEmpty();
    }

    @Test
    void eventsOutOfOrderAreNamed() {
        assertThat(KnownCurve.events().with(EventKind.FIRST_CRACK, 200).problems())
                .containsExactly("first crack at 3:20 lies before dry end at 4:45: it comes after it");
    }

    @Test
    void aReferenceNeedsFiveRoastsAndIgnoresOneWildOne() {
        assertThat(Band.learn(new double[] {1, 2, 3, 4}, 1)).isEqualTo(new Band.NotYetLearned(4));
        Band.Learned learned = (Band.Learned) Band.learn(new double[] {190, 191, 189, 190.5, 240}, 1);
        assertThat(learned.median()).isEqualTo(190.5);
        assertThat(learned.spread()).isLessThan(2);
        assertThat(learned.roasts()).isEqualTo(5);
    }
}
