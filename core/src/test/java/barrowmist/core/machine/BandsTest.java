package barrowmist.core.machine;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.device.DrumKind;
import barrowmist.core.machine.BandTrial.Result;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * A short form of {@code benchmarks/bands}, whose table, each row over more than 600 roasts left out, stands in docs/bands.md: what
 * a normal distribution has within one and two standard deviations, 68 and 95 %, within what so few roasts can show.
 */
class BandsTest {

    @ParameterizedTest
    @EnumSource(DrumKind.class)
    void bandsHoldAndAreWorthSomethingOnEveryDrum(DrumKind kind) {
        Result result = BandTrial.of(kind, 10, 1, 24);
        assertThat(result.believed()).isEqualTo(1);
        result.tallies().forEach((figure, tally) -> {
            assertThat(tally.n()).as(figure.label()).isGreaterThanOrEqualTo(21);
            assertThat(tally.within1()).as("%s within 1 sd", figure.label()).isGreaterThan(0.45);
            assertThat(tally.stated() / tally.error())
                    .as("%s, stated against true", figure.label())
                    .isBetween(0.5, 2.2);
            assertThat(tally.within2()).as("%s within 2 sd", figure.label()).isBetween(0.8, 1.0);
            assertThat(tally.error() / tally.usualError())
                    .as("%s against the usual value", figure.label())
                    .isLessThan(0.75);
        });
    }

    @Test
    void sixLogsGiveWideButHonestBands() {
        Result result = BandTrial.of(DrumKind.GAS, 6, 1, 24);
        assertThat(result.believed()).isPositive();
        result.tallies().forEach((figure, tally) -> {
            assertThat(tally.within1()).as("%s within 1 sd", figure.label()).isGreaterThan(0.4);
            assertThat(tally.within2()).as("%s within 2 sd", figure.label()).isGreaterThan(0.7);
        });
    }
}
