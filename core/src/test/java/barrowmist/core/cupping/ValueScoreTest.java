package barrowmist.core.cupping;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.check.FieldProblem;
import barrowmist.core.cupping.ValueScore.Section;
import java.util.Arrays;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** Check values of SCA standards 103 and 104 (2024), from memory: all fives are 79, all nines 100. */
class ValueScoreTest {

    private static Map<Section, Integer> all(int given) {
        return Arrays.stream(Section.values()).collect(Collectors.toMap(s -> s, s -> given));
    }

    @Test
    void theEndsOfTheScaleAreThoseOfTheStandard() {
        assertThat(new ValueScore(all(5), 5, 0, 0).score()).hasValue(79);
        assertThat(new ValueScore(all(9), 5, 0, 0).score()).hasValue(100);
        assertThat(new ValueScore(all(1), 5, 0, 0).score()).hasValue(58);
    }

    @Test
    void cupsCostAndTheSumIsRoundedToAQuarter() {
        assertThat(new ValueScore(all(5), 5, 1, 2).score()).hasValue(79 - 2 - 8);
        Map<Section, Integer> oneMore = all(5);
        oneMore.put(Section.OVERALL, 6);
        // 79 + 0.65625 = 79.65625
        assertThat(new ValueScore(oneMore, 5, 0, 0).score()).hasValue(79.75);
    }

    @Test
    void aHalfFilledFormHasNoScoreAndProblemsAreNamed() {
        Map<Section, Integer> some = all(5);
        some.remove(Section.AROMA);
        assertThat(new ValueScore(some, 5, 0, 0).score()).isEmpty();
        assertThat(new ValueScore(Map.of(Section.AROMA, 10), 5, 6, -1)
                        .problems().stream().map(FieldProblem::field))
                .containsExactly("attributes.aroma", "cups", "cups");
        assertThat(new ValueScore(all(5), 5, 5, 5).problems()).isEmpty();
    }
}
