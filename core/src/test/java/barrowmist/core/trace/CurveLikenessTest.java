package barrowmist.core.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.roast.Band;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.FaultSettings;
import barrowmist.core.roast.KnownCurve;
import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.roast.RoastAnalyzer;
import barrowmist.core.roast.RoastEvents;
import barrowmist.core.roast.RoastLog;
import barrowmist.core.roast.Series;
import org.junit.jupiter.api.Test;

class CurveLikenessTest {

    private static double[] shape(KnownCurve curve, long seed) {
        return CurveLikeness.shape(analysis(curve.readings(0.1, seed), KnownCurve.events(), 1))
                .orElseThrow();
    }

    /** The same curve in so many times its time. */
    private static RoastAnalysis analysis(Series bean, RoastEvents events, double slower) {
        double[] t = bean.timesS();
        for (int i = 0; i < t.length; i++) {
            t[i] *= slower;
        }
        RoastLog log = new RoastLog(
                new Series(t, bean.values()), Series.empty(), Series.empty(), Series.empty(), Series.empty());
        RoastEvents marked = RoastEvents.of();
        for (EventKind kind : EventKind.values()) {
            if (events.timeS(kind).isPresent()) {
                marked = marked.with(kind, slower * events.timeS(kind).getAsDouble());
            }
        }
        return new RoastAnalyzer(FaultSettings.DEFAULTS).analyze(log, marked, Band.NONE);
    }

    @Test
    void theSameShapeIsAlikeAndACrashIsNot() {
        double[] steady = shape(KnownCurve.steady(), 1);
        double same = CurveLikeness.of(steady, shape(KnownCurve.steady(), 2));
        double crash = CurveLikeness.of(steady, shape(KnownCurve.crash(480), 3));
        assertThat(same).isGreaterThan(0.9);
        assertThat(crash).isLessThan(same - 0.15);
        assertThat(CurveLikeness.of(steady, steady)).isEqualTo(1);
    }

    @Test
    void aSlowerRoastOfTheSameShapeIsAlike() {
        double[] slow = CurveLikeness.shape(analysis(KnownCurve.steady().readings(0.1, 1), KnownCurve.events(), 1.25))
                .orElseThrow();
        assertThat(CurveLikeness.of(shape(KnownCurve.steady(), 1), slow)).isCloseTo(1, within(0.12));
    }

    @Test
    void withoutItsEventsACurveHasNoShape() {
        assertThat(CurveLikeness.shape(analysis(KnownCurve.steady().readings(0.1, 1), RoastEvents.of(), 1)))
                .isEmpty();
    }
}
