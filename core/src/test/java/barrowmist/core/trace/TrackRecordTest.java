package barrowmist.core.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.trace.TrackRecord.Band;
import barrowmist.core.trace.TrackRecord.Said;
import barrowmist.core.trace.TrackRecord.Tally;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class TrackRecordTest {

    @Test
    void rightPerCauseAndPerBandOfOdds() {
        TrackRecord record = TrackRecord.of(
                List.of(new Said("baked", 0.95, true), new Said("baked", 1, false), new Said("quakers", 0.42, true)));
        assertThat(record.byCause()).containsEntry("baked", new Tally(1, 2)).containsEntry("quakers", new Tally(1, 1));
        assertThat(record.byOdds()).extracting(Band::from).containsExactly(0.4, 0.9);
        assertThat(record.byOdds().get(1).said()).isEqualTo(0.975, within(1e-9));
    }

    /** Clopper and Pearson, Biometrika 26 (1934): 3 of 10 lies within 6.7 and 65.2 % (value from memory). */
    @Test
    void howSureOneCanBeFromSoFew() {
        List<Said> all = new ArrayList<>();
        for (int i = 0; i < 10; i++) {
            all.add(new Said("baked", 0.35, i < 3));
        }
        Band band = TrackRecord.of(all).byOdds().get(0);
        assertThat(band.lower()).isEqualTo(0.067, within(5e-4));
        assertThat(band.upper()).isEqualTo(0.652, within(5e-4));
    }

    @Test
    void allRightIsStillNotSurelyAlwaysRight() {
        Band band =
                TrackRecord.of(List.of(new Said("baked", 0.95, true))).byOdds().get(0);
        // 2.5 % of one: the exact bound is 0.025 itself
        assertThat(band.lower()).isEqualTo(0.025, within(1e-9));
        assertThat(band.upper()).isEqualTo(1);
    }

    @Test
    void whereNothingWasSaidThereIsNoBand() {
        assertThat(TrackRecord.of(List.of()).byOdds()).isEmpty();
    }
}
