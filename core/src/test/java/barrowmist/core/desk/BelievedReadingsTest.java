package barrowmist.core.desk;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.roast.Reading;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class BelievedReadingsTest {

    private static final OptionalDouble NONE = OptionalDouble.empty();
    private final BelievedReadings sense = new BelievedReadings();

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
