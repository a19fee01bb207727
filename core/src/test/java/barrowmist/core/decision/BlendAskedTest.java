package barrowmist.core.decision;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.check.FieldProblem;
import barrowmist.core.decision.BlendAsked.PartAsked;
import java.util.Collections;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalLong;
import org.junit.jupiter.api.Test;

class BlendAskedTest {

    private static PartAsked part(long lot, double share) {
        return new PartAsked(OptionalLong.of(lot), OptionalDouble.of(share));
    }

    private static List<String> wrong(double kg, PartAsked... parts) {
        return BlendAsked.problems(List.of(parts), kg).problems().stream()
                .map(FieldProblem::field)
                .toList();
    }

    @Test
    void sharesThatWereRoundedPassAndOthersDoNot() {
        assertThat(wrong(1, part(1, 33.3), part(2, 33.3), part(3, 33.3))).isEmpty();
        assertThat(wrong(1, part(1, 60), part(2, 39.4))).containsExactly("parts");
        assertThat(wrong(1, part(1, 60), part(2, 40.6))).containsExactly("parts");
    }

    @Test
    void onePartAPartWithoutALotOrAShareAndALotTwiceAreNoBlend() {
        assertThat(wrong(1, part(1, 100))).containsExactly("parts");
        assertThat(wrong(1, part(1, 60), new PartAsked(OptionalLong.empty(), OptionalDouble.of(40))))
                .containsExactly("parts");
        assertThat(wrong(1, part(1, 100), new PartAsked(OptionalLong.of(2), OptionalDouble.empty())))
                .containsExactly("parts");
        assertThat(wrong(1, part(1, 120), part(2, -20))).containsExactly("parts");
        assertThat(wrong(1, part(1, 60), part(1, 40))).containsExactly("parts");
        assertThat(BlendAsked.problems(Collections.nCopies(9, part(1, 11)), 1).problems())
                .hasSize(1);
    }

    @Test
    void theKilosAreThoseThatCanBeMeant() {
        assertThat(wrong(0, part(1, 60), part(2, 40))).containsExactly("kg");
        assertThat(wrong(1e6, part(1, 60), part(2, 40))).containsExactly("kg");
    }
}
