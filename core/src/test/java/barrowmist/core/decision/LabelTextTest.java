package barrowmist.core.decision;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.decision.LabelText.Coffee;
import barrowmist.core.rest.Age;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class LabelTextTest {

    private static final LocalDate ROASTED = LocalDate.of(2026, 11, 30);

    @Test
    void faultsAreNotPrintedAndTheDayIsThreeMonthsOn() {
        Coffee coffee =
                new Coffee("Hill", "Kenya, washed", List.of("flat", "citrus", "honey"), Map.of("brightness", 7.4));
        assertThat(LabelText.lines(coffee, ROASTED, Age.BEST_BEFORE_MONTHS))
                .containsExactly(
                        "Hill",
                        "Kenya, washed",
                        "Tastes of citrus, honey",
                        "brightness 7 of 10",
                        "Roasted 2026-11-30",
                        // a month without a thirtieth ends on its last day
                        "Best before 2027-02-28");
    }

    @Test
    void whatNobodyTastedIsNotThere() {
        assertThat(LabelText.lines(new Coffee("Hill", "Kenya", List.of(), Map.of()), ROASTED, 1))
                .containsExactly("Hill", "Kenya", "Roasted 2026-11-30", "Best before 2026-12-30");
    }
}
