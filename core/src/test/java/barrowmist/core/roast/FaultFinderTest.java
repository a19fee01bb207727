package barrowmist.core.roast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.machine.MachineReference;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class FaultFinderTest {

    private static final int SEEDS = 40;

    private static List<Fault> faults(KnownCurve curve, double noiseC, long seed, Fault.Kind kind) {
        return KnownCurve.analyze(curve.readings(noiseC, seed)).faults(kind);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.05, 0.15, 0.45})
    void aSteadyDeclineHasNoCrashHoweverNoisy(double noiseC) {
        for (long seed = 1; seed <= SEEDS; seed++) {
            assertThat(faults(KnownCurve.steady(), noiseC, seed, Fault.Kind.CRASH))
                    .isEmpty();
        }
    }

    @Test
    void aSteadyDeclineHasNoFaultAtAll() {
        for (long seed = 1; seed <= SEEDS; seed++) {
            assertThat(KnownCurve.analyze(KnownCurve.steady().readings(0.15, seed))
                            .faults())
                    .isEmpty();
        }
    }

    @ParameterizedTest(name = "from {0} s, {1} lost, uneven {2}")
    @CsvSource({"485, 0, false", "470, 0, false", "500, 0.15, true"})
    void aTrueCrashIsFoundAndDated(double fromS, double lost, boolean uneven) {
        for (long seed = 1; seed <= SEEDS; seed++) {
            Series bean = KnownCurve.crash(fromS).readings(0.15, seed, lost, uneven);
            List<Fault> crashes = KnownCurve.analyze(bean).faults(Fault.Kind.CRASH);
            assertThat(crashes).hasSize(1);
            assertThat(crashes.get(0).fromS()).isCloseTo(fromS, within(10.0));
            assertThat(crashes.get(0).toS()).isCloseTo(fromS + 25, within(10.0));
            assertThat(crashes.get(0).depthCPerMin()).isBetween(3.5, 7.0);
        }
    }

    @Test
    void anIntendedSteadyFallBeforeFirstCrackIsNoCrash() {
        // from 13 to 6.5 °C/min in the 50 s up to 10 s before first crack, then slowly on to 4
        KnownCurve intended = KnownCurve.of(t -> {
            if (t < 420) {
                return t < 120 ? 21 : 21 - (t - 120) / 300 * 8;
            }
            return t < 470 ? 13 - (t - 420) / 50 * 6.5 : 6.5 - (t - 470) / 130 * 2.5;
        });
        for (long seed = 1; seed <= SEEDS; seed++) {
            assertThat(faults(intended, 0.15, seed, Fault.Kind.CRASH)).isEmpty();
        }
    }

    @Test
    void theSameFallAfterFirstCrackIsACrash() {
        KnownCurve late = KnownCurve.of(t -> {
            if (t < 490) {
                return t < 120 ? 21 : 21 - (t - 120) / 370 * 8;
            }
            return t < 540 ? 13 - (t - 490) / 50 * 6.5 : 6.5;
        });
        for (long seed = 1; seed <= SEEDS; seed++) {
            assertThat(faults(late, 0.15, seed, Fault.Kind.CRASH)).hasSize(1);
        }
    }

    @Test
    void aTurnUpwardIsAFlick() {
        KnownCurve flick = KnownCurve.of(t -> {
            double r = KnownCurve.steadyRor(t);
            return t < 500 ? r : r + Math.min(4, (t - 500) / 8);
        });
        for (long seed = 1; seed <= SEEDS; seed++) {
            List<Fault> flicks = faults(flick, 0.15, seed, Fault.Kind.FLICK);
            assertThat(flicks).hasSize(1);
            assertThat(flicks.get(0).fromS()).isCloseTo(500, within(15.0));
        }
    }

    @Test
    void aLongFlatIsAStall() {
        // down to 6.5 °C/min, where it stays for two minutes
        KnownCurve flat = flatAt(6.5);
        for (long seed = 1; seed <= SEEDS; seed++) {
            List<Fault> stalls = faults(flat, 0.15, seed, Fault.Kind.STALL);
            assertThat(stalls).hasSize(1);
            assertThat(stalls.get(0).fromS()).isCloseTo(330, within(35.0));
            assertThat(stalls.get(0).toS()).isCloseTo(450, within(35.0));
            // the steady fall before it, 4.43 °C/min a minute, would have been at nothing after 88 of the 120 s
            assertThat(stalls.get(0).depthCPerMin()).isCloseTo(6.5, within(1.5));
        }
    }

    private static KnownCurve flatAt(double level) {
        return KnownCurve.of(t -> t < 120
                ? 22
                : t < 330 ? 22 - (t - 120) / 210 * (22 - level) : t < 450 ? level : level - (t - 450) / 150 * 5);
    }

    @ParameterizedTest
    @ValueSource(doubles = {11.5, 11.75, 12})
    void aPlateauThatStillCarriesTheRoastOnIsNoStall(double level) {
        for (long seed = 1; seed <= SEEDS; seed++) {
            assertThat(faults(flatAt(level), 0.15, seed, Fault.Kind.STALL)).isEmpty();
        }
    }

    @Test
    void aStallWeighsByItsLengthAndByHowLowItLies() {
        assertThat(size(1, 1, 60)).isCloseTo(1, within(1e-9));
        assertThat(size(4.5, 4.5, 120)).isCloseTo(2, within(1e-9));
        assertThat(size(7, 6.5, 60)).isCloseTo(0.5, within(1e-9));
        assertThat(size(9, 8.9, 120)).isLessThan(0.03);
    }

    private static double size(double fromCPerMin, double toCPerMin, double forS) {
        return FaultSettings.DEFAULTS.size(new Fault(Fault.Kind.STALL, 300, 300 + forS, 1, fromCPerMin, toCPerMin));
    }

    @Test
    void creepingNearZeroIsAStall() {
        KnownCurve creeping = KnownCurve.of(t -> t < 500 ? Math.max(6, 22 - Math.max(0, t - 120) / 24) : 0.8);
        List<Fault> stalls = faults(creeping, 0.15, 11, Fault.Kind.STALL);
        assertThat(stalls).isNotEmpty();
        assertThat(stalls.get(stalls.size() - 1).toS()).isGreaterThan(570);
    }

    @Test
    void aPeakAboveTheMachinesBandIsASurge() {
        Series bean =
                KnownCurve.of(t -> t < 120 ? 28 : 28 - (t - 120) / 480 * 23).readings(0.15, 4);
        MachineReference usual = new MachineReference(
                new Band.NotYetLearned(0),
                new Band.NotYetLearned(0),
                new Band.NotYetLearned(0),
                new Band.NotYetLearned(0),
                new Band.NotYetLearned(0),
                Band.learn(new double[] {21, 21.5, 22, 21.8, 21.2}, 0.5));
        RoastAnalyzer analyzer = new RoastAnalyzer(FaultSettings.DEFAULTS);
        RoastLog log = KnownCurve.log(bean);
        assertThat(analyzer.analyze(log, KnownCurve.events(), usual.peakCPerMin())
                        .faults(Fault.Kind.SURGE))
                .singleElement()
                .satisfies(f -> assertThat(f.depthCPerMin()).isBetween(3.0, 6.5));
        assertThat(analyzer.analyze(log, KnownCurve.events(), Band.NONE).faults(Fault.Kind.SURGE))
                .isEmpty();
    }
}
