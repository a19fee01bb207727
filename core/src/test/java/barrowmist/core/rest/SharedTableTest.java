package barrowmist.core.rest;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.green.Process;
import barrowmist.core.rest.SharedTable.Dropped;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;

/** When samples of one day can be cupped together; 8 to 24 hours of rest are the SCA cupping protocol's, value from memory. */
class SharedTableTest {

    private static final double H = 3600;

    @Test
    void oneTableIsOpenFromTheLastThatOpensToTheFirstThatCloses() {
        SharedTable table = SharedTable.of(
                List.of(new Dropped(0, Process.WASHED), new Dropped(2 * H, Process.HONEY)), RestSchool.PROTOCOL);
        assertThat(table.together()).isTrue();
        assertThat(table.opensS()).isEqualTo(10 * H);
        assertThat(table.closesS()).isEqualTo(24 * H);
    }

    /** A natural rests a day longer (common practice, no published source): dropped a day before, it shares the table. */
    @Test
    void aNaturalIsDroppedADayBefore() {
        Dropped washed = new Dropped(24 * H, Process.WASHED);
        assertThat(SharedTable.of(List.of(new Dropped(0, Process.NATURAL), washed), RestSchool.PROTOCOL)
                        .together())
                .isTrue();
        assertThat(SharedTable.of(List.of(new Dropped(24 * H, Process.NATURAL), washed), RestSchool.PROTOCOL)
                        .together())
                .isFalse();
    }

    @Test
    void samplesTooFarApartNeedTwoTables() {
        SharedTable table = SharedTable.of(
                List.of(new Dropped(0, Process.WASHED), new Dropped(17 * H, Process.WASHED)), RestSchool.PROTOCOL);
        assertThat(table.together()).isFalse();
        assertThat(table.closesS()).isLessThan(table.opensS());
    }

    @Test
    void restCountsFromTheDropAndWhatIsMissingIsSaid() {
        Instant dropped = Instant.parse("2026-03-02T09:00:00Z");
        double ageH = Rest.ageH(dropped, Instant.parse("2026-03-02T12:30:00Z"));
        assertThat(ageH).isEqualTo(3.5);
        assertThat(Rest.of(RestSchool.PROTOCOL, Process.WASHED, ageH).warning(RestSchool.PROTOCOL))
                .hasValueSatisfying(w -> assertThat(w).startsWith("Not rested: 4 h since the drop, 5 h more"));
        assertThat(Rest.of(RestSchool.PROTOCOL, Process.WASHED, 12).warning(RestSchool.PROTOCOL))
                .isEmpty();
        assertThat(Rest.of(RestSchool.PROTOCOL, Process.WASHED, 72).warning(RestSchool.PROTOCOL))
                .hasValueSatisfying(w -> assertThat(w).contains("3 days", "2 days too long"));
    }
}
