package barrowmist.core.machine.thermal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.roast.RoastLog;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class DrumTrackerTest {

    private static final MachineConstants MACHINE = MachineConstants.guess(150);
    private static final ControlLevels LEVELS = new ControlLevels(70, 45, MACHINE.usualRpm());
    private static final BatchConditions BATCH = new BatchConditions(120, 11, 6.5, 190, OptionalDouble.empty(), 22);
    private static final double END_S = 500;

    private static RoastLog roast(MachineConstants machine) {
        return new DrumSimulation(machine)
                .run(BATCH, (t, c) -> LEVELS, END_S, (t, c) -> false)
                .log();
    }

    private static DrumTracker tracked(RoastLog log, double untilS, double noiseC) {
        Random random = new Random(4);
        DrumTracker tracker = new DrumTracker(MACHINE, BATCH, LEVELS);
        for (int i = 1; i < log.beanC().size() && log.beanC().timeS(i) <= untilS; i++) {
            tracker.advance(
                    log.beanC().timeS(i),
                    LEVELS,
                    OptionalDouble.of(log.beanC().value(i) + noiseC * random.nextGaussian()),
                    OptionalDouble.of(log.environmentC().value(i) + noiseC * random.nextGaussian()));
        }
        return tracker;
    }

    private static double at(RoastLog log, double t) {
        return log.beanC().interpolated(t);
    }

    @Test
    void aDrumThatIsAsItsConstantsSayIsForetoldAsItGoes() {
        RoastLog truth = roast(MACHINE);
        DrumTracker tracker = tracked(truth, 200, 0.2);
        RoastLog ahead = tracker.forecast((t, c) -> LEVELS, END_S, (t, c) -> false);
        assertThat(tracker.timeS()).isEqualTo(200);
        assertThat(tracker.heat()).isCloseTo(1, within(0.02));
        assertThat(tracker.uptake()).isCloseTo(1, within(0.05));
        assertThat(at(ahead, 480)).isCloseTo(at(truth, 480), within(1.5));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.93, 1.07})
    void aBurnerThatGivesOtherThanItsConstantsIsFoundOut(double factor) {
        double[] a = MACHINE.toArray();
        a[0] += Math.log(factor);
        RoastLog truth = roast(MACHINE.withFitted(a));
        DrumTracker tracker = tracked(truth, 250, 0.2);
        double tracking = at(tracker.forecast((t, c) -> LEVELS, END_S, (t, c) -> false), 480) - at(truth, 480);
        double blind = at(roast(MACHINE), 480) - at(truth, 480);
        assertThat(Math.abs(tracking)).isLessThan(0.4 * Math.abs(blind));
    }

    @Test
    void itGoesOnThroughAGapAndWithOneProbeAlone() {
        RoastLog truth = roast(MACHINE);
        DrumTracker tracker = tracked(truth, 150, 0);
        tracker.advance(180, LEVELS, OptionalDouble.empty(), OptionalDouble.empty());
        tracker.advance(181, LEVELS, OptionalDouble.of(at(truth, 181)), OptionalDouble.empty());
        tracker.advance(
                182,
                LEVELS,
                OptionalDouble.empty(),
                OptionalDouble.of(truth.environmentC().interpolated(182)));
        // an old reading is left alone
        tracker.advance(100, LEVELS, OptionalDouble.of(20), OptionalDouble.of(20));
        assertThat(tracker.timeS()).isEqualTo(182);
        assertThat(at(tracker.forecast((t, c) -> LEVELS, END_S, (t, c) -> false), 300))
                .isCloseTo(at(truth, 300), within(1.0));
        assertThat(tracker.beanC()).isBetween(60.0, 160.0);
    }
}
