package barrowmist.core.desk;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.desk.JournalLine.Entry;
import barrowmist.core.desk.JournalLine.Prepare;
import barrowmist.core.desk.JournalLine.Read;
import barrowmist.core.desk.JournalLine.Undo;
import barrowmist.core.machine.EventTemperatures;
import barrowmist.core.machine.MachineReference;
import barrowmist.core.machine.Protocol;
import barrowmist.core.machine.thermal.BatchConditions;
import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.plan.Targets;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.Reading;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** An event that was marked by mistake and taken back leaves nothing behind. */
class TakenBackTest {

    private static final OptionalDouble NONE = OptionalDouble.empty();
    private static final double CHARGED_S = 10;

    private static RoastBatch batch() {
        LiveSetup setup = new LiveSetup(
                new BatchConditions(120, 11, 6.5, 190, NONE, 22),
                Optional.empty(),
                new EventTemperatures(158, 1, 195, 1, true),
                MachineReference.NONE,
                Optional.empty(),
                new Targets(Map.of(), Targets.DevelopmentFrom.FIRST_CRACK),
                new ControlLevels(70, 40, 60));
        RoastBatch batch = new RoastBatch(
                new Prepare(0, 1, null, 120, "2026-03-02T09:00:00Z", "boot", 1, 1),
                setup,
                new ProtocolRun(new Protocol(List.of()), 0));
        for (int s = 0; s < 10; s++) {
            read(batch, s, 190);
        }
        event(batch, 1, EventKind.CHARGE, CHARGED_S);
        return batch;
    }

    private static void read(RoastBatch batch, double s, double bean) {
        batch.apply(new Read(
                new Reading(s, OptionalDouble.of(bean), NONE, NONE, NONE, NONE), NONE, (long) (s * 1e9), s, 0));
    }

    private static void event(RoastBatch batch, int seq, EventKind kind, double atS) {
        batch.apply(new Entry(seq, kind.code(), atS, 0, ""));
    }

    /** Falls for a minute, then rises at a rate that falls evenly, flat in the middle between 200 and 330 s. */
    private static double bean(double t) {
        double c = 90;
        for (double s = 60; s < t; s++) {
            double rate = s < 200 ? 22 - 0.1 * (s - 60) : s < 330 ? 8 : 8 - 0.02 * (s - 330);
            c += rate / 60;
        }
        return t < 60 ? 190 - 100 * t / 60 : c;
    }

    private static void roast(RoastBatch batch, int fromS, int toS) {
        for (int t = fromS; t < toS; t++) {
            read(batch, CHARGED_S + t, bean(t) + 0.02 * (t % 3));
        }
    }

    @Test
    void aWarningThatHungOnAnEventGoesWithIt() {
        RoastBatch batch = batch();
        roast(batch, 0, 150);
        // by mistake, far too early
        event(batch, 2, EventKind.DRY_END, CHARGED_S + 150);
        roast(batch, 150, 325);
        assertThat(batch.warned()).as("a flat rate after dry end").containsKey(Warning.Kind.FLAT);
        batch.apply(new Undo(2));
        assertThat(batch.warned()).isEmpty();
        assertThat(batch.live().orElseThrow().warning()).isEmpty();
        roast(batch, 325, 330);
        assertThat(batch.live().orElseThrow().warning()).as("before dry end").isEmpty();
    }

    @Test
    void whatIsMadeAnewIsAsIfTheMistakeHadNeverBeen() {
        RoastBatch mistaken = batch();
        roast(mistaken, 0, 150);
        event(mistaken, 2, EventKind.DRY_END, CHARGED_S + 150);
        roast(mistaken, 150, 200);
        event(mistaken, 3, EventKind.DROP, CHARGED_S + 200);
        mistaken.apply(new Undo(3));
        mistaken.apply(new Undo(2));
        roast(mistaken, 200, 420);
        RoastBatch clean = batch();
        roast(clean, 0, 420);
        event(mistaken, 4, EventKind.DRY_END, CHARGED_S + 420);
        event(clean, 2, EventKind.DRY_END, CHARGED_S + 420);
        roast(mistaken, 420, 480);
        roast(clean, 420, 480);
        LiveRoast one = mistaken.live().orElseThrow();
        LiveRoast other = clean.live().orElseThrow();
        assertThat(one.curve().rorCPerMin()).isEqualTo(other.curve().rorCPerMin());
        assertThat(one.known()).isEqualTo(other.known());
        assertThat(mistaken.warned()).isEqualTo(clean.warned());
        assertThat(one.warning()).isEqualTo(other.warning());
    }
}
