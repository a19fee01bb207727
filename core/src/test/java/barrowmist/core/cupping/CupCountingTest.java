package barrowmist.core.cupping;

import static barrowmist.core.cupping.CupCounting.Answer.APART;
import static barrowmist.core.cupping.CupCounting.Answer.NO;
import static barrowmist.core.cupping.CupCounting.Answer.YES;
import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.roast.RoastKind;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class CupCountingTest {

    /** A sample roast, drunk black, blind, in its window, as it came, of five cups, on the 100-point form. */
    private static final Set<CupTrait> ORDINARY = EnumSet.of(
            CupTrait.HUNDRED_POINT,
            CupTrait.BLACK,
            CupTrait.SAMPLE,
            CupTrait.IN_WINDOW,
            CupTrait.AS_IS,
            CupTrait.BLIND,
            CupTrait.SEVERAL_CUPS);

    private static Set<CupTrait> with(CupTrait... more) {
        Set<CupTrait> all = EnumSet.copyOf(ORDINARY);
        all.addAll(List.of(more));
        return all;
    }

    @ParameterizedTest
    @EnumSource(CupUse.class)
    void everyCellIsThereAndAnOrdinaryCupCountsForEverything(CupUse use) {
        for (CupTrait trait : CupTrait.values()) {
            assertThat(CupCounting.of(trait, use)).as(trait + " " + use).isNotNull();
        }
        assertThat(CupCounting.of(ORDINARY, use)).isEqualTo(YES);
        assertThat(CupCounting.reason(ORDINARY, use)).isEmpty();
    }

    @ParameterizedTest
    @EnumSource(CupUse.class)
    void theStrictestRowDecidesAndNamesItself(CupUse use) {
        for (CupTrait one : CupTrait.values()) {
            for (CupTrait other : CupTrait.values()) {
                CupCounting.Answer strictest = CupCounting.of(one, use).compareTo(CupCounting.of(other, use)) > 0
                        ? CupCounting.of(one, use)
                        : CupCounting.of(other, use);
                assertThat(CupCounting.of(List.of(one, other), use)).isEqualTo(strictest);
                CupCounting.reason(List.of(one, other), use)
                        .ifPresent(r -> assertThat(CupCounting.of(r, use)).isEqualTo(strictest));
            }
        }
    }

    /** Common practice, no published source: what went wrong where each reader picked its sheets by itself. */
    @ParameterizedTest
    @CsvSource({
        "PULL, TODAY, NO",
        "PULL, DECISION, NO",
        "PULL, REPORT, NO",
        "PULL, OVER_TIME, NO",
        "PULL, PATTERNS, NO",
        "PULL, TRACE, NO",
        "PAST, TRACE, APART",
        "PAST, DECISION, APART",
        "MILK, DECISION, APART",
        "ESPRESSO, REPORT, APART",
        "AFFECTIVE, DECISION, APART",
        "AFFECTIVE, SUPPLIER, APART",
        "TREATED, DECISION, NO",
        "TREATED, TRACE, NO",
        "PRACTICE, TODAY, NO",
        "PRACTICE, SUPPLIER, NO",
        "PRACTICE, PATTERNS, NO",
        "PRACTICE, USUAL, NO",
        "TRIAGE, TRACE, NO"
    })
    void theRowsThatMatter(CupTrait trait, CupUse use, CupCounting.Answer answer) {
        assertThat(CupCounting.of(with(trait), use)).isEqualTo(answer);
        assertThat(CupCounting.reason(with(trait), use)).contains(trait);
    }

    @Test
    void twoReasonsToStandApartDoNotMakeARefusal() {
        assertThat(CupCounting.of(with(CupTrait.MILK, CupTrait.AFFECTIVE, CupTrait.PAST), CupUse.DECISION))
                .isEqualTo(APART);
        assertThat(CupCounting.of(with(CupTrait.MILK, CupTrait.PULL), CupUse.DECISION))
                .isEqualTo(NO);
    }

    /** What a curve teaches of its roaster is said where curves are read; here it is the same. */
    @Test
    void whatTeachesARoasterIsTheSameInBothPlaces() {
        for (RoastKind kind : RoastKind.values()) {
            CupTrait row = kind == RoastKind.BATCH ? CupTrait.SAMPLE : CupTrait.valueOf(kind.name());
            assertThat(CupCounting.of(row, CupUse.USUAL) == YES).as(kind.code()).isEqualTo(kind.teaches());
        }
    }

    private static CuppingSheet points(double each) {
        Map<Attribute, Double> scores = new EnumMap<>(Attribute.class);
        for (Attribute a : Attribute.values()) {
            scores.put(a, each);
        }
        return new HundredPointSheet(scores, Collections.nCopies(5, Cup.SOUND), List.of());
    }

    private static CuppingSheet affective(int each) {
        Map<ValueScore.Section, Integer> sections = new EnumMap<>(ValueScore.Section.class);
        for (ValueScore.Section s : ValueScore.Section.values()) {
            sections.put(s, each);
        }
        return new ValueSheet(sections, Collections.nCopies(5, Cup.SOUND), List.of());
    }

    @Test
    void twoFormsHaveNoMeanTogether() {
        FormScores scores = FormScores.of(List.of(points(8.0), points(8.25), affective(5)));
        assertThat(scores.main()).contains(CuppingForm.HUNDRED_POINT);
        // 7 attributes and 30 for the cups: 86 and 87.75
        assertThat(scores.mean()).hasValue(86.875);
        // all fives give 79 (SCA standard 104 of 2024, value from memory)
        assertThat(scores.mean(CuppingForm.VALUE_ASSESSMENT)).hasValue(79);
        assertThat(FormScores.of(List.of(affective(9))).main()).contains(CuppingForm.VALUE_ASSESSMENT);
        assertThat(FormScores.NONE.mean()).isEmpty();
    }
}
