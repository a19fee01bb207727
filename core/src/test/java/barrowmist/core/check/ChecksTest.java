package barrowmist.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ChecksTest {

    @ParameterizedTest(name = "{0} in 5 to 20 passes: {1}")
    @CsvSource({"5, true", "20, true", "4.999, false", "20.001, false", "NaN, false", "Infinity, false"})
    void bothEndsAreAllowedAndNaNNeverIs(double value, boolean passes) {
        assertThat(new Checks()
                        .range("f", "Moisture", value, 5, 20, "%")
                        .problems()
                        .isEmpty())
                .isEqualTo(passes);
    }

    @Test
    void aValueNotMeasuredPasses() {
        assertThat(new Checks()
                        .range("f", "F", OptionalDouble.empty(), 0, 1, "")
                        .problems())
                .isEmpty();
    }

    @Test
    void theSentenceHasTheValueAndWhatIsAllowed() {
        assertThat(new Checks()
                        .range("kg", "Weight", 0.01, 0.05, 30_000, "kg")
                        .range("n", "Count", -2, 0, 10, "")
                        .problems())
                .extracting(FieldProblem::message)
                .containsExactly("Weight is 0.01 kg, allowed are 0.05 to 30000 kg", "Count is -2, allowed are 0 to 10");
    }

    @Test
    void textsAreNeitherEmptyNorEndless() {
        assertThat(new Checks()
                        .text("a", "Name", "  ", 5)
                        .text("b", "Name", "sixsix", 5)
                        .text("c", "Name", "five5", 5)
                        .present("d", "Day", null)
                        .problems())
                .extracting(FieldProblem::field)
                .containsExactly("a", "b", "d");
    }

    @ParameterizedTest(name = "a name of {0}: {1}")
    @CsvSource(
            ignoreLeadingAndTrailingWhitespace = false,
            value = {
                "Vane/Sons,",
                "Ünsal 7,",
                "東,",
                "..,Name is \"..\": it needs a letter or a digit",
                "'Vane\nSons',Name has several lines: write it in one",
                "' ',Name is empty: write something here"
            })
    void aNameIsOneLineWithALetterOrADigit(String name, @Nullable String problem) {
        assertThat(new Checks().name("name", "Name", name, 20).problems())
                .extracting(FieldProblem::message)
                .isEqualTo(problem == null ? List.of() : List.of(problem));
    }
}
