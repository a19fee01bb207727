package barrowmist.core.green;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.EnumMap;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** The published equivalents and limits: SCA Arabica green grading, 350 g sample, values from memory. */
class DefectCountTest {

    private static DefectCount count(Map<Defect, Integer> beans) {
        return new DefectCount(beans, 350, OptionalInt.of(0));
    }

    @ParameterizedTest(name = "{0}: {1} beans make one full defect of category {2}")
    @CsvSource({
        "FULL_BLACK, 1, 1",
        "FULL_SOUR, 1, 1",
        "DRIED_CHERRY, 1, 1",
        "FUNGUS, 1, 1",
        "FOREIGN_MATTER, 1, 1",
        "SEVERE_INSECT, 5, 1",
        "PARTIAL_BLACK, 3, 2",
        "PARTIAL_SOUR, 3, 2",
        "PARCHMENT, 5, 2",
        "FLOATER, 5, 2",
        "IMMATURE, 5, 2",
        "WITHERED, 5, 2",
        "SHELL, 5, 2",
        "BROKEN, 5, 2",
        "HUSK, 5, 2",
        "SLIGHT_INSECT, 10, 2"
    })
    void equivalentsAreAsPublished(Defect kind, int beans, int category) {
        assertThat(kind.category()).isEqualTo(category);
        assertThat(count(Map.of(kind, beans)).fullDefects(category)).isEqualTo(1);
        assertThat(count(Map.of(kind, beans - 1)).fullDefects(category)).isZero();
        assertThat(count(Map.of(kind, 2 * beans - 1)).fullDefects(kind)).isEqualTo(1);
    }

    @Test
    void eachKindIsRoundedDownByItself() {
        // 4 broken and 4 shells: nearly two fulls together, none apart
        assertThat(count(Map.of(Defect.BROKEN, 4, Defect.SHELL, 4)).fullDefects(2))
                .isZero();
    }

    @Test
    void fiveSecondaryDefectsPassAndSixDoNot() {
        assertThat(count(Map.of(Defect.BROKEN, 29)).grade().name()).isEqualTo(Grade.Name.SPECIALTY);
        Grade six = count(Map.of(Defect.BROKEN, 30)).grade();
        assertThat(six.name()).isEqualTo(Grade.Name.BELOW_SPECIALTY);
        assertThat(six.reason()).isEqualTo("6 full defects of category 2, at most 5 allowed.");
    }

    @Test
    void onePrimaryDefectIsOneTooMany() {
        Grade grade =
                count(Map.of(Defect.FULL_BLACK, 1, Defect.SEVERE_INSECT, 4)).grade();
        assertThat(grade.name()).isEqualTo(Grade.Name.BELOW_SPECIALTY);
        assertThat(grade.reason()).isEqualTo("Full defects of category 1: 1 full black. None allowed.");
    }

    @Test
    void quakersDecideWhenTheyAreKnown() {
        Map<Defect, Integer> clean = Map.of();
        assertThat(new DefectCount(clean, 350, OptionalInt.of(1)).grade().reason())
                .isEqualTo("1 quaker in 100 g of the roasted sample, none allowed.");
        Grade open = new DefectCount(clean, 350, OptionalInt.empty()).grade();
        assertThat(open.name()).isEqualTo(Grade.Name.SPECIALTY_SO_FAR);
        assertThat(open.reason()).contains("quakers are counted in the roasted sample");
    }

    @Test
    void aSmallerSampleIsScaledAndSaidToBeAnEstimate() {
        DefectCount half = new DefectCount(Map.of(Defect.BROKEN, 15), 175, OptionalInt.of(0));
        assertThat(half.estimated()).isTrue();
        assertThat(half.scaled(Defect.BROKEN)).isEqualTo(30);
        // 15 in 175 g: 8.40 to 24.74 (exact Poisson limits, values from memory), twice that in 350 g
        assertThat(half.grade().reason())
                .endsWith(
                        "Estimated from 175 g: in 350 g 0 to 7 beans of category 1 and 17 to 49 of category 2 (95 %).");
        assertThat(new DefectCount(Map.of(), 348, OptionalInt.of(0)).estimated())
                .isFalse();
    }

    @Test
    void tenGramsDoNotPass() {
        Grade few = new DefectCount(Map.of(), 10, OptionalInt.of(0)).grade();
        assertThat(few.name()).isEqualTo(Grade.Name.TOO_LITTLE);
        assertThat(few.reason()).startsWith("Counted on 10 g: too little for a grade, which takes 350 g.");
        assertThat(new DefectCount(Map.of(), 200, OptionalInt.of(0)).grade().name())
                .isEqualTo(Grade.Name.SPECIALTY_SO_FAR);
        // what is there is there, however little was looked at
        assertThat(new DefectCount(Map.of(Defect.FULL_BLACK, 1), 10, OptionalInt.of(0))
                        .grade()
                        .name())
                .isEqualTo(Grade.Name.BELOW_SPECIALTY);
    }

    @Test
    void negativeBeansAndAnEmptySampleAreRefused() {
        assertThatThrownBy(() -> count(Map.of(Defect.SHELL, -1))).hasMessageContaining("no count negative");
        assertThatThrownBy(() -> new DefectCount(Map.of(), 0, OptionalInt.empty()))
                .hasMessageContaining("Sample is 0.0 g");
    }

    static LongStream seeds() {
        return LongStream.range(0, 200);
    }

    private static Map<Defect, Integer> random(Random random) {
        Map<Defect, Integer> beans = new EnumMap<>(Defect.class);
        for (Defect kind : Defect.values()) {
            beans.put(kind, random.nextInt(24));
        }
        return beans;
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void oneBeanMoreNeverMakesASampleBetter(long seed) {
        Random random = new Random(seed);
        Map<Defect, Integer> beans = random(random);
        double sampleG = 100 + random.nextInt(400);
        DefectCount before = new DefectCount(beans, sampleG, OptionalInt.empty());
        Defect kind = Defect.values()[random.nextInt(Defect.values().length)];
        beans.merge(kind, 1, Integer::sum);
        DefectCount after = new DefectCount(beans, sampleG, OptionalInt.empty());
        assertThat(after.fullDefects(kind)).isGreaterThanOrEqualTo(before.fullDefects(kind));
        assertThat(after.fullDefects(1) + after.fullDefects(2))
                .isBetween(
                        before.fullDefects(1) + before.fullDefects(2),
                        before.fullDefects(1) + before.fullDefects(2) + (int) Math.ceil(350 / sampleG) + 1);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void scalingKeepsTheShareOfEachKind(long seed) {
        Random random = new Random(seed);
        Map<Defect, Integer> beans = random(random);
        double sampleG = 100 + random.nextInt(240);
        DefectCount scaled = new DefectCount(beans, sampleG, OptionalInt.empty());
        beans.forEach((kind, n) ->
                assertThat((double) scaled.scaled(kind)).isBetween(n * 350 / sampleG - 0.5, n * 350 / sampleG + 0.5));
    }
}
