package barrowmist.core.cupping;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** Five cups of the protocol's 8.25 g (SCA cupping protocol, from memory), and one dose to purge. */
class SampleNeedsTest {

    private static final SampleNeeds FIVE = new SampleNeeds(8.25, 5, 1);

    @Test
    void aDoseForEachCupAndOneForTheGrinder() {
        assertThat(FIVE.grams()).isEqualTo(49.5);
        assertThat(new SampleNeeds(8.25, 10, 2).grams()).isEqualTo(99);
    }

    @Test
    void whatSufficesOrIsNotKnownIsNotSpokenOf() {
        assertThat(FIVE.warning(OptionalDouble.of(49.5), 0)).isEmpty();
        assertThat(FIVE.warning(OptionalDouble.empty(), 80)).isEmpty();
        assertThat(FIVE.warning(OptionalDouble.of(130), 80)).isEmpty();
    }

    @Test
    void whatIsMissingIsSaidWithWhatIsKept() {
        assertThat(FIVE.warning(OptionalDouble.of(40), 0))
                .hasValue("Needs 49.5 g (5 cups of 8.25 g, and a dose to purge the grinder); 40 g are there.");
        assertThat(FIVE.warning(OptionalDouble.of(104.4), 80))
                .hasValueSatisfying(
                        t -> assertThat(t).endsWith("24.4 g are there without the 80 g that the ageing study keeps."));
        assertThat(FIVE.warning(OptionalDouble.of(50), 80))
                .hasValueSatisfying(t -> assertThat(t).contains("0 g are there without"));
    }
}
