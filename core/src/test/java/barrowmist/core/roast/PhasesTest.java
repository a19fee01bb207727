package barrowmist.core.roast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PhasesTest {

    private static Optional<Milestone> at(double timeS, double beanC) {
        return Optional.of(new Milestone(timeS, beanC));
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10})
    void sharesAddUpToTheWhole(long seed) {
        Random random = new Random(seed);
        double dry = 200 + 200 * random.nextDouble();
        double crack = dry + 60 + 200 * random.nextDouble();
        double drop = crack + 20 + 200 * random.nextDouble();
        Phases phases = Phases.of(at(70, 95), at(dry, 160), at(crack, 196), at(drop, 206));
        double sum = phases.drying().orElseThrow().sharePct().getAsDouble()
                + phases.browning().orElseThrow().sharePct().getAsDouble()
                + phases.development().orElseThrow().sharePct().getAsDouble();
        assertThat(sum).isCloseTo(100, within(1e-9));
        assertThat(phases.browning().orElseThrow().durationS()).isCloseTo(crack - dry, within(1e-9));
    }

    @Test
    void dryingRisesFromTheTurningPoint() {
        Phases.Phase drying = Phases.of(at(60, 100), at(300, 160), at(480, 196), at(600, 206))
                .drying()
                .orElseThrow();
        assertThat(drying.riseC()).isEqualTo(60);
        assertThat(drying.meanRorCPerMin()).isEqualTo(15);
        assertThat(drying.durationS()).isEqualTo(300);
    }

    @Test
    void withoutADropTheTimesAreKnownAndTheSharesAreNot() {
        Phases phases = Phases.of(at(60, 100), at(300, 160), at(480, 196), Optional.empty());
        assertThat(phases.drying().orElseThrow().sharePct()).isEmpty();
        assertThat(phases.browning().orElseThrow().durationS()).isEqualTo(180);
        assertThat(phases.development()).isEmpty();
    }

    @Test
    void withoutDryEndOnlyDevelopmentIsKnown() {
        Phases phases = Phases.of(at(60, 100), Optional.empty(), at(480, 196), at(600, 206));
        assertThat(phases.drying()).isEmpty();
        assertThat(phases.browning()).isEmpty();
        assertThat(phases.development().orElseThrow().sharePct()).hasValue(20);
    }
}
