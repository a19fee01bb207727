package barrowmist.core.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.cupping.Attribute;
import barrowmist.core.cupping.Cup;
import barrowmist.core.cupping.HundredPointSheet;
import barrowmist.core.cupping.TasteNote;
import barrowmist.core.trace.Proof.Outcome;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.hipparchus.distribution.continuous.BetaDistribution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BlindProofTest {

    private final BlindProof proofs = new BlindProof(TraceRules.DEFAULTS);

    private static HundredPointSheet sheet(double each, int cups, String word) {
        Map<Attribute, Double> scores = new EnumMap<>(Attribute.class);
        for (Attribute a : Attribute.values()) {
            scores.put(a, each);
        }
        List<Integer> in = IntStream.rangeClosed(1, cups).boxed().toList();
        return new HundredPointSheet(
                scores, Collections.nCopies(5, Cup.SOUND), cups == 0 ? List.of() : List.of(TasteNote.of(word, in)));
    }

    private Proof proof(Cause cause, int cuppers, int before, int after, String word) {
        return proofs.of(
                        cause,
                        Collections.nCopies(cuppers, sheet(7, before, word)),
                        Collections.nCopies(cuppers, sheet(7.5, after, word)))
                .orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({
        // what is gone from all cups is gone, also by one cupper; more cuppers make it surer
        "1, 5, 0, HELD",
        "4, 5, 0, HELD",
        // one cup fewer is nothing
        "1, 5, 4, NOT_SHOWN",
        "1, 5, 5, NOT_SHOWN",
        // surely fewer, and yet most of them
        "9, 5, 3, NOT_SHOWN",
        // where the old one shows nothing, the table cannot tell
        "1, 0, 0, NOT_SHOWN",
        "1, 0, 5, WORSE",
    })
    void whatATableShowsOfAChange(int cuppers, int before, int after, Outcome outcome) {
        assertThat(proof(Cause.BAKED, cuppers, before, after, "papery").outcome())
                .isEqualTo(outcome);
    }

    @Test
    void moreCuppersMakeItSurer() {
        assertThat(proof(Cause.BAKED, 4, 5, 0, "papery").certainty())
                .isGreaterThan(proof(Cause.BAKED, 1, 5, 0, "papery").certainty());
    }

    @Test
    void theCupsOfOneCupperCountLessWhereTheWholeBatchHasIt() {
        double batch = proof(Cause.BAKED, 2, 2, 0, "papery").certainty();
        double beans = proof(Cause.QUAKERS, 2, 2, 0, "peanut").certainty();
        assertThat(beans).isGreaterThan(batch);
    }

    @Test
    void anotherFaultInsteadIsWorse() {
        Proof p = proofs.of(Cause.BAKED, List.of(sheet(7, 5, "papery")), List.of(sheet(6, 5, "sour")))
                .orElseThrow();
        assertThat(p.outcome()).isEqualTo(Outcome.WORSE);
        assertThat(p.text())
                .isEqualTo("baked in 5 of 5 cups before, in 0 of 5 after; "
                        + "another fault in 0 of 5 cups before, in 5 of 5 after");
        assertThat(p.scoreChange().orElseThrow()).isEqualTo(-7, within(1e-9));
    }

    @Test
    void withoutASheetOnBothSidesNothingIsSaid() {
        assertThat(proofs.of(Cause.BAKED, List.of(sheet(7, 5, "papery")), List.of()))
                .isEmpty();
        assertThat(proofs.of(Cause.BAKED, List.of(), List.of(sheet(7, 0, "")))).isEmpty();
    }

    /** For whole numbers the probability has a closed form (Cook 2005; value computed by hand for Beta(2,1) and Beta(1,1)). */
    @Test
    void theProbabilityThatOneShareIsMoreIsThatOfTheClosedForm() {
        // P(X > Y), X ~ Beta(2,1), Y ~ Beta(1,1): E[X] = 2/3
        assertThat(BlindProof.more(new BetaDistribution(2, 1), new BetaDistribution(1, 1)))
                .isEqualTo(2.0 / 3, within(1e-3));
        assertThat(BlindProof.more(new BetaDistribution(3, 3), new BetaDistribution(3, 3)))
                .isEqualTo(0.5, within(1e-6));
    }
}
