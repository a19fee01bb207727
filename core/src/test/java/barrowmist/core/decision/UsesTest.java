package barrowmist.core.decision;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.cupping.Drink.Serving;
import barrowmist.core.cupping.WordGroup;
import barrowmist.core.decision.Uses.CupProfile;
import barrowmist.core.decision.Uses.Use;
import barrowmist.core.plan.School;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What a careful lead would use a lot for: common practice, no published source. */
class UsesTest {

    private static List<Use> uses(double score, double acidity, double body, Map<WordGroup, Double> share, Serving as) {
        return Uses.of(new CupProfile(
                OptionalDouble.of(score), share, OptionalDouble.of(acidity), OptionalDouble.of(body), Set.of(as)));
    }

    @Test
    void aBrightLotWithAScoreStandsAlone() {
        assertThat(uses(86, 8, 7.5, Map.of(WordGroup.FRUIT, 0.8), Serving.BLACK))
                .extracting(Use::role)
                .containsExactly("single origin, filter");
    }

    @Test
    void aBrightLotWithoutAScoreLiftsABlend() {
        assertThat(uses(82, 8, 7.5, Map.of(WordGroup.FRUIT, 0.8), Serving.BLACK))
                .extracting(Use::role)
                .containsExactly("blend, the top note");
    }

    @Test
    void aRoundLotWithBodyIsABaseAndGoesThroughMilk() {
        assertThat(uses(82.5, 7.25, 8, Map.of(WordGroup.DEEP, 0.6), Serving.BLACK))
                .extracting(Use::role)
                .containsExactly("blend, the base", "with milk");
        assertThat(uses(82.5, 7.25, 7.25, Map.of(WordGroup.DEEP, 0.6), Serving.MILK))
                .extracting(Use::role)
                .contains("with milk");
    }

    @Test
    void whereSchoolsDifferBothAreNamed() {
        List<Use> both = uses(86, 8, 8, Map.of(WordGroup.DEEP, 0.6, WordGroup.FRUIT, 0.6), Serving.BLACK);
        assertThat(both)
                .extracting(Use::role)
                .contains("single origin, filter", "single origin, espresso", "either way");
        assertThat(both).allMatch(u -> School.defaults().stream().anyMatch(s -> s.id().equals(u.schoolId())));
    }

    @Test
    void ofACupThatSaysNothingNothingIsSaid() {
        assertThat(uses(86, 8, 8, Map.of(), Serving.BLACK)).isEmpty();
        assertThat(Uses.of(new CupProfile(
                        OptionalDouble.empty(),
                        Map.of(WordGroup.FRUIT, 1.0),
                        OptionalDouble.empty(),
                        OptionalDouble.empty(),
                        Set.of())))
                .isEmpty();
    }
}
