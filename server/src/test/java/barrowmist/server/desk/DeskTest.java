package barrowmist.server.desk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.desk.DeskPhase;
import barrowmist.core.desk.RoasterReading;
import barrowmist.core.roast.EventKind;
import barrowmist.server.desk.DeskViews.LinkStatus;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** What a desk hears, and what is marked at it. */
class DeskTest extends DeskBench {

    @Test
    void timesCountFromTheChargeOnceItIsCalled() {
        roast(5);
        assertThat(state().phase()).isEqualTo(DeskPhase.PREPARING);
        assertThat(state().expected()).isEqualTo(EventKind.CHARGE);
        desk.mark(EventKind.CHARGE, 0);
        pass(0.5);
        assertThat(state().phase()).isEqualTo(DeskPhase.ROASTING);
        assertThat(state().nowS()).isCloseTo(0.5, within(1e-6));
        assertThat(state().batch().batch()).isEqualTo(2);
    }

    @Test
    void twoPeopleThatPressTheSameKeyMakeOneEvent() {
        chargeAndRoast(120);
        desk.mark(EventKind.DRY_END, 0);
        pass(0.3);
        desk.mark(EventKind.DRY_END, 0);
        pass(5);
        desk.mark(EventKind.DRY_END, 0);
        assertThat(state().entries()).extracting(e -> e.kind()).containsExactly("charge", "dry_end");
        assertThat(state().entries().get(1).timeS()).isCloseTo(120, within(1e-6));
    }

    @Test
    void aFingerThatSlipsMakesNoSecondEvent() {
        chargeAndRoast(120);
        desk.mark(EventKind.DRY_END, 0);
        pass(0.2);
        assertThatThrownBy(() -> desk.mark(EventKind.FIRST_CRACK, 0)).isInstanceOf(Conflict.class);
        pass(2);
        desk.mark(EventKind.FIRST_CRACK, 0);
        assertThat(state().expected()).isEqualTo(EventKind.DROP);
    }

    @Test
    void aKeyThatComesLateStandsWhereItWasPressed() {
        chargeAndRoast(100);
        desk.mark(EventKind.DRY_END, 34);
        assertThat(state().entries().get(1).timeS()).isCloseTo(66, within(1e-6));
    }

    @Test
    void eventsOutOfTheirOrderAreRefused() {
        assertThatThrownBy(() -> desk.mark(EventKind.DRY_END, 0)).isInstanceOf(Conflict.class);
        chargeAndRoast(100);
        desk.mark(EventKind.FIRST_CRACK, 0);
        pass(10);
        assertThatThrownBy(() -> desk.mark(EventKind.DRY_END, 0)).isInstanceOf(InputProblems.class);
        // a batch in the drum is not put aside for another
        assertThatThrownBy(() -> desk.prepare(PREPARED, null, 3, 6, "2026-03-02T09:20:00Z"))
                .isInstanceOf(Conflict.class);
    }

    @Test
    void popsAreNotedAsOftenAsTheyAreHeardAndUndoneOneByOne() {
        chargeAndRoast(100);
        desk.mark(EventKind.POP, 0);
        desk.mark(EventKind.POP, 0);
        assertThat(state().entries()).hasSize(3);
        desk.undo(3);
        desk.undo(3);
        assertThat(state().entries()).hasSize(2);
    }

    @Test
    void pullsThatWereKeptWaitingAllCountAndOneThatTwoPeopleSawCountsOnce() {
        chargeAndRoast(200);
        desk.control("pull", 8, 0);
        pass(1);
        desk.control("pull", 8, 0);
        // pressed without a network, sent at once
        desk.control("pull", 8, 120);
        desk.control("pull", 8, 60);
        assertThat(state().entries()).extracting(e -> e.kind()).containsExactly("charge", "pull", "pull", "pull");
        // taken back and pressed again
        desk.undo(2);
        desk.control("pull", 6, 0);
        assertThat(state().entries()).hasSize(4);
        assertThatThrownBy(() -> desk.control("pull", 8, 500)).isInstanceOf(Conflict.class);
    }

    @Test
    void aChargeThatIsTakenBackLeavesTheReadings() {
        chargeAndRoast(30);
        desk.undo(1);
        assertThat(state().phase()).isEqualTo(DeskPhase.PREPARING);
        desk.mark(EventKind.CHARGE, 20);
        assertThat(state().nowS()).isCloseTo(20, within(1e-6));
        assertThat(desk.batch().orElseThrow().live().orElseThrow().curve().beanReadings())
                .isEqualTo(21);
    }

    @Test
    void aLostLinkIsSaidAndLeavesAMarkedGapAndNoValues() {
        chargeAndRoast(60);
        desk.linkLost("The roaster has stopped answering.");
        assertThat(state().link().status()).isEqualTo(LinkStatus.LOST);
        assertThat(state().figures().beanC()).isNull();
        pass(20);
        read(150, NONE);
        assertThat(state().link().status()).isEqualTo(LinkStatus.OK);
        var gap = desk.batch().orElseThrow().gaps().get(0);
        assertThat(gap.toS() - gap.fromS()).isCloseTo(20, within(1e-6));
        assertThat(gap.reason()).contains("stopped answering");
        assertThat(desk.batch().orElseThrow().readings()).hasSize(66);
    }

    @Test
    void anOpenProbeIsSaidAndNoReadingIsInvented() {
        chargeAndRoast(60);
        pass(1);
        desk.take(
                new RoasterReading(OptionalDouble.of(3276.7), OptionalDouble.of(181), NONE, NONE, NONE, NONE, NONE),
                nanos);
        assertThat(state().link().status()).isEqualTo(LinkStatus.PROBE);
        assertThat(state().figures().beanC()).isNull();
        assertThat(state().figures().environmentC()).isEqualTo(181);
        assertThat(state().link().refused()).isPositive();
    }

    @Test
    void aProbeThatStandsStillIsSaidAndNotFollowed() {
        chargeAndRoast(60);
        for (int s = 0; s < 40; s++) {
            pass(1);
            read(161.5, NONE);
        }
        assertThat(state().link().status()).isEqualTo(LinkStatus.FROZEN);
        assertThat(state().link().text()).contains("stands still");
        assertThat(state().link().kept()).isEqualTo(105);
        // of forty that were the same only the first can have been true
        assertThat(desk.batch().orElseThrow().readings().stream()
                        .filter(r -> r.reading().beanC().equals(OptionalDouble.of(161.5))))
                .hasSize(1);
        assertThat(desk.batch().orElseThrow().live().orElseThrow().curve().beanReadings())
                .isEqualTo(62);
        pass(1);
        read(163, NONE);
        assertThat(state().link().status()).isEqualTo(LinkStatus.OK);
        assertThat(desk.batch().orElseThrow().gaps()).hasSize(1);
    }

    @Test
    void onlyGasAirAndDrumAreNotedByHandAndOnlyWithinTheirRange() {
        chargeAndRoast(10);
        assertThatThrownBy(() -> desk.control("door", 50, 0)).isInstanceOf(InputProblems.class);
        assertThatThrownBy(() -> desk.control("drum", 201, 0)).isInstanceOf(InputProblems.class);
        assertThatThrownBy(() -> desk.control("gas", 101, 0)).isInstanceOf(InputProblems.class);
        assertThatThrownBy(() -> desk.control("gas", Double.NaN, 0)).isInstanceOf(InputProblems.class);
        assertThatThrownBy(() -> desk.note("  ", 0)).isInstanceOf(InputProblems.class);
        desk.control("air", 55, 0);
        assertThat(state().figures().airflowPct()).isEqualTo(55);
        desk.control("drum", 54, 0);
        assertThat(state().figures().drumRpm()).isEqualTo(54);
    }

    @Test
    void aLinkThatIsLostUntilTheDropLeavesItsGapToo() {
        chargeAndRoast(60);
        desk.linkLost("The connection to the roaster is broken.");
        pass(25);
        desk.mark(EventKind.DROP, 0);
        var gap = desk.batch().orElseThrow().gaps().get(0);
        assertThat(gap.toS() - gap.fromS()).isCloseTo(25, within(1e-6));
    }

    @Test
    void aControlThatIsTakenBackLeavesTheOthersWhereTheyWereMade() {
        chargeAndRoast(60);
        desk.control("air", 50, 0);
        roast(20);
        desk.control("air", 65, 0);
        desk.undo(3);
        var air = desk.batch().orElseThrow().live().orElseThrow().curve().log().airflowPct();
        // 61 readings from the charge on, then the hand
        assertThat(air.value(61)).isEqualTo(50);
        assertThat(air.timeS(61)).isEqualTo(60);
        assertThat(air.values()).doesNotContain(65);
    }

    @Test
    void aDropEndsTheReadingsAndTheDeskIsFreeOnceItIsKept() {
        chargeAndRoast(100);
        desk.mark(EventKind.DROP, 0);
        int kept = state().link().kept();
        roast(10);
        assertThat(state().phase()).isEqualTo(DeskPhase.COOLING);
        assertThat(state().link().kept()).isEqualTo(kept);
        assertThat(state().cooling().elapsedS()).isCloseTo(10, within(1e-6));
        assertThatThrownBy(desk::finish).isInstanceOf(Conflict.class);
        desk.kept(12);
        desk.finish();
        assertThat(state().phase()).isEqualTo(DeskPhase.IDLE);
        assertThat(Journal.read(desk.file()).lines()).isEmpty();
    }
}
