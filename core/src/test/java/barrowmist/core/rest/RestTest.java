package barrowmist.core.rest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.check.Coded;
import barrowmist.core.green.Process;
import barrowmist.core.rest.Ageing.Point;
import barrowmist.core.rest.Rest.State;
import java.util.List;
import java.util.stream.DoubleStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RestTest {

    /** Protocol: 8 to 24 h (SCA cupping protocol, value from memory); the others common practice, no published source. */
    @ParameterizedTest
    @CsvSource({
        "PROTOCOL, WASHED, 7.9, RESTING",
        "PROTOCOL, WASHED, 8, BEST",
        "PROTOCOL, WASHED, 24.1, MISSED",
        "PROTOCOL, NATURAL, 24.1, RESTING",
        "PROTOCOL, NATURAL, 32, BEST",
        "PROTOCOL, NATURAL, 48.1, MISSED",
        "DRINKING, WASHED, 23, RESTING",
        "DRINKING, WASHED, 30, OPEN",
        "DRINKING, WASHED, 72, BEST",
        "DRINKING, NATURAL, 30, RESTING",
        "DRINKING, NATURAL, 84, BEST",
        "DRINKING, WASHED, 97, MISSED",
        "LATE, WASHED, 95, RESTING",
        "LATE, WASHED, 120, OPEN",
        "LATE, WASHED, 150, BEST",
        "LATE, NATURAL, 119, RESTING"
    })
    void aSampleStandsWhereItsSchoolPutsIt(RestSchool school, Process process, double ageH, State state) {
        assertThat(Rest.of(school, process, ageH).state()).isEqualTo(state);
    }

    @Test
    void itIsCountedDownToTheNextChange() {
        assertThat(Rest.of(RestSchool.DRINKING, Process.WASHED, 20).changesInH().orElseThrow())
                .isCloseTo(4, within(1e-9));
        assertThat(Rest.of(RestSchool.DRINKING, Process.WASHED, 30).changesInH().orElseThrow())
                .isCloseTo(18, within(1e-9));
        assertThat(Rest.of(RestSchool.DRINKING, Process.WASHED, 90).changesInH().orElseThrow())
                .isCloseTo(6, within(1e-9));
        assertThat(Rest.of(RestSchool.DRINKING, Process.WASHED, 100).changesInH())
                .isEmpty();
    }

    @Test
    void aTableIsLaidByWhatClosesFirstThenByWhatOpensFirst() {
        List<Double> ages = DoubleStream.of(3, 30, 10, 22, 6, 26)
                .mapToObj(h -> Rest.of(RestSchool.PROTOCOL, Process.WASHED, h))
                .sorted(Rest.TABLE)
                .map(Rest::ageH)
                .toList();
        assertThat(ages).containsExactly(22.0, 10.0, 6.0, 3.0, 30.0, 26.0);
    }

    @Test
    void anAgeingStudySaysWhenItWasBestAndWhenItFellOff() {
        Ageing ageing = new Ageing(List.of(new Point(21.2, 82), new Point(1, 83.5), new Point(7.1, 84.25)));
        assertThat(ageing.text()).isEqualTo("Best on day 7 with 84.25; by day 21 it has lost 2.25.");
        assertThat(ageing.nextDue(List.of(7, 14, 21))).hasValue(14);
        assertThat(new Ageing(List.of(new Point(7, 84), new Point(14, 83.5))).text())
                .contains("not fallen off yet");
        assertThat(new Ageing(List.of()).text()).isEqualTo("Not cupped yet.");
        assertThat(new Ageing(List.of()).nextDue(List.of())).isEmpty();
    }

    @Test
    void theWindowsOfAgeAreToldFromTheSchoolsThemselves() {
        assertThat(Age.told())
                .contains(
                        "To be cupped by the protocol: 8 to 24 hours after the roast, a natural 32 to 48.",
                        "To be drunk: at its best from day 2 to 4, a natural from day 3 to 5.")
                .anyMatch(s -> s.startsWith("After day 16 a cup tells its age"));
        assertThat(Age.faded(16 * 24)).isFalse();
        assertThat(Age.faded(16 * 24 + 0.1)).isTrue();
    }

    @Test
    void aSchoolIsKnownByItsName() {
        assertThat(Coded.find(RestSchool.class, "late")).contains(RestSchool.LATE);
        assertThat(Coded.find(RestSchool.class, "never")).isEmpty();
    }

    @Test
    void aSchoolMeansItsHours() {
        assertThat(RestSchool.values())
                .extracting(RestSchool::meaning)
                .containsExactly("8 to 24 hours", "day 1 to 4", "day 4 to 10");
    }
}
