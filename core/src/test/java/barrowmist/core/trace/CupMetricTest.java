package barrowmist.core.trace;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.roast.RoastFigures;
import barrowmist.core.sample.BenchFigures;
import org.junit.jupiter.api.Test;

class CupMetricTest {

    @Test
    void eachHasANameOfItsOwnAndIsFoundByIt() {
        assertThat(CupMetric.values()).extracting(CupMetric::code).doesNotHaveDuplicates();
        assertThat(CupMetric.values())
                .allMatch(
                        m -> CupMetric.parse(m.code()).isPresent() && !m.label().isBlank());
        assertThat(CupMetric.parse("rorAtFirstCrackCPerMin"))
                .hasValueSatisfying(m -> assertThat(m.unit()).isEqualTo("°C/min"));
        assertThat(CupMetric.parse("somethingNew")).isEmpty();
    }

    @Test
    void whatWasNotMeasuredHasNoValue() {
        assertThat(CupMetric.values())
                .allMatch(m ->
                        m.of().apply(RoastFigures.NONE, BenchFigures.none()).isEmpty());
    }
}
