package barrowmist.core.green;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.check.FieldProblem;
import barrowmist.core.green.GreenJudgement.Verdict;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Moisture 10 to 12 % (common contract range), water activity 0.50 to 0.60 and 0.70: values from memory. */
class InspectionTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 11, 25);

    /** An inspection to be filled in by a test. */
    static final class Filled {
        OptionalDouble moisture = OptionalDouble.empty();
        OptionalDouble activity = OptionalDouble.empty();
        OptionalDouble density = OptionalDouble.empty();
        OptionalDouble cupG = OptionalDouble.empty();
        OptionalDouble cupMl = OptionalDouble.empty();
        Map<Integer, Double> sieves = Map.of();
        Optional<Map<Defect, Integer>> defects = Optional.empty();
        List<String> smells = List.of();
        Optional<String> colour = Optional.empty();
        Optional<LocalDate> harvest = Optional.empty();
        boolean mould;

        Inspection inspection() {
            return new Inspection(
                    moisture,
                    activity,
                    density,
                    cupG,
                    cupMl,
                    OptionalDouble.of(300),
                    sieves,
                    Optional.of(16),
                    OptionalDouble.empty(),
                    defects,
                    smells,
                    colour,
                    "",
                    harvest,
                    mould);
        }
    }

    private static Verdict verdict(Filled filled, String field) {
        return GreenJudgement.of(filled.inspection(), GreenLimits.DEFAULTS, TODAY).stream()
                .filter(j -> j.field().equals(field))
                .findFirst()
                .orElseThrow()
                .verdict();
    }

    @ParameterizedTest
    @CsvSource({"8.9, OUT", "9.0, WATCH", "9.9, WATCH", "10, GOOD", "12, GOOD", "12.1, OUT"})
    void moistureIsJudged(double pct, Verdict expected) {
        Filled filled = new Filled();
        filled.moisture = OptionalDouble.of(pct);
        assertThat(verdict(filled, "moisturePct")).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource({"0.45, WATCH", "0.50, GOOD", "0.60, GOOD", "0.65, WATCH", "0.70, WATCH", "0.71, OUT"})
    void waterActivityIsJudged(double activity, Verdict expected) {
        Filled filled = new Filled();
        filled.activity = OptionalDouble.of(activity);
        assertThat(verdict(filled, "waterActivity")).isEqualTo(expected);
    }

    @Test
    void densityComesFromTheFilledCupUnlessTyped() {
        Filled filled = new Filled();
        filled.cupG = OptionalDouble.of(178);
        filled.cupMl = OptionalDouble.of(250);
        assertThat(filled.inspection().density().orElseThrow()).isCloseTo(712, within(1e-9));
        filled.density = OptionalDouble.of(690);
        assertThat(filled.inspection().density().orElseThrow()).isEqualTo(690);
    }

    @Test
    void mouldAndChemicalsStopTheSample() {
        Filled filled = new Filled();
        filled.smells = List.of("fresh", "chemical");
        assertThat(verdict(filled, "smells")).isEqualTo(Verdict.STOP);
        assertThat(GreenJudgement.stops(filled.inspection())).isTrue();
        filled.smells = List.of("musty");
        assertThat(verdict(filled, "smells")).isEqualTo(Verdict.WATCH);
        assertThat(GreenJudgement.stops(filled.inspection())).isFalse();
        filled.mould = true;
        assertThat(verdict(filled, "mouldOrTaint")).isEqualTo(Verdict.STOP);
        assertThat(GreenJudgement.stops(filled.inspection())).isTrue();
    }

    @Test
    void oldCoffeeIsToBeWatched() {
        Filled filled = new Filled();
        filled.harvest = Optional.of(TODAY.minusMonths(17));
        assertThat(verdict(filled, "harvest")).isEqualTo(Verdict.GOOD);
        filled.harvest = Optional.of(TODAY.minusMonths(20));
        assertThat(verdict(filled, "harvest")).isEqualTo(Verdict.WATCH);
    }

    @Test
    void slipsOfTheHandAreRefusedInOneGo() {
        Filled filled = new Filled();
        filled.moisture = OptionalDouble.of(55);
        filled.cupG = OptionalDouble.of(20);
        filled.cupMl = OptionalDouble.of(250);
        filled.sieves = Map.of(16, -3.0, 25, 10.0);
        filled.defects = Optional.of(Map.of(Defect.SHELL, -1));
        filled.smells = List.of("nice");
        filled.harvest = Optional.of(TODAY.plusDays(1));
        assertThat(filled.inspection().problems(TODAY))
                .extracting(FieldProblem::message)
                .anyMatch(m -> m.equals("Moisture is 55 %, allowed are 5 to 20 %"))
                .anyMatch(m -> m.startsWith("Density from mass and volume is 80 g/L"))
                .anyMatch(m -> m.startsWith("On screen 16 is -3 g"))
                .anyMatch(m -> m.startsWith("Screen is 25, allowed are 8 to 20"))
                .anyMatch(m -> m.startsWith("Shell is -1 beans"))
                .anyMatch(m -> m.startsWith("Smell is \"nice\""))
                .anyMatch(m -> m.startsWith("Harvest is 2026-11-26"));
        assertThat(Inspection.none().problems(TODAY)).isEmpty();
    }

    @Test
    void theSievesGiveTheScreenRange() {
        Filled filled = new Filled();
        filled.sieves = Map.of(18, 10.0, 17, 120.0, 16, 130.0, 15, 30.0, ScreenAnalysis.PAN, 10.0);
        assertThat(filled.inspection().screenRange()).contains(new ScreenRange(15, 17));
    }

    @Test
    void arrivalIsHeldAgainstPreShipment() {
        Filled before = new Filled();
        before.moisture = OptionalDouble.of(11.0);
        before.density = OptionalDouble.of(705);
        before.defects = Optional.of(Map.of(Defect.BROKEN, 5));
        Filled after = new Filled();
        after.moisture = OptionalDouble.of(12.1);
        after.density = OptionalDouble.of(712);
        after.defects = Optional.of(Map.of(Defect.BROKEN, 5, Defect.FULL_BLACK, 7));
        List<StageComparison> all = StageComparison.of(before.inspection(), after.inspection());
        assertThat(all)
                .extracting(StageComparison::verdict)
                .containsExactly(
                        StageComparison.Verdict.DIFFERS,
                        StageComparison.Verdict.NOT_MEASURED,
                        StageComparison.Verdict.MATCHES,
                        StageComparison.Verdict.NOT_MEASURED,
                        StageComparison.Verdict.DIFFERS,
                        StageComparison.Verdict.MATCHES);
        assertThat(all.get(0).text()).isEqualTo("Higher by 1.1 %: it took up water on the way.");
    }

    @Test
    void oneBeanAgainstNoneIsNoDifferenceAndACleanerArrivalIsNotWorse() {
        Filled none = new Filled();
        none.defects = Optional.of(Map.of());
        Filled one = new Filled();
        one.defects = Optional.of(Map.of(Defect.FULL_BLACK, 1));
        Filled many = new Filled();
        many.defects = Optional.of(Map.of(Defect.FULL_BLACK, 8));
        assertThat(primary(none, one).verdict()).isEqualTo(StageComparison.Verdict.MATCHES);
        assertThat(primary(none, many).verdict()).isEqualTo(StageComparison.Verdict.DIFFERS);
        assertThat(primary(none, many).worse()).isTrue();
        assertThat(primary(many, none).verdict()).isEqualTo(StageComparison.Verdict.DIFFERS);
        assertThat(primary(many, none).worse()).isFalse();
    }

    private static StageComparison primary(Filled before, Filled after) {
        return StageComparison.of(before.inspection(), after.inspection()).get(4);
    }

    @Test
    void limitsThatContradictThemselvesAreRefused() {
        GreenLimits upsideDown = new GreenLimits(12, 10, 9, 0.5, 0.6, 0.7, 700, 680, 5, 18);
        assertThat(upsideDown.problems()).extracting(FieldProblem::field).containsExactly("moistureMinPct");
        assertThat(GreenLimits.DEFAULTS.problems()).isEmpty();
    }
}
