package barrowmist.core.machine;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.check.FieldProblem;
import barrowmist.core.machine.Abilities.Range;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AbilitiesTest {

    private static Abilities of(double minG, double maxG, Range gas, double roomC, double coolingS) {
        return new Abilities(
                minG,
                maxG,
                gas,
                Optional.of(Range.percent()),
                Optional.of(new Range(40, 80, 1)),
                roomC,
                1800,
                150,
                Double.isNaN(coolingS) ? OptionalDouble.empty() : OptionalDouble.of(coolingS));
    }

    @Test
    void anyDrumBeginsWithSoundOnes() {
        assertThat(Abilities.usual(OptionalDouble.empty()).problems()).isEmpty();
        assertThat(Abilities.usual(OptionalDouble.of(15_000)).problems()).isEmpty();
        assertThat(Abilities.usual(OptionalDouble.of(500)).batchMinG()).isEqualTo(200);
    }

    @ParameterizedTest
    @CsvSource({
        "60, 150, 0, 100, 1, 22, NaN, ''",
        "200, 150, 0, 100, 1, 22, NaN, batchMinG",
        "1, 19, 0, 100, 1, 22, NaN, batchMaxG",
        "60, 150, 80, 20, 1, 22, NaN, gas",
        "60, 150, 0, 140, 1, 22, NaN, gas",
        "60, 150, 0, 100, 0, 22, NaN, gas",
        "60, 150, 0, 100, 1, 51, NaN, roomC",
        "60, 150, 0, 100, 1, NaN, NaN, roomC",
        "60, 150, 0, 100, 1, 22, 29, coolingLimitS",
        "60, 150, 0, 100, 1, 22, 1800, ''",
    })
    void eachLimitIsNamedAtItsField(
            double minG,
            double maxG,
            double gasMin,
            double gasMax,
            double step,
            double roomC,
            double coolingS,
            String field) {
        List<FieldProblem> problems =
                of(minG, maxG, new Range(gasMin, gasMax, step), roomC, coolingS).problems();
        assertThat(problems.stream().map(FieldProblem::field).distinct())
                .isEqualTo(field.isEmpty() ? List.of() : List.of(field));
    }
}
