package barrowmist.core.green;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.check.FieldProblem;
import java.time.LocalDate;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LotRulesTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 3, 2);

    private static List<FieldProblem> problems(Double kg, double moisture, double density, String screen) {
        return LotRules.problems(
                new LotRules.Entry(
                        "A",
                        "B",
                        "C",
                        Process.WASHED,
                        TODAY,
                        kg,
                        OptionalDouble.of(moisture),
                        OptionalDouble.of(density),
                        screen,
                        null),
                TODAY);
    }

    @Test
    void aSoundLotPasses() {
        assertThat(problems(60.0, 11, 720, "17/18")).isEmpty();
    }

    @ParameterizedTest(name = "{0} kg, {1} %, {2} g/L, screen {3}: {4}")
    @CsvSource({
        "0, 11, 720, 17, kg, 'Weight is 0 kg, allowed are 0.05 to 30000 kg'",
        "60, 55, 720, 17, moisturePct, 'Moisture is 55 %, allowed are 5 to 20 %'",
        "60, 11, 0.72, 17, densityGPerL, 'Density is 0.72 g/L, allowed are 400 to 900 g/L'",
        "60, 11, 720, 18/17, screen, 'Screen is \"18/17\", write one sieve or two from 8 to 20, such as 16 or 17/18'",
        "60, 11, 720, 6.75, screen, 'Screen is \"6.75\", write one sieve or two from 8 to 20, such as 16 or 17/18'",
    })
    void wrongValuesAreRefusedAtTheField(
            double kg, double moisture, double density, String screen, String field, String message) {
        assertThat(problems(kg, moisture, density, screen)).containsExactly(new FieldProblem(field, message));
    }

    @Test
    void everyEmptyFieldIsNamedAtOnce() {
        List<FieldProblem> problems = LotRules.problems(
                new LotRules.Entry(
                        " ",
                        null,
                        "",
                        null,
                        null,
                        null,
                        OptionalDouble.empty(),
                        OptionalDouble.of(Double.NaN),
                        "",
                        null),
                TODAY);
        assertThat(problems)
                .extracting(FieldProblem::field)
                .containsExactly("name", "supplier", "origin", "arrivalDate", "kg", "densityGPerL", "process");
    }

    @Test
    void anArrivalInTheFutureIsRefused() {
        LotRules.Entry entry = new LotRules.Entry(
                "A",
                "B",
                "C",
                Process.NATURAL,
                TODAY.plusYears(1),
                1.0,
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                null,
                null);
        assertThat(LotRules.problems(entry, TODAY))
                .containsExactly(
                        new FieldProblem("arrivalDate", "Arrival date is 2027-03-02, allowed are 2000-01-01 to today"));
    }

    /** 64ths of an inch by the definition of the inch; ScreenAnalysisTest holds them against ISO 4150. */
    @ParameterizedTest
    @CsvSource({"17, 6.75", "16, 6.35", "15, 5.95", "13, 5.16"})
    void screensAreSixtyFourthsOfAnInch(int screen, double mm) {
        assertThat(new ScreenRange(screen, screen).smallestMm())
                .isCloseTo(mm, org.assertj.core.api.Assertions.within(0.01));
    }
}
