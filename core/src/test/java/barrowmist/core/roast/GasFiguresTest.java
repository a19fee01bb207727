package barrowmist.core.roast;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Where the gas stood, each value for as long as it was held. */
class GasFiguresTest {

    private static final Series GAS = new Series(new double[] {0, 100, 300, 500}, new double[] {80, 60, 50, 20});

    private static Optional<Milestone> at(double timeS) {
        return Optional.of(new Milestone(timeS, 150));
    }

    @Test
    void eachStretchHasItsOwnMean() {
        GasFigures gas = GasFigures.of(GAS, at(200), at(520));
        assertThat(gas.dryingPct()).hasValue(70);
        // 100 s at 60, 200 s at 50 and 20 s at 20
        assertThat(gas.browningPct()).hasValue((6000 + 10000 + 400) / 320.0);
        assertThat(gas.of(GasFigures.Stretch.BEFORE_CRACK)).hasValue((40 * 50 + 20 * 20) / 60.0);
    }

    @Test
    void whatHasNoEndHasNoMean() {
        assertThat(GasFigures.of(GAS, Optional.empty(), Optional.empty())).isEqualTo(GasFigures.NONE);
        assertThat(GasFigures.of(Series.empty(), at(200), at(520))).isEqualTo(GasFigures.NONE);
        assertThat(GasFigures.of(GAS, at(200), Optional.empty()).browningPct()).isEmpty();
        assertThat(GasFigures.of(GAS, Optional.empty(), at(520)).browningPct()).isEmpty();
        assertThat(GasFigures.of(GAS, Optional.empty(), at(520)).beforeCrackPct())
                .isPresent();
    }
}
