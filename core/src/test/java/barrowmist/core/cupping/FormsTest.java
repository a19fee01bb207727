package barrowmist.core.cupping;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.check.FieldProblem;
import barrowmist.core.cupping.ScoreTrail.Mark;
import barrowmist.core.cupping.ValueScore.Section;
import java.time.Instant;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What the forms share, and what is beside the scores. */
class FormsTest {

    private static final List<Cup> SOUND = Collections.nCopies(5, Cup.SOUND);

    private static ValueSheet value(int each, List<Cup> cups) {
        Map<Section, Integer> sections = new EnumMap<>(Section.class);
        Arrays.stream(Section.values()).forEach(s -> sections.put(s, each));
        return new ValueSheet(sections, cups, List.of());
    }

    private static List<String> said(CuppingSheet sheet) {
        return sheet.problems().stream().map(FieldProblem::message).toList();
    }

    /** SCA standards 103 and 104 of 2024, values from memory: all fives 79, all nines 100. */
    @ParameterizedTest
    @CsvSource({"5, 79", "9, 100", "1, 58"})
    void theValueFormScoresItsSections(int each, double score) {
        assertThat(value(each, SOUND).finalScore()).hasValue(score);
    }

    /** The same source: less 2 for a cup that is not like the others, less 4 for a defective one. */
    @Test
    void aCupCountsAsItIsMarked() {
        Cup odd = new Cup(false, true, true, Cup.Defect.NONE);
        Cup defective = new Cup(true, true, true, Cup.Defect.FAULT);
        Cup both = new Cup(false, true, true, Cup.Defect.TAINT);
        Cup s = Cup.SOUND;
        assertThat(value(5, List.of(odd, s, s, s, s)).finalScore()).hasValue(77);
        assertThat(value(5, List.of(defective, s, s, s, s)).finalScore()).hasValue(75);
        assertThat(value(5, List.of(both, s, s, s, s)).finalScore()).hasValue(73);
    }

    @Test
    void aFormSaysWhatIsNotGivenYet() {
        ValueSheet begun = new ValueSheet(Map.of(Section.AROMA, 6), SOUND, List.of());
        assertThat(begun.open()).hasSize(7).doesNotContain("aroma").startsWith("fragrance");
        assertThat(begun.finalScore()).isEmpty();
        assertThat(begun.finished()).isFalse();
        assertThat(begun.attributes()).containsExactly(Map.entry("aroma", 6.0));
        assertThat(new TriageSheet(Optional.empty(), List.of(Cup.SOUND), List.of()).open())
                .containsExactly("verdict");
        TriageSheet out = new TriageSheet(Optional.of(TriageSheet.Verdict.OUT), List.of(Cup.SOUND), List.of());
        assertThat(out.finished()).isTrue();
        assertThat(out.finalScore()).isEmpty();
    }

    @Test
    void anyWordMayBeWrittenAndIsSaidOnce() {
        List<TasteNote> words = List.of(TasteNote.of("biscuit", List.of(1)), TasteNote.of("flat", List.of(2)));
        assertThat(said(value(5, SOUND).with(words))).isEmpty();
        assertThat(said(value(5, SOUND).with(List.of(words.get(0), words.get(0)))))
                .singleElement()
                .asString()
                .contains("twice");
        assertThat(said(value(5, SOUND).with(List.of(TasteNote.of("x".repeat(41), List.of(1))))))
                .singleElement()
                .asString()
                .contains("1 to 40 characters");
        assertThat(said(value(5, SOUND).with(List.of(TasteNote.of("flat", List.of(6))))))
                .singleElement()
                .asString()
                .contains("allowed are 1 to 5");
        assertThat(words.get(0).and(TasteNote.of("biscuit", List.of(3))).cups()).containsExactly(1, 3);
    }

    @Test
    void aScoreOffTheValueScaleIsRefusedByName() {
        ValueSheet sheet = new ValueSheet(Map.of(Section.ACIDITY, 10), List.of(Cup.SOUND, Cup.SOUND), List.of());
        assertThat(sheet.problems())
                .extracting(FieldProblem::field)
                .containsExactlyInAnyOrder("attributes.acidity", "cups");
    }

    /** SCA standard 103 of 2024, from memory: 0 to 15 for seven; the older form marks five of them 1 to 5. */
    @Test
    void intensitiesAreThoseOfTheForm() {
        assertThat(Intensity.of(CuppingForm.VALUE_ASSESSMENT)).hasSize(7).allMatch(i -> i.most() == 15);
        assertThat(Intensity.of(CuppingForm.HUNDRED_POINT)).hasSize(5).allMatch(i -> i.least() == 1 && i.most() == 5);
        assertThat(Intensity.of(CuppingForm.TRIAGE)).isEmpty();
        assertThat(Intensity.problems(CuppingForm.VALUE_ASSESSMENT, Map.of("sweetness", 15, "aroma", 0)))
                .isEmpty();
        assertThat(Intensity.problems(CuppingForm.HUNDRED_POINT, Map.of("acidity", 6, "sweetness", 3)))
                .extracting(FieldProblem::field)
                .containsExactlyInAnyOrder("intensities.acidity", "intensities.sweetness");
    }

    @Test
    void soManyWordsFitAtAPlace() {
        assertThat(WordPlace.problems(Collections.nCopies(5, WordPlace.FRAGRANCE_AROMA)))
                .isEmpty();
        assertThat(WordPlace.problems(Collections.nCopies(3, WordPlace.MOUTHFEEL)))
                .singleElement()
                .satisfies(p -> assertThat(p.message()).contains("3 words for mouthfeel, at most 2"));
    }

    private static Mark mark(double score, long atS) {
        return new Mark(score, Instant.EPOCH.plusSeconds(atS), OptionalDouble.of(70 - atS / 60.0));
    }

    @Test
    void theFirstScoreStaysAndTheLastFollows() {
        ScoreTrail trail = ScoreTrail.begun(mark(7, 0)).then(mark(7.25, 5)).then(mark(7.5, 10));
        // still finding it: a quarter at a time
        assertThat(trail.first().score()).isEqualTo(7.5);
        assertThat(trail.first().at()).isEqualTo(Instant.EPOCH);
        assertThat(trail.last()).isEmpty();
        ScoreTrail cooled = trail.then(mark(7.5, 300)).then(mark(8, 400)).then(mark(7.75, 800));
        assertThat(cooled.first().score()).isEqualTo(7.5);
        assertThat(cooled.last()).hasValue(mark(7.75, 800));
    }

    @Test
    void theHouseSaysWhatLiesBelowItsLines() {
        Map<Attribute, Double> scores = new EnumMap<>(Attribute.class);
        Arrays.stream(Attribute.values()).forEach(a -> scores.put(a, 7.5));
        scores.put(Attribute.BODY, 7.0);
        HundredPointSheet sheet = new HundredPointSheet(scores, SOUND, List.of());
        assertThat(HouseLines.DEFAULTS.below(sheet)).containsExactly("body");
        assertThat(HouseLines.DEFAULTS.below(value(3, SOUND))).isEmpty();
        assertThat(HouseLines.DEFAULTS.says(79.75)).isEqualTo("below the line");
        assertThat(HouseLines.DEFAULTS.says(80)).isEmpty();
        assertThat(HouseLines.DEFAULTS.says(85)).isEqualTo("premium");
        assertThat(new HouseLines(11, 80, 70).problems()).hasSize(2);
    }

    @Test
    void aHouseHasAFewPlainScalesOfItsOwn() {
        assertThat(new HouseScales(List.of(" brightness ", "fruit")).names()).containsExactly("brightness", "fruit");
        assertThat(new HouseScales(List.of("Fruit", "fruit", "")).problems()).hasSize(2);
        assertThat(new HouseScales(Collections.nCopies(9, "a")).problems()).isNotEmpty();
        assertThat(HouseScales.problems(Map.of("fruit", 11))).hasSize(1);
        assertThat(HouseScales.problems(Map.of("fruit", 0, "body", 10))).isEmpty();
    }
}
