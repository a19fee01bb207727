package barrowmist.core.trace;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.device.DrumKind;
import barrowmist.core.trace.ChangeTrial.Outcome;
import barrowmist.core.trace.ChangeTrial.Wrong;
import barrowmist.core.trace.LabTrial.Tally;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The one change, made on drums that the model is not; the long form is benchmarks/changes. */
class ChangeTrialTest {

    private static final int EACH = 5;
    private static final long SEED = 5_000_000;

    @ParameterizedTest
    @EnumSource(DrumKind.class)
    void theChangeGoesTheRightWayAndMostlyMendsIt(DrumKind kind) {
        ChangeTrial trial = new ChangeTrial(kind, 20, 0);
        assertThat(trial.believed()).isTrue();
        Outcome all = new Outcome();
        for (Wrong wrong : Wrong.values()) {
            for (int i = 0; i < EACH; i++) {
                trial.meet(wrong, SEED + i);
            }
        }
        trial.outcomes.values().forEach(all::add);
        assertThat(all.rightWay.n).isGreaterThan(2 * EACH);
        assertThat(all.rightWay.share()).as("right way").isGreaterThan(0.97);
        assertThat(all.gone.share()).as("gone").isGreaterThan(0.85);
        Tally size = all.size;
        assertThat(size.share()).as("size of %d", size.n).isGreaterThan(0.55);
    }
}
