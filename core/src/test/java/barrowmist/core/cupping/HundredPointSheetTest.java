package barrowmist.core.cupping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.check.FieldProblem;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Totals and classes of the SCA cupping protocol, 2003–2015 form (values from memory). */
class HundredPointSheetTest {

    private static Map<Attribute, Double> all(double score) {
        Map<Attribute, Double> scores = new EnumMap<>(Attribute.class);
        Arrays.stream(Attribute.values()).forEach(a -> scores.put(a, score));
        return scores;
    }

    private static HundredPointSheet sheet(double score, Cup... cups) {
        return new HundredPointSheet(all(score), List.of(cups), List.of());
    }

    private static HundredPointSheet sound(double score, int cups) {
        return new HundredPointSheet(all(score), Collections.nCopies(cups, Cup.SOUND), List.of());
    }

    @Test
    void aPerfectSheetIsAHundred() {
        assertThat(sound(10, 5).finalScore()).hasValue(100);
    }

    /** Seven attributes at 7.5 and three full marks of ten: 82.5. */
    @Test
    void theFinalScoreIsTheSumOfTen() {
        assertThat(sound(7.5, 5).finalScore()).hasValue(82.5);
    }

    @Test
    void eachUnsoundCupCostsTwoAndDefectsCostTheirPointsACup() {
        Cup notSweet = new Cup(true, true, false, Cup.Defect.NONE);
        Cup tainted = new Cup(false, false, true, Cup.Defect.TAINT);
        Cup faulty = new Cup(false, false, false, Cup.Defect.FAULT);
        HundredPointSheet sheet = sheet(7.5, Cup.SOUND, Cup.SOUND, notSweet, tainted, faulty);
        assertThat(sheet.uniformity()).isEqualTo(6);
        assertThat(sheet.cleanCup()).isEqualTo(6);
        assertThat(sheet.sweetness()).isEqualTo(6);
        assertThat(sheet.defects()).isEqualTo(2 + 4);
        assertThat(sheet.finalScore()).hasValue(52.5 + 18 - 6);
    }

    @ParameterizedTest
    @CsvSource({"1, 0", "3, 6.6667"})
    void marksOfFewerCupsAreScaledToTen(int cups, double oneUnsound) {
        Cup[] marked = new Cup[cups];
        Arrays.fill(marked, Cup.SOUND);
        marked[0] = new Cup(true, true, false, Cup.Defect.NONE);
        assertThat(sheet(7, marked).sweetness()).isCloseTo(oneUnsound, within(1e-3));
        assertThat(sheet(7, marked).uniformity()).isEqualTo(10);
        assertThat(sheet(7, marked).scaled()).isTrue();
        assertThat(sound(7, 5).scaled()).isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        "79.75, NOT_SPECIALTY",
        "80, VERY_GOOD",
        "84.99, VERY_GOOD",
        "85, EXCELLENT",
        "89.99, EXCELLENT",
        "90, OUTSTANDING",
        "100, OUTSTANDING",
        "0, NOT_SPECIALTY"
    })
    void classesBeginAtTheirBoundary(double score, QualityClass expected) {
        assertThat(QualityClass.of(score)).isEqualTo(expected);
    }

    @Test
    void aHalfFilledSheetHasARunningTotalAndNoScore() {
        HundredPointSheet half =
                new HundredPointSheet(Map.of(Attribute.FLAVOUR, 7.25), Collections.nCopies(5, Cup.SOUND), List.of());
        assertThat(half.finalScore()).isEmpty();
        assertThat(half.qualityClass()).isEmpty();
        assertThat(half.runningTotal()).isEqualTo(37.25);
        assertThat(half.unscored()).hasSize(6).doesNotContain(Attribute.FLAVOUR);
    }

    @ParameterizedTest
    @CsvSource({"7.1", "10.25", "-0.25", "NaN"})
    void scoresOffTheStepsAreRefused(double score) {
        HundredPointSheet sheet =
                new HundredPointSheet(Map.of(Attribute.BODY, score), Collections.nCopies(5, Cup.SOUND), List.of());
        assertThat(sheet.problems())
                .containsExactly(new FieldProblem(
                        "attributes.body", "Body is " + score + ", allowed are 0 to 10 in steps of 0.25"));
    }

    @Test
    void wordsNeedTheirCups() {
        HundredPointSheet sheet = new HundredPointSheet(
                Map.of(),
                Collections.nCopies(3, Cup.SOUND),
                List.of(
                        TasteNote.of("flat", Set.of(1, 2, 3)),
                        TasteNote.of("zingy", Set.of(1)),
                        TasteNote.of("bready", Set.of(4)),
                        TasteNote.of("flat", Set.of(1))));
        assertThat(sheet.problems())
                .extracting(FieldProblem::message)
                .satisfiesExactly(
                        m -> assertThat(m).isEqualTo("\"bready\" is in cups [4], allowed are 1 to 3, at least one"),
                        m -> assertThat(m).startsWith("\"flat\" is there twice"));
        assertThat(new HundredPointSheet(Map.of(), List.of(Cup.SOUND, Cup.SOUND), List.of()).problems())
                .extracting(FieldProblem::message)
                .containsExactly("There are 2 cups, allowed are 1, 3 or 5");
    }

    @Test
    void everyWordIsFoundByItself() {
        assertThat(Vocabulary.all()).hasSizeGreaterThan(50);
        assertThat(Vocabulary.all())
                .allSatisfy(w -> assertThat(Vocabulary.find(w.word())).hasValue(w));
    }
}
