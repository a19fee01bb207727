package barrowmist.core.desk;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.device.DrumKind;
import barrowmist.core.device.TrialRoasts;
import barrowmist.core.device.TrialRoasts.Mishap;
import barrowmist.core.device.TrialRoasts.Trial;
import barrowmist.core.device.TrueRate;
import barrowmist.core.roast.LiveCurve;
import barrowmist.core.roast.Reading;
import barrowmist.core.roast.RoastLog;
import barrowmist.core.roast.Series;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class HeatWatchTest {

    private static final long SEED = 7_000_000;
    private static final double NEVER = Double.POSITIVE_INFINITY;

    @ParameterizedTest
    @EnumSource(DrumKind.class)
    void aSoundRoastWithItsStepsOfGasAndAirIsLeftAlone(DrumKind kind) {
        for (Trial trial : TrialRoasts.sound(kind, SEED, 20)) {
            assertThat(warnedS(trial.roast().log()))
                    .as("%s %d", kind, trial.seed())
                    .isEqualTo(NEVER);
        }
    }

    @ParameterizedTest
    @EnumSource(
            value = DrumKind.class,
            names = {"GAS", "HOT_AIR"})
    void aFlameThatFailsIsSeenWithinSeconds(DrumKind kind) {
        int compared = 0;
        for (int i = 0; i < 20; i++) {
            Trial failing = TrialRoasts.of(kind, SEED + i, Mishap.FLAME_FAILS);
            double failedS = parted(failing, TrialRoasts.of(kind, SEED + i, Mishap.NONE));
            if (Double.isNaN(failedS)) {
                continue;
            }
            compared++;
            assertThat(warnedS(failing.roast().log()) - failedS)
                    .as("%s %d, failed at %.0f s", kind, i, failedS)
                    .isBetween(0.0, 12.0);
        }
        assertThat(compared).isGreaterThan(12);
    }

    @Test
    void onHotAirTheLowestRateComesTooSoonAfterTheFailureForMore() {
        int compared = 0;
        for (int i = 0; i < 20; i++) {
            Trial failing = TrialRoasts.of(DrumKind.HOT_AIR, SEED + i, Mishap.FLAME_FAILS);
            double failedS = parted(failing, TrialRoasts.of(DrumKind.HOT_AIR, SEED + i, Mishap.NONE));
            TrueRate rate = new TrueRate(failing);
            if (!Double.isNaN(failedS)) {
                compared++;
                assertThat(rate.lowestS(rate.crashS().orElseThrow()) - failedS).isLessThan(18);
            }
        }
        assertThat(compared).isGreaterThan(12);
    }

    @Test
    void aCutByHandExplainsAFallAndAnEmptyProbeSaysNothing() {
        assertThat(warnedS(step(60, 30))).isEqualTo(NEVER);
        assertThat(warnedS(step(60, 60))).isEqualTo(304);
        RoastLog seen = step(60, 60);
        assertThat(warnedS(
                        new RoastLog(seen.beanC(), Series.empty(), seen.gasPct(), seen.airflowPct(), seen.drumRpm())))
                .isEqualTo(NEVER);
    }

    /** The environment falls by 1.2 °C a second from 300 s on; the gas goes from one level to another then. */
    private static RoastLog step(double gasFrom, double gasTo) {
        double[] t = new double[400];
        double[] bean = new double[400];
        double[] environment = new double[400];
        double[] gas = new double[400];
        for (int s = 0; s < 400; s++) {
            t[s] = s;
            bean[s] = s < 60 ? 180 - 2 * s : 60 + 0.3 * (s - 60);
            environment[s] = 220 - 1.2 * Math.max(0, s - 299);
            gas[s] = s < 300 ? gasFrom : gasTo;
        }
        return new RoastLog(
                new Series(t, bean), new Series(t, environment), new Series(t, gas), Series.empty(), Series.empty());
    }

    /** When the environment of the failing roast leaves that of the same roast with its flame; not a number where that one was begun anew. */
    private static double parted(Trial failing, Trial sound) {
        Series a = failing.clean().log().environmentC();
        Series b = sound.clean().log().environmentC();
        boolean sameDay = Math.abs(b.value(0) - a.value(0)) < 0.01;
        for (int i = 0; sameDay && i < Math.min(a.size(), b.size()); i++) {
            if (b.value(i) - a.value(i) > 0.3) {
                return a.timeS(i);
            }
        }
        return Double.NaN;
    }

    private static double warnedS(RoastLog log) {
        HeatWatch watch = new HeatWatch();
        LiveCurve curve = new LiveCurve();
        for (int i = 0; i < log.beanC().size(); i++) {
            double s = log.beanC().timeS(i);
            curve.add(new Reading(
                    s,
                    OptionalDouble.of(log.beanC().value(i)),
                    at(log.environmentC(), s),
                    at(log.gasPct(), s),
                    at(log.airflowPct(), s),
                    OptionalDouble.empty()));
            if (watch.look(curve).isPresent()) {
                return s;
            }
        }
        return NEVER;
    }

    private static OptionalDouble at(Series series, double s) {
        return series.isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(series.held(s));
    }
}
