package barrowmist.core.decision;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.decision.SupplierRecord.Compared;
import barrowmist.core.decision.SupplierRecord.Overall;
import java.util.List;
import org.hipparchus.stat.inference.TTest;
import org.junit.jupiter.api.Test;

class SupplierRecordTest {

    private static Compared score(long lot, double before, double after) {
        return new Compared(lot, "Score", "", before, after, false);
    }

    @Test
    void theDifferenceOverLotsIsThatOfAPairedTest() {
        List<Compared> all = List.of(score(1, 85, 84), score(2, 84.5, 84), score(3, 86, 84.75), score(4, 83, 82.5));
        Overall o = SupplierRecord.overall(all).get(0);
        double paired = new TTest().pairedTTest(new double[] {84, 84, 84.75, 82.5}, new double[] {85, 84.5, 86, 83});
        // the same but for the rounding of the figures, which makes it a little less sure
        assertThat(o.p().orElseThrow()).isBetween(paired, 1.05 * paired);
        assertThat(o.mean()).isEqualTo(-0.8125, within(1e-9));
        assertThat(o.text()).startsWith("Score 0.81 lower than before over 4 lots: a real difference (p 0.0");
    }

    @Test
    void fewLotsAreSaidToBeFew() {
        assertThat(SupplierRecord.overall(List.of(score(1, 85, 80))).get(0).text())
                .contains("one lot says nothing of a supplier");
        assertThat(SupplierRecord.overall(List.of(score(1, 85, 84), score(2, 84, 84.5)))
                        .get(0)
                        .text())
                .isEqualTo(
                        "Score: 1.00 lower and 0.50 higher than before in two lots, too few to say more of the supplier.");
        // one and the same rounded difference is no certainty, in two lots or in three
        assertThat(SupplierRecord.overall(List.of(score(1, 85, 84.9), score(2, 84, 83.9)))
                        .get(0)
                        .p())
                .isEmpty();
        assertThat(SupplierRecord.overall(List.of(score(1, 85, 84.9), score(2, 84, 83.9), score(3, 83, 82.9)))
                        .get(0)
                        .p()
                        .orElseThrow())
                .isBetween(0.03, 0.2);
        assertThat(SupplierRecord.overall(List.of())).isEmpty();
    }

    @Test
    void twoCuppingsDoNotTellHalfAPoint() {
        ScoreDifference d = ScoreDifference.of(List.of(84.0, 84.0), List.of(83.5, 83.5), DecisionRules.DEFAULTS);
        assertThat(d.difference()).isEqualTo(-0.5);
        assertThat(d.sure()).isFalse();
        // 0.9 points a sheet, two sheets each: an error of 0.9, times 1.64 and 0.84 (normal table)
        assertThat(d.found()).isEqualTo(2.232, within(0.001));
        assertThat(d.worse()).isFalse();
        assertThat(ScoreDifference.of(List.of(84.0, 84.0), List.of(82.0, 82.0), DecisionRules.DEFAULTS)
                        .worse())
                .isTrue();
    }
}
