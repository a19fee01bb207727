package barrowmist.core.trace;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.trace.CupFacts.Found;
import barrowmist.core.trace.Together.Cupped;
import barrowmist.core.trace.Together.Shared;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class TogetherTest {

    private final Together together = new Together(TraceRules.DEFAULTS);

    private static Cupped cup(Cause cause, String... words) {
        Map<String, Found> found = new LinkedHashMap<>();
        for (String word : words) {
            found.put(word, new Found(1, 5, 5));
        }
        return new Cupped(new CupFacts(5, 1, found, OptionalDouble.empty()), Optional.ofNullable(cause));
    }

    @Test
    void whatAllRoastsHaveIsTheLotAndWhatOneHasIsThatRoast() {
        Cupped musty = cup(Cause.GREEN_MOULD, "musty");
        assertThat(together.ofLot(List.of(musty, musty, musty)))
                .hasValue("mould in the green in 3 of 3 cupped roasts: it goes with the lot, or with how it is always"
                        + " roasted.");
        assertThat(together.ofLot(List.of(cup(Cause.BAKED, "flat"), cup(null), cup(null), cup(null))))
                .hasValue("baked in 1 of 4 cupped roasts: that roast, and not the lot.");
        assertThat(together.ofLot(List.of(musty))).as("one roast is no lot").isEmpty();
        assertThat(together.ofLot(List.of(cup(null), cup(null)))).isEmpty();
    }

    @Test
    void whatMostSamplesShareIsTheTable() {
        Cupped papery = cup(null, "papery", "citrus");
        assertThat(together.ofTable(List.of(papery, papery, papery, cup(null))))
                .hasValue("papery in 3 of 4 samples: look at water, dose and grinder before any roast.");
        assertThat(together.ofTable(List.of(papery, cup(null), cup(null), cup(null))))
                .isEmpty();
        assertThat(together.ofTable(List.of(papery, papery)))
                .as("two are no table")
                .isEmpty();
    }

    @Test
    void pleasantWordsAreNoFaultAndTheMostSharedComesFirst() {
        List<Cupped> all = List.of(cup(Cause.BAKED, "citrus", "flat", "dull"), cup(Cause.BAKED, "dull"));
        assertThat(together.words(all)).containsExactly(new Shared<>("dull", 2), new Shared<>("flat", 1));
        assertThat(together.causes(all)).containsExactly(new Shared<>(Cause.BAKED, 2));
    }
}
