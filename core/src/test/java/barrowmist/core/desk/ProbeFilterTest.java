package barrowmist.core.desk;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.device.Drum;
import barrowmist.core.device.StandInRoaster;
import barrowmist.core.machine.Sense;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ProbeFilterTest {

    private final ProbeFilter filter = new ProbeFilter(Sense.USUAL.bean());

    private OptionalDouble pass(double t, double c) {
        return filter.pass(t, OptionalDouble.of(c));
    }

    @ParameterizedTest
    @ValueSource(doubles = {3276.7, -3200, 401, -21, Double.NaN, Double.POSITIVE_INFINITY})
    void whatNoRoasterReadsIsRefusedAndCounted(double nonsense) {
        assertThat(pass(1, nonsense)).isEmpty();
        assertThat(filter.refused()).isEqualTo(1);
    }

    @Test
    void theFallAfterAChargeIsBelievedAndASpikeIsNot() {
        assertThat(pass(0, 190)).hasValue(190);
        assertThat(pass(1, 182)).hasValue(182);
        assertThat(pass(2, 260)).isEmpty();
        assertThat(pass(3, 168)).hasValue(168);
        assertThat(filter.refused()).isEqualTo(1);
    }

    @Test
    void aNewLevelIsBelievedWhenItStays() {
        pass(0, 190);
        assertThat(pass(1, 60)).isEmpty();
        assertThat(pass(2, 61)).isEmpty();
        assertThat(pass(3, 61.5)).hasValue(61.5);
        assertThat(pass(4, 62)).hasValue(62);
    }

    @Test
    void whatOnlyIsRepeatedIsNeverBelieved() {
        pass(0, 190);
        for (int s = 1; s <= 40; s++) {
            assertThat(pass(s, -17.8))
                    .as("a code, or a wire that hangs, at %d s", s)
                    .isEmpty();
        }
        assertThat(filter.refused()).isEqualTo(40);
        assertThat(pass(41, 150)).isEmpty();
        assertThat(pass(42, 150.4)).isEmpty();
        assertThat(pass(43, 150.9)).as("a probe that moves is one").hasValue(150.9);
    }

    @Test
    void aProbeKeepsToTheRangeThatWasSetForIt() {
        ProbeFilter narrow = new ProbeFilter(new Sense.Range(5, 300));
        assertThat(narrow.pass(0, OptionalDouble.of(2))).isEmpty();
        assertThat(narrow.pass(1, OptionalDouble.of(301))).isEmpty();
        assertThat(narrow.pass(2, OptionalDouble.of(20))).hasValue(20);
    }

    @Test
    void garbageIsNotBelievedForBeingFrequent() {
        Random random = new Random(2);
        pass(0, 150);
        int passed = 0;
        for (int i = 1; i <= 200; i++) {
            passed += pass(i, random.nextInt(65536) / 10.0 - 3276.8).isPresent() ? 1 : 0;
        }
        // 13 of 200 such numbers fall between -20 and 400 °C at all
        assertThat(passed).isLessThanOrEqualTo(6);
    }

    @Test
    void aProbeThatStandsStillIsNoticedAndOneThatMovesIsNot() {
        for (int t = 0; t < 15; t++) {
            pass(t, 171.3);
        }
        assertThat(filter.frozen(14)).isFalse();
        pass(15, 171.3);
        assertThat(filter.frozen(15)).isTrue();
        pass(16, 171.4);
        assertThat(filter.frozen(16)).isFalse();
    }

    @Test
    void aReadingThatWasNotMadeIsNoFault() {
        assertThat(filter.pass(0, OptionalDouble.empty())).isEmpty();
        assertThat(filter.refused()).isZero();
    }

    @Test
    void theStandInKeepsItsHeatFromBatchToBatchAndCracks() {
        StandInRoaster roaster = new StandInRoaster(3);
        roaster.preheat(190);
        roaster.set(75, 42, 62);
        roaster.charge(new Drum.Batch(120, 11, 6.5, 1, 194));
        int loneBy = 0;
        for (int s = 0; s < 620; s++) {
            roaster.pass(1);
            loneBy = roaster.state().beanC() < 188 ? roaster.state().pops() : loneBy;
        }
        assertThat(roaster.state().chargedForS()).isEqualTo(620);
        assertThat(loneBy).isLessThan(8);
        assertThat(roaster.state().pops()).isBetween(40, 110);
        roaster.drop();
        double hot = roaster.state().environmentC();
        roaster.set(0, 80, 62);
        roaster.setDoorOpen(true);
        roaster.pass(60);
        assertThat(roaster.state().charged()).isFalse();
        assertThat(roaster.state().environmentC()).isLessThan(hot - 50);
        assertThat(roaster.state().beanC()).as("the metal holds its heat").isGreaterThan(120);
    }
}
