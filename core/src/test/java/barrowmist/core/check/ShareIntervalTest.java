package barrowmist.core.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class ShareIntervalTest {

    /** Clopper and Pearson's exact limits; 3 of 10 and 0 of 10 as in handbook tables, values from memory. */
    @Test
    void theLimitsAreThoseOfTheTables() {
        assertThat(ShareInterval.of(3, 10).lower()).isEqualTo(0.0667, within(0.0001));
        assertThat(ShareInterval.of(3, 10).upper()).isEqualTo(0.6525, within(0.0001));
        assertThat(ShareInterval.of(0, 10).lower()).isZero();
        assertThat(ShareInterval.of(0, 10).upper()).isEqualTo(0.3085, within(0.0001));
        assertThat(ShareInterval.of(1, 1).lower()).isEqualTo(0.025, within(1e-9));
        assertThat(ShareInterval.of(0, 0)).isEqualTo(new ShareInterval(0, 1));
    }
}
