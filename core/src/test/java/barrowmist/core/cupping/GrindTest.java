package barrowmist.core.cupping;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.check.Checks;
import barrowmist.core.check.FieldProblem;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The sieve: 70 to 75 % through 850 µm, US no. 20 (SCA cupping protocol, values from memory). */
class GrindTest {

    private static Grind sieved(double pct) {
        return new Grind(Optional.empty(), OptionalDouble.of(pct));
    }

    @ParameterizedTest(name = "{0} %: {1}")
    @CsvSource({"69.9, too coarse", "70, ", "75, ", "75.1, too fine"})
    void theSieveIsHeldAgainstTheProtocol(double pct, String says) {
        assertThat(sieved(pct).offProtocol().orElse("")).contains(says == null ? "" : says);
        assertThat(sieved(pct).offProtocol().isPresent()).isEqualTo(says != null);
        assertThat(sieved(pct).off(List.of(Grind.unsaid()))).isEqualTo(says != null);
    }

    @Test
    void aHouseThatGrindsFinerOnPurposeIsNotOff() {
        assertThat(sieved(83).off(List.of(Grind.unsaid(), sieved(81)))).isFalse();
        assertThat(sieved(83).off(List.of(sieved(77)))).isTrue();
    }

    @Test
    void wordsCountWhereTheHouseHasAny() {
        assertThat(Grind.said("fine").off(List.of(Grind.unsaid()))).isFalse();
        assertThat(Grind.said("fine").off(List.of(Grind.said("setting 7")))).isTrue();
        assertThat(Grind.said("setting 7").off(List.of(Grind.said("setting 7"))))
                .isFalse();
    }

    @Test
    void aTableGroundOtherwiseThanTheLastDoesNotCompare() {
        assertThat(sieved(70).differs(sieved(74)))
                .hasValue("70 % through 850 µm, last time 74 %: scores will not compare.");
        assertThat(sieved(70).differs(sieved(73))).isEmpty();
        assertThat(sieved(70).differs(Grind.unsaid())).isEmpty();
        assertThat(Grind.unsaid().differs(sieved(70))).isEmpty();
    }

    @Test
    void itIsAskedForInTheHousesWordsElseByTheProtocol() {
        assertThat(Grind.unsaid().asked())
                .isEqualTo("a little coarser than for filter: 70 to 75 % of it falls through 850 µm");
        assertThat(new Grind(Optional.of("setting 7"), OptionalDouble.of(72)).asked())
                .isEqualTo("setting 7: 72 % of it falls through 850 µm");
    }

    @Test
    void aShareIsAShare() {
        assertThat(sieved(101).check(new Checks()).problems())
                .extracting(FieldProblem::field)
                .containsExactly("protocol.throughPct");
    }
}
