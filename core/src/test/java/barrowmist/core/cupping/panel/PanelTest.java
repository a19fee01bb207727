package barrowmist.core.cupping.panel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.cupping.panel.Panel.Score;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class PanelTest {

    private static final List<String> CUPPERS = List.of("A", "B", "C", "D");

    /** One row a sample, one column a cupper; NaN is missing. */
    private static Panel panel(double[][] table) {
        List<Score> scores = new ArrayList<>();
        for (int i = 0; i < table.length; i++) {
            for (int j = 0; j < table[i].length; j++) {
                if (!Double.isNaN(table[i][j])) {
                    scores.add(new Score("S" + i, CUPPERS.get(j), table[i][j]));
                }
            }
        }
        return Panel.of(scores);
    }

    /** Shrout and Fleiss 1979, table 2. */
    private static final double[][] SHROUT_FLEISS = {
        {9, 2, 5, 8}, {6, 1, 3, 2}, {8, 4, 6, 8}, {7, 1, 2, 6}, {10, 5, 6, 9}, {6, 2, 4, 7}
    };

    @Test
    void thePublishedTableComesOutOfScores() {
        Panel panel = panel(SHROUT_FLEISS);
        assertThat(panel.agreement().orElseThrow().intraclass().orElseThrow().icc())
                .isCloseTo(0.290, within(0.0005));
        assertThat(panel.leftOut()).isEmpty();
        assertThat(panel.samples().get(0).mean()).isEqualTo(6);
        assertThat(panel.samples().get(0).median()).isEqualTo(6.5);
        // (9, 2, 5, 8): squares 9, 16, 1, 4 over n − 1
        assertThat(panel.samples().get(0).sd()).hasValue(Math.sqrt(10));
        // judge means 7.667, 2.5, 4.333, 6.667 and 5.292 in all, from the same table
        assertThat(panel.cuppers().get(1).offset()).isCloseTo(2.5 - 5.2917, within(0.0001));
        // the best has the smallest sum of ranks
        double[] sums = panel.ranking().orElseThrow().rankSums();
        assertThat(sums[4]).isLessThan(sums[1]);
    }

    @Test
    void aMissingScoreLeavesOutAsLittleAsPossible() {
        double[][] table = {{80, 81, 82}, {83, 84, Double.NaN}, {85, 86, 87}, {82, 82, 84}};
        Panel panel = panel(table);
        assertThat(panel.leftOut()).containsExactly("S1");
        assertThat(panel.agreement().orElseThrow().samples()).isEqualTo(3);
        double[][] late = {{80, 81, 82}, {83, 84, Double.NaN}, {85, 86, Double.NaN}};
        assertThat(panel(late).leftOut()).containsExactly("C");
    }

    @Test
    void whatCannotBeSaidIsSaid() {
        assertThat(panel(new double[][] {{80, 81}}).text()).startsWith("One sample");
        assertThat(panel(new double[][] {{80}, {84}}).text()).startsWith("One cupper");
        assertThat(panel(new double[][] {{80, Double.NaN}, {Double.NaN, 84}}).text())
                .startsWith("Too many");
        assertThat(panel(new double[][] {{84, 84}, {84, 84}}).text()).startsWith("All scores are alike");
        assertThat(panel(new double[][] {{84, 85}, {82, 83}}).text())
                .isEqualTo("Two cuppers and two samples leave nothing to judge chance by: do not rank them.");
        assertThat(Panel.of(List.of()).samples()).isEmpty();
    }

    @Test
    void theOrderIsOnlySaidWhereTheTableShowsIt() {
        double[][] close = {{84, 83, 84.5}, {83.5, 84.5, 83}, {84.25, 83.25, 84}};
        assertThat(panel(close).text()).startsWith("This table could not tell its samples apart");
        double[][] clear = {{88, 87.5, 88.25}, {80, 80.25, 80}, {79, 79.5, 79.75}};
        assertThat(panel(clear).text()).startsWith("S0 stands apart");
        double[][] two = {{88, 87.5, 88.25}, {87.75, 88, 88}, {79, 79.5, 79.75}};
        assertThat(panel(two).text()).startsWith("This table could not tell the first 2 apart");
    }

    @Test
    void twoSheetsOfOneCupperCountOnce() {
        Panel panel = Panel.of(List.of(new Score("S", "A", 80), new Score("S", "A", 82), new Score("S", "B", 84)));
        assertThat(panel.samples().get(0).scores()).containsEntry("A", 81.0);
        assertThat(panel.samples().get(0).mean()).isEqualTo(82.5);
    }
}
