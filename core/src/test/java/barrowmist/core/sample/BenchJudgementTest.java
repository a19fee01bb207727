package barrowmist.core.sample;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.sample.BenchJudgement.Standing;
import barrowmist.core.sample.BenchJudgement.Verdict;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The protocol's figures are those of the SCA cupping protocol, values from memory. */
class BenchJudgementTest {

    private static BenchFigures figures(double whole, double ground, int scorched, int quakers) {
        return new BenchFigures(
                OptionalDouble.of(120),
                OptionalDouble.of(104.6),
                OptionalDouble.of(whole),
                OptionalDouble.of(ground),
                BenchCounts.in100g(
                        OptionalInt.of(quakers), OptionalInt.of(scorched), OptionalInt.of(0), OptionalInt.of(2)),
                Optional.of(true));
    }

    private static BenchJudgement judged(BenchFigures f, double totalS) {
        return BenchJudgement.of(f, OptionalDouble.of(totalS), BenchLimits.DEFAULTS);
    }

    @ParameterizedTest
    @CsvSource({
        "58, 63, 0, 0, 600, FIT",
        "57, 64, 0, 0, 480, FIT",
        "59, 62, 0, 0, 720, FIT",
        "56.9, 63, 0, 0, 600, ROAST_AGAIN",
        "58, 64.1, 0, 0, 600, ROAST_AGAIN",
        "58, 63, 1, 0, 600, ROAST_AGAIN",
        "58, 63, 0, 1, 600, FIT",
        "58, 63, 0, 0, 479, ROAST_AGAIN",
        "58, 63, 0, 0, 721, ROAST_AGAIN"
    })
    void theProtocolDecides(double whole, double ground, int scorched, int quakers, double totalS, Verdict verdict) {
        assertThat(judged(figures(whole, ground, scorched, quakers), totalS).verdict())
                .isEqualTo(verdict);
    }

    @Test
    void whyIsSaidWithTheFigureAndTheLimit() {
        assertThat(judged(figures(54, 63, 0, 0), 600).text())
                .isEqualTo("Colour, whole is 54, the protocol asks for 58 ±1; "
                        + "ground lighter by is 9, the lab asks for at most 8.");
    }

    @Test
    void whatTheGreenCoffeeIsToBlameForIsSaidAndAsksForNoOtherRoast() {
        assertThat(judged(figures(58, 63, 0, 3), 600).text())
                .isEqualTo(
                        "All that is asked of the roast is inside its limits. Of the green coffee: quakers in 100 g is"
                                + " 3, the lab asks for at most 0. Another roast will not change that: take it up with the"
                                + " lot.");
        assertThat(judged(figures(58, 63, 2, 3), 600).text())
                .startsWith("Scorched is 2, the protocol asks for none. Of the green coffee: quakers");
    }

    @Test
    void whatIsNotMeasuredIsAskedForAndNotGuessed() {
        BenchJudgement none = judged(BenchFigures.none(), 600);
        assertThat(none.verdict()).isEqualTo(Verdict.MEASURE);
        assertThat(none.text())
                .contains("colour, whole")
                .contains("weight loss")
                .doesNotContain("roast time");
        assertThat(BenchJudgement.of(BenchFigures.none(), OptionalDouble.empty(), BenchLimits.DEFAULTS)
                        .checks())
                .allMatch(c -> c.standing() == Standing.NOT_MEASURED);
    }

    @Test
    void aLabThatDoesNotKeepToTheProtocolIsJudgedByItsOwnLimits() {
        BenchLimits own = new BenchLimits(false, 11, 18, 12, 2, 5);
        BenchJudgement dark = BenchJudgement.of(figures(48, 55, 3, 2), OptionalDouble.of(840), own);
        assertThat(dark.verdict()).isEqualTo(Verdict.FIT);
        assertThat(dark.checks()).noneMatch(c -> c.by().equals("protocol"));
    }
}
