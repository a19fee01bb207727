package barrowmist.core.sample;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.check.FieldProblem;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;

class BenchFiguresTest {

    private static BenchFigures weighed(double greenG, double roastedG) {
        return new BenchFigures(
                OptionalDouble.of(greenG),
                OptionalDouble.of(roastedG),
                OptionalDouble.of(58),
                OptionalDouble.of(63),
                BenchCounts.in100g(OptionalInt.of(0), OptionalInt.empty(), OptionalInt.empty(), OptionalInt.empty()),
                Optional.empty());
    }

    @Test
    void lossIsTheShareOfTheGreenMass() {
        assertThat(weighed(120, 104.4).weightLossPct().getAsDouble()).isCloseTo(13.0, within(1e-9));
        assertThat(BenchFigures.none().weightLossPct()).isEmpty();
    }

    /** The protocol's readings are 5 apart (SCA cupping protocol, value from memory). */
    @Test
    void gapIsGroundLessWhole() {
        assertThat(weighed(120, 104).colourGap()).hasValue(5);
        assertThat(BenchFigures.none().colourGap()).isEmpty();
    }

    @Test
    void moreOutThanInIsRefused() {
        assertThat(weighed(120, 130).problems())
                .containsExactly(
                        new FieldProblem("roastedG", "Weight out is not below weight in (120.0 g): weigh again"));
        assertThat(weighed(120, 12).problems().get(0).message()).contains("a loss of 90 %");
        assertThat(weighed(120, 104).problems()).isEmpty();
    }

    @Test
    void countsAndColoursHaveBounds() {
        BenchFigures wrong = new BenchFigures(
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.of(580),
                OptionalDouble.of(-1),
                BenchCounts.in100g(OptionalInt.of(-2), OptionalInt.empty(), OptionalInt.of(1201), OptionalInt.empty()),
                Optional.empty());
        assertThat(wrong.problems())
                .extracting(FieldProblem::field)
                .containsExactly("colourWhole", "colourGround", "counts.quakers", "counts.tipped");
    }
}
