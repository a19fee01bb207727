package barrowmist.core.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.check.Checks;
import barrowmist.core.check.FieldProblem;
import barrowmist.core.desk.RoasterReading;
import barrowmist.core.machine.Abilities;
import barrowmist.core.units.ControlScale.Unit;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ControlScaleTest {

    private static final ControlScale PRESSURE = new ControlScale(Unit.KPA, 0, 100, 0, 4, 0.1);
    private static final ControlScale DIAL = new ControlScale(Unit.DIAL, 0, 100, 0, 10, 0.5);
    private static final ControlScale STEPS = new ControlScale(Unit.STEPS, 40, 76, 1, 9, 1);

    /** Flow through an orifice goes with the root of the pressure: a quarter of it is half the heat (Bernoulli). */
    @ParameterizedTest
    @CsvSource({"100, 4, 4.0 kPa", "50, 1, 1.0 kPa", "0, 0, 0.0 kPa", "70.711, 2, 2.0 kPa"})
    void aPressureGoesWithTheSquareOfTheHeat(double pct, double kPa, String text) {
        assertThat(PRESSURE.shown(pct)).isCloseTo(kPa, within(1e-6));
        assertThat(PRESSURE.base(kPa)).isCloseTo(pct, within(1e-3));
        assertThat(PRESSURE.text(pct)).isEqualTo(text);
    }

    @Test
    void gasThatIsOnButTooLittleForTheGaugeDoesNotReadAsOff() {
        // a hundredth of 4 kPa
        assertThat(PRESSURE.text(10)).isEqualTo("under 0.1 kPa");
    }

    @ParameterizedTest
    @CsvSource({"0, 0.0", "50, 5.0", "62, 6.0", "63, 6.5", "100, 10.0"})
    void aDialGoesEvenlyToItsOwnStep(double pct, String text) {
        assertThat(DIAL.text(pct)).isEqualTo(text);
    }

    @ParameterizedTest
    @CsvSource({"40, 1", "58, 5", "76, 9"})
    void numberedStepsOfADrumBeginWhereItTurnsSlowest(double rpm, int step) {
        assertThat(STEPS.text(rpm)).isEqualTo(String.valueOf(step));
        assertThat(STEPS.base(step)).isCloseTo(rpm, within(1e-9));
    }

    @Test
    void nothingBeyondWhatCanBeSetIsUnderstood() {
        assertThat(DIAL.base(14)).isEqualTo(100);
        assertThat(DIAL.base(-3)).isZero();
        assertThat(PRESSURE.base(-1)).isZero();
        assertThat(PRESSURE.base(9)).isEqualTo(100);
    }

    @Test
    void whatWasShownIsUnderstoodAsItWas() {
        for (double pct = 0; pct <= 100; pct += 2.5) {
            assertThat(DIAL.shown(DIAL.base(DIAL.shown(pct)))).isEqualTo(DIAL.shown(pct));
            assertThat(PRESSURE.shown(PRESSURE.base(PRESSURE.shown(pct)))).isEqualTo(PRESSURE.shown(pct));
        }
    }

    @ParameterizedTest
    @CsvSource({"KPA, 0, 100, 0, 0, 0.1", "DIAL, 0, 100, 9, 9, 1", "DIAL, 0, 100, 0, 9, 0", "STEPS, 50, 50, 0, 9, 1"})
    void aScaleThatSaysNothingIsRefused(Unit unit, double min, double max, double low, double high, double step) {
        Checks checks = new Checks();
        new ControlScale(unit, min, max, low, high, step).check(checks, "gas", "Gas");
        assertThat(checks.problems()).extracting(FieldProblem::field).contains("gas");
    }

    @Test
    void sentencesUseTheScaleAndAreInPercentWithoutOne() {
        ControlWords own = new ControlWords(Optional.of(PRESSURE), Optional.of(DIAL), Optional.of(STEPS));
        assertThat(own.gasText(50)).isEqualTo("1.0 kPa");
        assertThat(own.airText(50)).isEqualTo("5.0");
        assertThat(own.drumText(58)).isEqualTo("5");
        assertThat(ControlWords.PLAIN.gasText(50)).isEqualTo("50 %");
        assertThat(ControlWords.PLAIN.airText(50)).isEqualTo("50 %");
        assertThat(ControlWords.PLAIN.drumText(58)).isEqualTo("58 rpm");
        assertThat(Wording.SI.on(own).controls()).isEqualTo(own);
    }

    @Test
    void aReadingInItsOwnScaleIsUnderstoodAndWhatIsNotSaidStaysUnsaid() {
        ControlWords own = new ControlWords(Optional.of(PRESSURE), Optional.empty(), Optional.of(STEPS));
        OptionalDouble none = OptionalDouble.empty();
        RoasterReading said = new RoasterReading(
                OptionalDouble.of(187), none, OptionalDouble.of(1), OptionalDouble.of(45), none, none, none);
        RoasterReading read = said.fromOwnScale(own);
        assertThat(read.gasPct().orElseThrow()).isCloseTo(50, within(1e-9));
        assertThat(read.airflowPct()).hasValue(45);
        assertThat(read.drumRpm()).isEmpty();
        assertThat(read.beanC()).hasValue(187);
    }

    @Test
    void aRoastersAbilitiesNameTheirScales() {
        Abilities.Range gas = new Abilities.Range(0, 100, 1, Optional.of(PRESSURE));
        Abilities usual = Abilities.usual(OptionalDouble.empty());
        Abilities own =
                new Abilities(60, 150, gas, usual.air(), Optional.empty(), 22, 1800, 150, OptionalDouble.empty());
        assertThat(own.words().gasText(50)).isEqualTo("1.0 kPa");
        assertThat(own.words().airText(50)).isEqualTo("50 %");
        assertThat(own.problems()).isEmpty();
    }
}
