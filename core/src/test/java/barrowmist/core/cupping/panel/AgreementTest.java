package barrowmist.core.cupping.panel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class AgreementTest {

    /** Shrout and Fleiss, "Intraclass correlations", Psychological Bulletin 86 (1979), table 2: 6 targets, 4 judges. */
    private static final double[][] SHROUT_FLEISS = {
        {9, 2, 5, 8}, {6, 1, 3, 2}, {8, 4, 6, 8}, {7, 1, 2, 6}, {10, 5, 6, 9}, {6, 2, 4, 7}
    };

    @Test
    void thePublishedTableComesOut() {
        Agreement table = Agreement.of(SHROUT_FLEISS).orElseThrow();
        assertThat(table.betweenSamples()).isCloseTo(11.24, within(0.005));
        assertThat(table.betweenCuppers()).isCloseTo(32.49, within(0.005));
        assertThat(table.rest()).isCloseTo(1.02, within(0.005));
        Agreement.Intraclass icc = table.intraclass().orElseThrow();
        assertThat(icc.icc()).isCloseTo(0.290, within(0.0005));
        assertThat(icc.lower()).isCloseTo(0.019, within(0.0005));
        assertThat(icc.upper()).isCloseTo(0.761, within(0.0005));
        assertThat(icc.iccMean()).isCloseTo(0.620, within(0.0005));
    }

    @Test
    void theSmallestDifferenceIsTukeysWithTheTabledRange() {
        // q(0.05; 6, 15) = 4.595 (table of the studentised range, value from memory)
        assertThat(Agreement.of(SHROUT_FLEISS)
                        .orElseThrow()
                        .smallestDifference()
                        .orElseThrow())
                .isCloseTo(4.595 * Math.sqrt(1.0194 / 4), within(0.002));
    }

    @Test
    void aTableThatSaysNothingHasNoAnswer() {
        assertThat(Agreement.of(new double[][] {})).isEmpty();
        assertThat(Agreement.of(new double[][] {{80, 81, 82}})).isEmpty();
        assertThat(Agreement.of(new double[][] {{80}, {81}})).isEmpty();
        Agreement alike =
                Agreement.of(new double[][] {{84.25, 84.25}, {84.25, 84.25}}).orElseThrow();
        assertThat(alike.intraclass()).isEmpty();
        assertThat(alike.smallestDifference()).isEmpty();
    }

    @Test
    void cuppersWhoAgreeToTheLastPointCorrelateWhollyAndAnOffsetCostsSomething() {
        Agreement same =
                Agreement.of(new double[][] {{80, 80}, {84, 84}, {86, 86}}).orElseThrow();
        assertThat(same.intraclass().orElseThrow().icc()).isCloseTo(1, within(1e-9));
        Agreement strict =
                Agreement.of(new double[][] {{80, 78}, {84, 82}, {86, 84}}).orElseThrow();
        assertThat(strict.rest()).isZero();
        assertThat(strict.intraclass().orElseThrow().icc()).isBetween(0.5, 0.99);
    }

    @Test
    void disagreementIsNegativeAsItComes() {
        Agreement against =
                Agreement.of(new double[][] {{80, 86}, {83, 83.5}, {86, 80}}).orElseThrow();
        assertThat(against.intraclass().orElseThrow().icc()).isNegative();
    }
}
