package barrowmist.server.desk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.clearInvocations;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;

import barrowmist.core.desk.JournalLine.Entry;
import barrowmist.core.desk.JournalLine.Prepare;
import barrowmist.core.desk.JournalLine.Read;
import barrowmist.core.desk.ProtocolRun;
import barrowmist.core.desk.RoastBatch;
import barrowmist.core.machine.Protocol;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.Reading;
import barrowmist.server.disk.DiskRoom;
import barrowmist.server.roast.LiveKeep;
import barrowmist.server.roast.LiveRoasts;
import barrowmist.server.roast.Pull;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mockito.ArgumentCaptor;

/** What is handed over of a batch that was dropped. */
class RoastKeeperTest {

    private static final OptionalDouble NONE = OptionalDouble.empty();
    private static final double CHARGED_S = 30;

    private final LiveRoasts roasts = mock();

    /** Charged at 30 s of the desk's clock, read once a second. */
    private static RoastBatch batch() {
        RoastBatch batch = new RoastBatch(
                new Prepare(0, 1, null, 120, "2026-03-02T09:00:00Z", "boot", 1, 1),
                DeskBench.PREPARED.setup(),
                new ProtocolRun(new Protocol(List.of()), 0));
        for (int s = 0; s < 200; s++) {
            batch.apply(new Read(
                    new Reading(s, OptionalDouble.of(150 + 0.1 * s), NONE, NONE, NONE, NONE),
                    NONE,
                    (long) (s * 1e9),
                    s,
                    0));
        }
        batch.apply(new Entry(1, EventKind.CHARGE.code(), CHARGED_S, 0, ""));
        return batch;
    }

    private LiveKeep kept(RoastBatch batch) {
        return kept(batch, Instant.parse("2026-03-02T12:00:00Z"));
    }

    private LiveKeep kept(RoastBatch batch, Instant now) {
        new RoastKeeper(roasts, mock(DiskRoom.class), Clock.fixed(now, ZoneOffset.UTC)).keep(1, batch, "modbus", 0);
        ArgumentCaptor<LiveKeep> live = ArgumentCaptor.captor();
        verify(roasts).keep(live.capture());
        return live.getValue();
    }

    /** A clock that was set right by a late reading, or a drop that was pressed some seconds after it came. */
    @ParameterizedTest
    @CsvSource({"60, 60", "119.5, 119.5", "120, 120", "120.4, 120", "125, 120"})
    void aPullThatWasTakenIsKeptAndEndsWithItsRoastAtTheLatest(double pulledS, double endsS) {
        RoastBatch batch = batch();
        batch.apply(new Entry(2, Entry.PULL, CHARGED_S + pulledS, 8, ""));
        batch.apply(new Entry(3, EventKind.DROP.code(), CHARGED_S + 120, 0, ""));
        LiveKeep live = kept(batch);
        double zero = live.events().timeS(EventKind.CHARGE).orElseThrow();
        assertThat(live.pulls()).containsExactly(new Pull(zero + endsS, 8));
    }

    /** A stand-in that runs faster than time goes by. */
    @Test
    void aRoastThatWasRunThroughFasterThanTimeEndsNow() {
        RoastBatch batch = batch();
        batch.apply(new Entry(2, EventKind.DROP.code(), CHARGED_S + 120, 0, ""));
        Instant charged = batch.chargedAt();
        assertThat(kept(batch, charged.plusSeconds(130)).roastedAt()).isEqualTo(charged);
        clearInvocations(roasts);
        assertThat(kept(batch, charged.plusSeconds(12)).roastedAt()).isEqualTo(charged.minusSeconds(108));
    }

    @Test
    void whatWasReadLongBeforeTheChargeOrAfterTheDropIsNotKept() {
        RoastBatch batch = batch();
        batch.apply(new Entry(2, EventKind.DROP.code(), CHARGED_S + 120, 0, ""));
        LiveKeep live = kept(batch);
        assertThat(live.events().timeS(EventKind.CHARGE)).hasValue(20);
        assertThat(live.log().beanC().size()).isBetween(141, 142);
        assertThat(live.pulls()).isEmpty();
    }
}
