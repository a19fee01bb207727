package barrowmist.core.roast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SeriesTest {

    private static final Series UNEVEN =
            new Series(new double[] {0, 1, 2.5, 2.5, 7, 8}, new double[] {10, 11, 12, 13, 14, 15});

    @ParameterizedTest(name = "first reading from {0} s on is number {1}")
    @CsvSource({"-5, 0", "0, 0", "0.5, 1", "2.5, 2", "2.6, 4", "8, 5", "9, 6"})
    void readingsAreFoundByTime(double t, int index) {
        assertThat(UNEVEN.indexFrom(t)).isEqualTo(index);
    }

    @Test
    void aSliceHoldsBothEndsAndShiftsItsTimes() {
        Series slice = UNEVEN.slice(1, 7, -1);
        assertThat(slice.timesS()).containsExactly(0, 1.5, 1.5, 6);
        assertThat(slice.values()).containsExactly(11, 12, 13, 14);
        assertThat(UNEVEN.slice(3, 4, 0).isEmpty()).isTrue();
    }

    @Test
    void shiftingThereAndBackChangesNothing() {
        Series back = UNEVEN.shifted(90).shifted(-90);
        assertThat(back.timesS()).isEqualTo(UNEVEN.timesS());
    }

    @Test
    void theMedianSpacingIgnoresOneLongGap() {
        assertThat(new Series(new double[] {0, 1, 2, 3, 300}, new double[5]).medianSpacingS())
                .isEqualTo(1);
        assertThat(Series.empty().medianSpacingS()).isZero();
        assertThat(new Series(new double[] {4}, new double[] {1}).medianSpacingS())
                .isZero();
    }

    @Test
    void theArraysHandedInAndOutAreCopies() {
        double[] t = {0, 1};
        double[] v = {5, 6};
        Series series = new Series(t, v);
        v[0] = 99;
        series.values()[1] = 99;
        assertThat(series.value(0)).isEqualTo(5);
        assertThat(series.value(1)).isEqualTo(6);
    }

    @Test
    void whatIsNoSeriesIsRefusedWithTheReading() {
        assertThatThrownBy(() -> new Series(new double[] {0, 1}, new double[] {5}))
                .hasMessage("Series has 2 times and 1 values");
        assertThatThrownBy(() -> new Series(new double[] {1, 0}, new double[] {5, 6}))
                .hasMessage("Series reading 1 is 6.0 at 0.0 s");
        assertThatThrownBy(() -> new Series(new double[] {0, Double.NaN}, new double[] {5, 6}))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Series(new double[] {0, 1}, new double[] {5, Double.POSITIVE_INFINITY}))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aValueBetweenReadingsLiesOnTheirLine() {
        Series s = new Series(new double[] {0, 10, 20}, new double[] {100, 110, 130});
        assertThat(s.interpolated(5)).isEqualTo(105);
        assertThat(s.interpolated(10)).isEqualTo(110);
        assertThat(s.interpolated(-3)).isEqualTo(100);
        assertThat(s.interpolated(40)).isEqualTo(130);
    }

    @Test
    void aControlHoldsItsLastValue() {
        Series s = new Series(new double[] {0, 10, 20}, new double[] {75, 60, 50});
        assertThat(s.held(9.9)).isEqualTo(75);
        assertThat(s.held(10)).isEqualTo(60);
        assertThat(s.held(500)).isEqualTo(50);
        assertThat(s.held(-1)).isEqualTo(75);
    }

    @Test
    void aLevelIsReachedWhereTheLineRisesThroughItAndNotWhereItFalls() {
        Series s = new Series(new double[] {0, 10, 20, 40}, new double[] {190, 90, 100, 180});
        assertThat(s.risesTo(95, 0)).hasValue(15);
        assertThat(s.risesTo(160, 0)).hasValue(35);
        assertThat(s.risesTo(160, 36)).isEmpty();
        assertThat(s.risesTo(200, 0)).isEmpty();
        assertThat(Series.empty().risesTo(10, 0)).isEmpty();
    }

    @Test
    void theSlopeAboutATimeIsThatOfTheLineThroughItsNeighbours() {
        Series s = new Series(new double[] {0, 3, 8, 10, 30}, new double[] {1, 7, 17, 21, 900});
        assertThat(s.slopeAbout(5, 5).orElseThrow()).isCloseTo(2, org.assertj.core.api.Assertions.within(1e-9));
        assertThat(s.slopeAbout(30, 5)).isEmpty();
        assertThat(Series.empty().slopeAbout(0, 5)).isEmpty();
    }
}
