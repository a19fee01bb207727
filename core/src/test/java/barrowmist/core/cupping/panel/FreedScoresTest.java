package barrowmist.core.cupping.panel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.cupping.panel.FreedScores.Freed;
import java.util.List;
import org.hipparchus.stat.regression.OLSMultipleLinearRegression;
import org.junit.jupiter.api.Test;

class FreedScoresTest {

    private static List<Panel.Sample> samples(Panel.Score... scores) {
        return Panel.of(List.of(scores)).samples();
    }

    @Test
    void whereEverybodyScoredEverythingTheMeansStayAsTheyAre() {
        List<Panel.Sample> all = samples(
                new Panel.Score("A", "Ines", 82),
                new Panel.Score("A", "Tom", 85),
                new Panel.Score("B", "Ines", 84),
                new Panel.Score("B", "Tom", 86));
        Freed freed = FreedScores.of(all).orElseThrow();
        assertThat(freed.means().get("A")).isCloseTo(83.5, within(1e-9));
        assertThat(freed.means().get("B")).isCloseTo(85, within(1e-9));
        assertThat(freed.offsets().get("Ines")).isCloseTo(-1.25, within(1e-9));
        assertThat(freed.offsets().get("Tom")).isCloseTo(1.25, within(1e-9));
    }

    @Test
    void whoScoredOnlyOneDoesNotPullItUp() {
        // Tom gives two points more, and scored A alone
        List<Panel.Sample> all = samples(
                new Panel.Score("A", "Ines", 82), new Panel.Score("A", "Tom", 84), new Panel.Score("B", "Ines", 83));
        assertThat(all.get(0).mean()).isEqualTo(83);
        Freed freed = FreedScores.of(all).orElseThrow();
        assertThat(freed.means().get("B") - freed.means().get("A")).isCloseTo(1, within(1e-9));
    }

    @Test
    void itIsTheLeastSquaresOfTheReferenceLibrary() {
        List<Panel.Sample> all = samples(
                new Panel.Score("A", "Ines", 82),
                new Panel.Score("A", "Tom", 84.5),
                new Panel.Score("A", "Kira", 81),
                new Panel.Score("B", "Ines", 83),
                new Panel.Score("B", "Tom", 84),
                new Panel.Score("C", "Tom", 86),
                new Panel.Score("C", "Kira", 82.25));
        OLSMultipleLinearRegression reference = new OLSMultipleLinearRegression();
        // intercept and dummies against A and Ines
        reference.newSampleData(new double[] {82, 84.5, 81, 83, 84, 86, 82.25}, new double[][] {
            {0, 0, 0, 0}, {0, 0, 1, 0}, {0, 0, 0, 1}, {1, 0, 0, 0}, {1, 0, 1, 0}, {0, 1, 1, 0}, {0, 1, 0, 1}
        });
        double[] beta = reference.estimateRegressionParameters();
        Freed freed = FreedScores.of(all).orElseThrow();
        assertThat(freed.means().get("B") - freed.means().get("A")).isCloseTo(beta[1], within(1e-9));
        assertThat(freed.means().get("C") - freed.means().get("A")).isCloseTo(beta[2], within(1e-9));
        assertThat(freed.offsets().get("Tom") - freed.offsets().get("Ines")).isCloseTo(beta[3], within(1e-9));
    }

    @Test
    void whereNothingConnectsTheSamplesNothingIsFreed() {
        assertThat(FreedScores.of(samples(new Panel.Score("A", "Ines", 82), new Panel.Score("B", "Tom", 84))))
                .isEmpty();
        assertThat(FreedScores.of(samples(
                        new Panel.Score("A", "Ines", 82),
                        new Panel.Score("B", "Ines", 83),
                        new Panel.Score("C", "Tom", 84),
                        new Panel.Score("D", "Tom", 85))))
                .isEmpty();
        assertThat(FreedScores.of(samples(new Panel.Score("A", "Ines", 82)))).isEmpty();
        assertThat(FreedScores.of(List.of())).isEmpty();
    }
}
