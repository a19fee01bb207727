package barrowmist.core.cupping.panel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class RankingTest {

    /** Rounding first base, 22 players by three methods, s: Hollander and Wolfe (1973), p. 140 ff., with ties. */
    private static final double[][] ROUNDING_TIMES = {
        {5.40, 5.50, 5.55}, {5.85, 5.70, 5.75}, {5.20, 5.60, 5.50}, {5.55, 5.50, 5.40}, {5.90, 5.85, 5.70},
        {5.45, 5.55, 5.60}, {5.40, 5.40, 5.35}, {5.45, 5.50, 5.35}, {5.25, 5.15, 5.00}, {5.85, 5.80, 5.70},
        {5.25, 5.20, 5.10}, {5.65, 5.55, 5.45}, {5.60, 5.35, 5.45}, {5.05, 5.00, 4.95}, {5.50, 5.50, 5.40},
        {5.45, 5.55, 5.50}, {5.55, 5.55, 5.35}, {5.45, 5.50, 5.55}, {5.50, 5.45, 5.25}, {5.65, 5.60, 5.40},
        {5.70, 5.65, 5.55}, {6.30, 6.30, 6.25}
    };

    @Test
    void thePublishedDataComeOut() {
        Ranking ranking = Ranking.of(ROUNDING_TIMES).orElseThrow();
        assertThat(ranking.q()).isCloseTo(11.143, within(0.0005));
        assertThat(ranking.p()).isCloseTo(0.003805, within(0.000001));
        assertThat(ranking.rankSums()).containsExactly(53, 47, 32);
        assertThat(ranking.kendallW()).isCloseTo(11.143 / 44, within(0.0001));
    }

    @Test
    void onlyTheMethodsFarApartDifferAfterCorrection() {
        Ranking ranking = Ranking.of(ROUNDING_TIMES).orElseThrow();
        // spread of a difference of rank sums: sqrt(22·3·4/6) = 6.633; 21/6.633 = 3.166, two-sided 0.00155, times 3
        assertThat(ranking.pairs().get(1).p()).isCloseTo(3 * 0.001546, within(0.0001));
        // 15/6.633 = 2.261, two-sided 0.02374, times 2
        assertThat(ranking.pairs().get(2).p()).isCloseTo(2 * 0.02374, within(0.0005));
        assertThat(ranking.pairs().get(0).p()).isCloseTo(0.3657, within(0.001));
    }

    @Test
    void fullAgreementIsOneAndAllTiedSaysNothing() {
        assertThat(Ranking.of(new double[][] {{1, 2, 3}, {1, 2, 3}})
                        .orElseThrow()
                        .kendallW())
                .isCloseTo(1, within(1e-12));
        assertThat(Ranking.of(new double[][] {{5, 5, 5}, {7, 7, 7}})).isEmpty();
        assertThat(Ranking.of(new double[][] {{1, 2, 3}})).isEmpty();
        assertThat(Ranking.of(new double[][] {{1}, {2}})).isEmpty();
    }
}
