package barrowmist.core.machine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.machine.Pace.Left;
import barrowmist.core.machine.Pace.Roast;
import barrowmist.core.machine.thermal.BatchConditions;
import barrowmist.core.machine.thermal.FitRoast;
import barrowmist.core.machine.thermal.ProbeLag;
import barrowmist.core.roast.Band;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.FaultSettings;
import barrowmist.core.roast.RoastAnalyzer;
import barrowmist.core.roast.RoastEvent;
import barrowmist.core.roast.RoastEvents;
import barrowmist.core.roast.RoastFigures;
import barrowmist.core.roast.RoastLog;
import barrowmist.core.roast.Series;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class PaceTest {

    private static RoastLog log(DoubleUnaryOperator bean) {
        double[] t = IntStream.rangeClosed(0, 700).asDoubleStream().toArray();
        double[] v = java.util.Arrays.stream(t).map(bean).toArray();
        return new RoastLog(new Series(t, v), Series.empty(), Series.empty(), Series.empty(), Series.empty());
    }

    private static Roast roast(RoastLog log, double dryC, double crackC) {
        Series bean = log.beanC();
        double dry = bean.risesTo(dryC, 100).orElseThrow();
        double crack = bean.risesTo(crackC, 100).orElseThrow();
        RoastEvents events = RoastEvents.of(
                RoastEvent.at(EventKind.CHARGE, 0),
                RoastEvent.at(EventKind.DRY_END, dry),
                RoastEvent.at(EventKind.FIRST_CRACK, crack),
                RoastEvent.at(EventKind.DROP, crack + 60));
        RoastFigures figures = new RoastAnalyzer(FaultSettings.DEFAULTS)
                .analyze(log, events, Band.NONE)
                .figures();
        return new Roast(log, figures);
    }

    /** Rises by {@code cPerMin} throughout once it has turned at 80 s and 90 °C. */
    private static Roast even(double cPerMin) {
        return roast(log(t -> t < 80 ? 190 - 1.25 * t : 90 + (t - 80) / 60 * cPerMin), 150, 180);
    }

    @Test
    void whatRisesEvenlyTakesItsWayOverItsRate() {
        Pace pace = Pace.of(List.of(even(12), even(13), even(14), even(15), even(16)));
        assertThat(pace.roasts()).isEqualTo(5);
        for (double rate : new double[] {12.5, 14, 15.5}) {
            Left left = pace.until(140, rate, 180).orElseThrow();
            assertThat(left.seconds()).isCloseTo(40 / rate * 60, within(2.0));
            assertThat(left.plusMinus()).isLessThan(8);
        }
        assertThat(pace.record().at(EventKind.FIRST_CRACK, 120).orElseThrow().sd())
                .isLessThan(10);
    }

    @Test
    void itSaysNothingOfWhatItDoesNotKnow() {
        assertThat(Pace.none().until(140, 12, 180)).isEmpty();
        assertThat(Pace.of(List.of(even(12), even(13))).until(140, 12, 180))
                .as("two roasts are too few")
                .isEmpty();
        Pace pace = Pace.of(List.of(even(12), even(13), even(14)));
        assertThat(pace.until(181, 12, 180)).as("it is past that already").isEmpty();
        assertThat(pace.until(140, 0.2, 180)).as("it does not rise").isEmpty();
        assertThat(pace.until(140, 12, 400)).as("no roast came so far").isEmpty();
    }

    @Test
    void theLagOfAProbeIsReadOffItsFall() {
        for (double lag : new double[] {5, 12, 25}) {
            // a probe of one lag in beans that warm from 22 °C by a degree a second at first
            double[] t = IntStream.rangeClosed(0, 200).asDoubleStream().toArray();
            double[] v = new double[t.length];
            double probe = 190;
            for (int i = 0; i < t.length; i++) {
                v[i] = probe;
                for (int k = 0; k < 20; k++) {
                    double bean = 22 + 80 * (1 - Math.exp(-(t[i] + k / 20.0) / 70));
                    probe += (bean - probe) / lag / 20;
                }
            }
            RoastLog log =
                    new RoastLog(new Series(t, v), Series.empty(), Series.empty(), Series.empty(), Series.empty());
            FitRoast roast = new FitRoast(
                    new BatchConditions(120, 11, 6.5, 190, OptionalDouble.empty(), 22),
                    log,
                    new RoastAnalyzer(FaultSettings.DEFAULTS)
                            .analyze(log, RoastEvents.of(RoastEvent.at(EventKind.CHARGE, 0)), Band.NONE)
                            .figures());
            assertThat(ProbeLag.of(List.of(roast)).orElseThrow()).isCloseTo(lag, within(0.3 * lag));
        }
        assertThat(ProbeLag.of(List.of())).isEqualTo(OptionalDouble.empty());
    }

    @Test
    void aRoastWithoutATurningPointTeachesNothing() {
        Roast none = new Roast(
                log(t -> 150),
                new RoastFigures(
                        OptionalDouble.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        OptionalDouble.empty(),
                        OptionalDouble.empty(),
                        Optional.empty()));
        assertThat(Pace.of(List.of(none)).roasts()).isZero();
    }
}
