package barrowmist.core.desk;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.machine.Sense;
import barrowmist.core.roast.Reading;
import barrowmist.core.units.Wording;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class BelievedReadingsTest {

    private static final OptionalDouble NONE = OptionalDouble.empty();
    private final BelievedReadings sense = new BelievedReadings(Sense.USUAL);

    private Reading read(double bean, double environment, double gas, double rpm) {
        return sense.of(
                1,
                new RoasterReading(
                        OptionalDouble.of(bean),
                        OptionalDouble.of(environment),
                        OptionalDouble.of(gas),
                        OptionalDouble.of(40),
                        OptionalDouble.of(rpm),
                        NONE,
                        NONE));
    }

    @Test
    void whatCanBeTrueIsPassedOnAsItCame() {
        Reading reading = read(187.6, 214.1, 60, 62);
        assertThat(reading.beanC()).hasValue(187.6);
        assertThat(reading.gasPct()).hasValue(60);
        assertThat(reading.drumRpm()).hasValue(62);
        assertThat(sense.refused()).isZero();
    }

    @Test
    void aTrialSaysWhatCanHardlyBeTrueAndWhereToLook() {
        RoasterReading wrong = new RoasterReading(
                OptionalDouble.of(2), OptionalDouble.of(3276.7), OptionalDouble.of(600), NONE, NONE, NONE, NONE, 1);
        assertThat(BelievedReadings.doubts(Sense.USUAL, wrong, Wording.SI))
                .containsExactly(
                        "Bean reads 2 °C, colder than a room: look at type, word order and scale of its register.",
                        "Environment reads 3277 °C, outside of -20 °C to 400 °C: look at type, word order and scale of its"
                                + " register.",
                        "Gas is at 600 %, expected 0 to 100: look at type and scale of its register.",
                        "1 quantity has no value: an open probe, or a wrong register.");
        RoasterReading sound = new RoasterReading(
                OptionalDouble.of(187), OptionalDouble.of(210), OptionalDouble.of(60), NONE, NONE, NONE, NONE);
        assertThat(BelievedReadings.doubts(Sense.USUAL, sound, Wording.SI)).isEmpty();
        assertThat(BelievedReadings.doubts(Sense.USUAL, wrong, new Wording(true, false))
                        .get(0))
                .startsWith("Bean reads 36 °F");
    }

    @Test
    void aControlBeyondItsRangeIsLeftOutAlone() {
        Reading reading = read(187.6, 214.1, 160, 900);
        assertThat(reading.gasPct()).isEmpty();
        assertThat(reading.drumRpm()).isEmpty();
        assertThat(reading.airflowPct()).hasValue(40);
    }

    @Test
    void whereBothProbesSpeakNonsenseNothingIsBelieved() {
        Reading reading = read(-3000, 3000, 60, 62);
        assertThat(reading.beanC()).isEmpty();
        assertThat(reading.gasPct()).isEmpty();
        assertThat(sense.refused()).isEqualTo(2);
    }
}
