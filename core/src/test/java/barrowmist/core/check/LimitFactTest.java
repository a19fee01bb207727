package barrowmist.core.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import barrowmist.core.check.Begins.Standing;
import barrowmist.core.green.GreenLimits;
import barrowmist.core.roast.FaultSettings;
import barrowmist.core.sample.BenchLimits;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class LimitFactTest {

    static Stream<Record> whatALabBeginsWith() {
        return Stream.of(GreenLimits.DEFAULTS, BenchLimits.DEFAULTS, FaultSettings.DEFAULTS);
    }

    @ParameterizedTest
    @MethodSource("whatALabBeginsWith")
    void everyNumberSaysWhyAndAPublishedOneWhere(Record defaults) {
        long numbers = Stream.of(defaults.getClass().getRecordComponents())
                .filter(c -> c.getType() != boolean.class)
                .count();
        assertThat(LimitFact.of(defaults))
                .hasSize((int) numbers)
                .filteredOn(f -> f.standing() == Standing.PUBLISHED)
                .allSatisfy(f -> assertThat(f.source()).as(f.name()).isNotEmpty());
    }

    @Test
    void aFactNamesItsFigureItsStandingAndItsSource() {
        assertThat(LimitFact.of(GreenLimits.DEFAULTS).get(1))
                .isEqualTo(
                        new LimitFact(
                                "moistureMaxPct",
                                12,
                                Standing.PUBLISHED,
                                "SCA green coffee standard, value from memory; ICO Resolution 420 has 8 to 12.5, value from memory"));
        assertThat(LimitFact.of(FaultSettings.DEFAULTS).get(0).words()).isEqualTo("house default");
    }

    @Test
    void aLimitWithoutAReasonIsRefused() {
        record Bare(double most) {}
        assertThatThrownBy(() -> LimitFact.of(new Bare(1))).hasMessageContaining("does not say why");
    }
}
