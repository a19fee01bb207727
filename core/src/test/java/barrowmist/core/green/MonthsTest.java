package barrowmist.core.green;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** One length of a month for every rule. */
class MonthsTest {

    @Test
    void aMonthIsTheMeanOfTheGregorianCalendar() {
        LocalDate from = LocalDate.of(2000, 3, 1);
        assertThat(Months.between(from, from.plusYears(400))).isCloseTo(4800, within(1e-9));
        assertThat(Months.DAYS).isCloseTo(ChronoUnit.DAYS.between(from, from.plusYears(400)) / 4800.0, within(1e-12));
        assertThat(Months.between(from, from.minusDays(1))).isNegative();
    }

    @Test
    void coffeeIsAsOldAsItsHarvestWhereThatIsKnown() {
        LocalDate arrived = LocalDate.of(2026, 1, 5);
        GreenFacts stated = new GreenFacts(
                Process.WASHED, arrived, OptionalDouble.empty(), OptionalDouble.empty(), Optional.empty());
        GreenFacts inspected = new GreenFacts(
                Process.WASHED,
                arrived,
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty(),
                OptionalDouble.empty(),
                Optional.of(LocalDate.of(2024, 11, 1)),
                GreenLimits.DEFAULTS);
        LocalDate today = LocalDate.of(2026, 6, 1);
        assertThat(stated.old(today)).isFalse();
        assertThat(inspected.old(today))
                .as("19 months since harvest, 18 are allowed")
                .isTrue();
        GreenLimits patient = new GreenLimits(10, 12, 9, 0.5, 0.6, 0.7, 700, 680, 5, 24);
        assertThat(inspected.by(patient).old(today)).isFalse();
    }
}
