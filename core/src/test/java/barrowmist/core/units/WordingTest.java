package barrowmist.core.units;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Check values by definition of the scales: 0 °C is 32 °F, 100 °C is 212 °F, 180 Fahrenheit degrees between them. */
class WordingTest {

    private static final Wording F_PER_30_S = new Wording(true, true);

    @Test
    void temperaturesAreShiftedAndDifferencesAreNot() {
        assertThat(F_PER_30_S.temperature(100)).isEqualTo("212 °F");
        assertThat(F_PER_30_S.difference(100)).isEqualTo("180.0 °F");
        assertThat(Wording.SI.temperature(100)).isEqualTo("100 °C");
    }

    @Test
    void ratesArePerMinuteOrPerThirtySeconds() {
        assertThat(Wording.SI.rate(10)).isEqualTo("10.0 °C/min");
        assertThat(F_PER_30_S.rate(10)).isEqualTo("9.0 °F/30 s");
        assertThat(new Wording(true, false).rate(10)).isEqualTo("18.0 °F/min");
    }

    @Test
    void pointsOfTheScalesAgree() {
        assertThat(Temperature.ofFahrenheit(32).c()).isZero();
        assertThat(new Temperature(-40).f()).isEqualTo(-40);
    }
}
