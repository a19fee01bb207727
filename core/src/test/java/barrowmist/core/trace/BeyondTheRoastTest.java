package barrowmist.core.trace;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.green.Process;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** Causes in the green, the rest and the preparation, as a lab meets them (common practice, no published source). */
class BeyondTheRoastTest {

    @Test
    void oatsInTwoCupsWithCountedQuakersAreQuakers() {
        Known k = new Known().cupped(2, "oats", "papery");
        k.counted(4, 0, 0);
        Known.supported(k, Cause.QUAKERS);
        Known all = new Known().cupped(5, "bready");
        all.counted(4, 0, 0);
        assertThat(k.finding(Cause.QUAKERS).probability())
                .isGreaterThan(all.finding(Cause.QUAKERS).probability());
    }

    @Test
    void aMustyCupOfAMoistMustyLotIsMould() {
        Known k = new Known().cupped(1, "musty");
        k.moisture = OptionalDouble.of(13.1);
        k.smells = List.of("musty");
        Known.supported(k, Cause.GREEN_MOULD);
        assertThat(k.first().correction()).isEmpty();
    }

    @Test
    void fermentAndPhenolAreWitnessedByTheSmell() {
        Known ferment = new Known().cupped(5, "vinegar");
        ferment.smells = List.of("ferment");
        Known.supported(ferment, Cause.GREEN_FERMENT);
        Known phenol = new Known().cupped(1, "medicinal");
        phenol.smells = List.of("chemical");
        Known.supported(phenol, Cause.GREEN_PHENOL);
    }

    @Test
    void oneCupThatTastesOfPotatoIsThePotatoDefect() {
        Known k = new Known().cupped(1, "raw potato");
        k.smells = List.of("chemical");
        assertThat(k.finding(Cause.GREEN_POTATO).probability()).isGreaterThan(0.5);
    }

    /** Common practice, no published source: a wet-hulled coffee may taste of earth, a natural of fermented fruit. */
    @Test
    void wordsAreReadByTheProcess() {
        assertThat(sound(Process.WET_HULLED, "earthy", List.of())).isGreaterThan(0.8);
        assertThat(sound(Process.WASHED, "earthy", List.of())).isLessThan(0.5);
        assertThat(sound(Process.WET_HULLED, "earthy", List.of("musty"))).isLessThan(0.2);
        assertThat(sound(Process.NATURAL, "fermented fruit", List.of())).isGreaterThan(0.8);
        assertThat(sound(Process.WASHED, "fermented fruit", List.of())).isLessThan(0.5);
        assertThat(sound(Process.NATURAL, "vinegar", List.of())).isLessThan(0.5);
    }

    private static double sound(Process process, String word, List<String> smells) {
        Known k = new Known().cupped(5, word);
        k.process = process;
        k.smells = smells;
        k.restH = OptionalDouble.of(process == Process.NATURAL ? 40 : 12);
        return k.trace().sound();
    }

    @Test
    void anOldDryLotIsPastCrop() {
        Known k = new Known().cupped(5, "woody", "papery");
        k.harvest = Optional.of(LocalDate.of(2024, 3, 1));
        k.moisture = OptionalDouble.of(8.4);
        Known.supported(k, Cause.PAST_CROP);
    }

    @Test
    void aFlatClosedCupAfterThreeHoursIsUnderRestedAndOnlyWaits() {
        Known k = new Known().cupped(5, "flat", "closed");
        k.restH = OptionalDouble.of(3);
        Known.supported(k, Cause.UNDER_RESTED);
        assertThat(k.first().correction().orElseThrow().change()).isEqualTo("rest");
    }

    @Test
    void cardboardAfterAMonthIsStale() {
        Known k = new Known().cupped(5, "cardboard", "dull");
        k.restH = OptionalDouble.of(30 * 24);
        Known.supported(k, Cause.STALE);
    }

    @Test
    void aWholeTableThatTastesOfPaperPointsToThePreparation() {
        Known k = new Known().cupped(5, "papery", "drying");
        Map<String, Integer> same = Map.of("papery", 5);
        k.table = new TableFacts(
                List.of(same, same, same, Map.of("sweet", 5)),
                List.of(),
                List.of(),
                OptionalDouble.of(14),
                OptionalDouble.empty());
        Known.supported(k, Cause.PREPARATION);
    }

    @Test
    void lightAndDarkBeansTogetherAreUneven() {
        Known.supported(new Known().cupped(5, "uneven", "grassy").mixed(), Cause.UNEVEN);
    }
}
