package barrowmist.core.sample;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.check.Coded;
import barrowmist.core.check.FieldProblem;
import barrowmist.core.green.Process;
import barrowmist.core.roast.RoastAim;
import barrowmist.core.roast.RoastKind;
import barrowmist.core.sample.BenchLook.Evenness;
import barrowmist.core.sample.BenchLook.Hue;
import barrowmist.core.sample.BenchLook.Surface;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class BenchCountsTest {

    private static final OptionalInt NOT = OptionalInt.empty();

    private static BenchCounts counts(double ofG, int quakers, int dark, int broken, int peaberries) {
        return new BenchCounts(
                OptionalDouble.of(ofG),
                OptionalInt.of(quakers),
                OptionalInt.of(0),
                OptionalInt.of(0),
                OptionalInt.of(0),
                OptionalInt.of(dark),
                OptionalInt.of(broken),
                OptionalInt.of(peaberries),
                OptionalInt.empty());
    }

    private static BenchFigures figures(BenchCounts counts, OptionalDouble pulledG, BenchLook look) {
        return new BenchFigures(
                OptionalDouble.of(120),
                OptionalDouble.of(88.6),
                pulledG,
                OptionalDouble.of(58),
                OptionalDouble.of(63),
                counts,
                Optional.of(true),
                look);
    }

    /** One bean that was found is never none. */
    @ParameterizedTest
    @CsvSource({"84, 4, 5", "84, 0, 0", "100, 3, 3", "50, 1, 2", "300, 1, 1", "300, 9, 3", "250, 2, 1"})
    void aCountIsScaledTo100Grams(double ofG, int counted, int per100g) {
        BenchCounts c = counts(ofG, counted, 0, 0, 0);
        assertThat(c.per100g(c.quakers())).hasValue(per100g);
        assertThat(c.per100g(NOT)).isEmpty();
    }

    @Test
    void aJudgementSaysWhatItWasScaledFrom() {
        BenchFigures f = figures(counts(84, 4, 0, 0, 0), OptionalDouble.of(16), BenchLook.none());
        BenchJudgement judged = BenchJudgement.of(f, OptionalDouble.of(570), BenchLimits.DEFAULTS);
        assertThat(judged.text()).contains("quakers in 100 g is 5 (4 in 84 g)");
        BenchFigures whole = figures(counts(100, 4, 0, 0, 0), OptionalDouble.of(16), BenchLook.none());
        assertThat(BenchJudgement.of(whole, OptionalDouble.of(570), BenchLimits.DEFAULTS)
                        .text())
                .contains("quakers in 100 g is 4,");
    }

    /** 120 g in, 88.6 g and 16 g out: 15.4 g lost are 12.8 %. */
    @Test
    void whatWasDrawnIsNotLost() {
        BenchFigures f = figures(BenchCounts.none(), OptionalDouble.of(16), BenchLook.none());
        assertThat(f.weightLossPct().orElseThrow()).isCloseTo(12.83, within(0.01));
        assertThat(BenchNotes.of(f, Process.WASHED, RoastAim.PROTOCOL_SAMPLE))
                .containsExactly("16 g were drawn while it roasted: they count with what is weighed out.");
        assertThat(f.asDropped().weightLossPct()).isEmpty();
        assertThat(f.asDropped().pulledG()).hasValue(16);
    }

    @Test
    void whatHasNoLimitIsSaid() {
        BenchFigures f = figures(counts(50, 0, 1, 2, 3), OptionalDouble.empty(), BenchLook.none());
        assertThat(BenchNotes.of(f, Process.WASHED, RoastAim.PROTOCOL_SAMPLE))
                .hasSize(3)
                .anyMatch(n -> n.startsWith("2 much darker than the rest in 100 g"))
                .anyMatch(n -> n.startsWith("4 broken in 100 g"))
                .anyMatch(n -> n.startsWith("6 peaberries in 100 g. Sound"));
        BenchFigures clean = figures(counts(50, 0, 0, 0, 0), OptionalDouble.empty(), BenchLook.none());
        assertThat(BenchNotes.of(clean, Process.WASHED, RoastAim.PROTOCOL_SAMPLE))
                .isEmpty();
    }

    private static List<String> look(BenchLook look, Process process, RoastAim aim) {
        return BenchNotes.of(figures(BenchCounts.none(), OptionalDouble.empty(), look), process, aim);
    }

    private static BenchLook of(Evenness e, Surface s, Boolean swollen, Hue h) {
        return new BenchLook(
                Optional.ofNullable(e), Optional.ofNullable(s), Optional.ofNullable(swollen), Optional.ofNullable(h));
    }

    @Test
    void aNaturalMayBeRedAndMixedAndAWashedMayNot() {
        BenchLook mixed = of(Evenness.MIXED, null, null, Hue.REDDISH);
        assertThat(look(mixed, Process.NATURAL, RoastAim.PROTOCOL_SAMPLE))
                .containsExactly("Redder and more varied is usual for a natural.");
        assertThat(look(mixed, Process.WASHED, RoastAim.PROTOCOL_SAMPLE))
                .singleElement()
                .asString()
                .startsWith("Mixed:");
    }

    @Test
    void oilIsWrongOnASampleAndAgesTheRest() {
        BenchLook oily = of(null, Surface.OILY, null, null);
        assertThat(look(oily, Process.WASHED, RoastAim.PROTOCOL_SAMPLE).get(0)).contains("protocol is matt");
        assertThat(look(oily, Process.WASHED, RoastAim.DARK).get(0)).contains("ages faster");
        assertThat(look(of(Evenness.EVEN, Surface.MATT, true, Hue.BROWN), Process.WASHED, RoastAim.PROTOCOL_SAMPLE))
                .isEmpty();
        assertThat(look(of(null, null, false, Hue.YELLOW), Process.WASHED, RoastAim.PROTOCOL_SAMPLE))
                .hasSize(2);
    }

    @ParameterizedTest
    @CsvSource({"2, 0, counts.ofG", "900, 0, counts.ofG", "50, 601, counts.quakers", "100, -1, counts.quakers"})
    void countsAreBelievedWithinWhatAHandfulHolds(double ofG, int quakers, String field) {
        assertThat(figures(counts(ofG, quakers, 0, 0, 0), OptionalDouble.empty(), BenchLook.none())
                        .problems())
                .extracting(FieldProblem::field)
                .containsExactly(field);
    }

    @ParameterizedTest
    @EnumSource(RoastKind.class)
    void aRoastsKindIsReadBackAndOnlyBatchesTeach(RoastKind kind) {
        assertThat(Coded.find(RoastKind.class, kind.code())).contains(kind);
        assertThat(kind.teaches()).isEqualTo(kind == RoastKind.BATCH);
        assertThat(kind.isTasted()).isEqualTo(kind != RoastKind.WARM_UP);
    }
}
