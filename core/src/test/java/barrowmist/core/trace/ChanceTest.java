package barrowmist.core.trace;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ChanceTest {

    @ParameterizedTest
    @CsvSource({"0, unlikely", "0.09, unlikely", "0.1, possible", "0.59, possible", "0.6, likely", "0.9, very likely"})
    void aProbabilityReadsInOneOfFourWords(double p, String word) {
        assertThat(Chance.of(p).label()).isEqualTo(word);
    }

    @ParameterizedTest
    @CsvSource({"0.99, POSSIBLE, possible", "0.99, LIKELY, likely", "0.05, POSSIBLE, unlikely"})
    void theWordIsNeverMoreThanWhatBearsItOut(double p, Chance most, String word) {
        assertThat(Chance.of(p).atMost(most).label()).isEqualTo(word);
    }
}
