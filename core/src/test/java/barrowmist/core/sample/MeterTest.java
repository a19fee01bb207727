package barrowmist.core.sample;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.sample.Meter.Counts;
import barrowmist.core.sample.Meter.Kind;
import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class MeterTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 3, 31);

    private static Meter meter(String name, LocalDate on, int every) {
        return new Meter(name, Kind.MOISTURE, Optional.ofNullable(on), every, "", Counts.MORE_IS_LIGHTER);
    }

    @Test
    void itIsDueOnItsDayAndSaysSo() {
        assertThat(meter("Moist 1", TODAY.minusDays(29), 30).note(TODAY)).isEmpty();
        assertThat(meter("Moist 1", TODAY.minusDays(30), 30).note(TODAY))
                .contains("Moist 1: calibrated on 2026-03-01, due since 2026-03-31.");
        assertThat(meter("Moist 1", null, 30).note(TODAY)).contains("Moist 1: nobody said when it was calibrated.");
    }

    @Test
    void aMeterThatCountsTheOtherWayIsTurnedRound() {
        assertThat(Counts.MORE_IS_DARKER.kept(42)).isEqualTo(58);
        assertThat(Counts.MORE_IS_DARKER.kept(Counts.MORE_IS_DARKER.kept(37.5))).isEqualTo(37.5);
        assertThat(Counts.MORE_IS_LIGHTER.kept(42)).isEqualTo(42);
    }

    @Test
    void whatNoMeterHasIsRefused() {
        assertThat(Meter.problems(List.of(meter("A", TODAY, 30), meter("B", null, 1)), TODAY))
                .isEmpty();
        assertThat(Meter.problems(List.of(meter("A", TODAY, 30), meter("a", TODAY, 30)), TODAY))
                .anyMatch(p -> p.message().contains("there twice"));
        assertThat(Meter.problems(List.of(meter("", TODAY, 30)), TODAY)).isNotEmpty();
        assertThat(Meter.problems(List.of(meter("A", TODAY.plusDays(1), 30)), TODAY))
                .anyMatch(p -> p.message().contains("a day to come"));
        assertThat(Meter.problems(List.of(meter("A", TODAY, 0)), TODAY)).isNotEmpty();
        assertThat(Meter.problems(Collections.nCopies(31, meter("A", TODAY, 5)), TODAY))
                .anyMatch(p -> p.message().contains("31 meters"));
    }
}
