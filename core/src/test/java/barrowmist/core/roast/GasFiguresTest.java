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
        GasFigures gas = GasFigures.of(GAS, at(200), at(480), at(520));
        assertThat(gas.dryingPct()).hasValue(70);
        // 100 s at 60 and 180 s at 50
        assertThat(gas.browningPct()).hasValue((6000 + 9000) / 280.0);
        assertThat(gas.of(GasFigures.Stretch.BEFORE_CRACK)).hasValue(50);
        assertThat(gas.of(GasFigures.Stretch.DEVELOPMENT)).hasValue((20 * 50 + 20 * 20) / 40.0);
    }

    @Test
    void whatHasNoEndHasNoMean() {
        assertThat(GasFigures.of(GAS, Optional.empty(), Optional.empty(), Optional.empty()))
                .isEqualTo(GasFigures.NONE);
        assertThat(GasFigures.of(Series.empty(), at(200), at(480), at(520))).isEqualTo(GasFigures.NONE);
        assertThat(GasFigures.of(GAS, at(200), Optional.empty(), Optional.empty())
                        .browningPct())
                .isEmpty();
        GasFigures notDry = GasFigures.of(GAS, Optional.empty(), at(520), Optional.empty());
        assertThat(notDry.browningPct()).isEmpty();
        assertThat(notDry.beforeCrackPct()).isPresent();
        assertThat(notDry.developmentPct()).isEmpty();
    }
}
