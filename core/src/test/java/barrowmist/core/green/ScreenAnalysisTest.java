package barrowmist.core.green;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ScreenAnalysisTest {

    private static ScreenAnalysis analyze(Map<Integer, Double> grams, double sampleG) {
        NavigableMap<Integer, Double> sorted = new TreeMap<>(grams);
        return ScreenAnalysis.of(sorted, OptionalDouble.of(sampleG), Optional.of(16))
                .orElseThrow();
    }

    @ParameterizedTest(name = "screen {0}: ISO 4150 names it {1} mm")
    @CsvSource({"18, 7.10", "17, 6.70", "16, 6.30", "15, 6.00", "14, 5.60", "12, 4.75", "10, 4.00"})
    void sievesAreThoseOfTheStandard(int screen, double nominalMm) {
        // ISO 4150 test sieves, nominal hole diameters, values from memory; they are rounded, 1/64 inch is exact
        assertThat(Sieve.mm(screen)).isCloseTo(nominalMm, within(0.051));
        assertThat(Sieve.mm(screen)).isEqualTo(screen / 64.0 * 25.4, within(1e-12));
    }

    @Test
    void sharesMeanAndSpreadAreWorkedOut() {
        ScreenAnalysis s = analyze(Map.of(18, 50.0, 17, 100.0, 16, 100.0, 15, 50.0), 300);
        assertThat(s.shares()).extracting(ScreenAnalysis.Share::screen).containsExactly(18, 17, 16, 15);
        assertThat(s.shares().get(1).pct()).isCloseTo(33.333, within(0.001));
        assertThat(s.meanScreen()).isCloseTo(16.5, within(1e-9));
        // variance (2·50·1.5² + 2·100·0.5²) / 300
        assertThat(s.spread()).isCloseTo(Math.sqrt(275.0 / 300), within(1e-9));
        assertThat(s.belowContractPct().orElseThrow()).isCloseTo(16.667, within(0.001));
        assertThat(s.missingPct().orElseThrow()).isZero();
        assertThat(s.doubt()).isEmpty();
        assertThat(s.wide()).isFalse();
    }

    @Test
    void thePanCountsOneBelowTheSmallestSieve() {
        ScreenAnalysis s = analyze(Map.of(16, 100.0, ScreenAnalysis.PAN, 100.0), 200);
        assertThat(s.meanScreen()).isCloseTo(15.5, within(1e-9));
        assertThat(s.shares().get(1).screen()).isEqualTo(ScreenAnalysis.PAN);
        assertThat(s.belowContractPct().orElseThrow()).isEqualTo(50);
    }

    @Test
    void whatIsLostInSievingIsSaidBeyondOnePercent() {
        assertThat(analyze(Map.of(16, 99.1), 100).doubt()).isEmpty();
        assertThat(analyze(Map.of(16, 98.0), 100).doubt())
                .contains("The sieves hold 2.0 % less than the sample weighed: beans lost, or a weight mistyped.");
        assertThat(analyze(Map.of(16, 103.0), 100).doubt()).get().asString().contains("3.0 % more");
    }

    @Test
    void nothingWeighedSaysNothing() {
        assertThat(ScreenAnalysis.of(new TreeMap<>(Map.of(16, 0.0)), OptionalDouble.empty(), Optional.empty()))
                .isEmpty();
    }

    @Test
    void aWideMixIsSaidToRoastUnevenly() {
        ScreenAnalysis s = analyze(Map.of(19, 60.0, 17, 60.0, 15, 60.0, 13, 60.0), 240);
        assertThat(s.wide()).isTrue();
    }
}
