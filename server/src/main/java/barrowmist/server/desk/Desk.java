package barrowmist.server.desk;

import barrowmist.core.desk.DeskPhase;
import barrowmist.core.desk.EntryRules;
import barrowmist.core.desk.JournalLine;
import barrowmist.core.desk.JournalLine.Entry;
import barrowmist.core.desk.JournalLine.Gap;
import barrowmist.core.desk.JournalLine.Prepare;
import barrowmist.core.desk.JournalLine.Read;
import barrowmist.core.desk.Listening;
import barrowmist.core.desk.ProtocolRun;
import barrowmist.core.desk.RoastBatch;
import barrowmist.core.desk.RoasterReading;
import barrowmist.core.roast.EventKind;
import barrowmist.core.units.Wording;
import barrowmist.server.desk.DeskViews.DeskState;
import barrowmist.server.desk.DeskViews.DeskView;
import barrowmist.server.desk.LiveSetupService.Prepared;
import barrowmist.server.machine.LinkSettings;
import barrowmist.server.machine.MachineSettings;
import barrowmist.server.web.Conflict;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.LongSupplier;
import org.jspecify.annotations.Nullable;

/** The desk of one roaster. Safe for several threads: everything that is said to it happens one after another. */
final class Desk {

    private static final double MILLIS = 1e3;

    private final long machineId;
    private final Path file;
    private final LongSupplier nanos;
    private final Listening roaster = new Listening();
    private String machineName = "";
    private MachineSettings settings = MachineSettings.usual(null);
    private Journal journal;
    private Optional<RoastBatch> batch = Optional.empty();
    private @Nullable Prepared prepared;
    private final Pressed pressed = new Pressed();

    /** @param nanos a monotonic clock, ns */
    Desk(long machineId, Path file, LongSupplier nanos) {
        this.machineId = machineId;
        this.file = file;
        this.nanos = nanos;
        this.journal = new Journal(file);
    }

    synchronized void configure(String name, MachineSettings now) {
        machineName = name;
        settings = now;
    }

    long machineId() {
        return machineId;
    }

    Path file() {
        return file;
    }

    synchronized LinkSettings link() {
        return settings.linkOrByHand();
    }

    /** Begins a batch: nothing may be in the drum. */
    synchronized void prepare(Prepared next, @Nullable Long planId, int number, int of, String wallClock) {
        if (phase() == DeskPhase.ROASTING) {
            throw new Conflict("A batch is in the drum: drop it first.", Map.of());
        }
        finish();
        Prepare line = new Prepare(0, next.greenSampleId(), planId, next.greenG(), wallClock, Boot.id(), number, of);
        roaster.begin(nanos.getAsLong());
        journal.append(JournalLine.text(line));
        begin(line, next);
    }

    /** Takes a batch up again from its journal. */
    synchronized void resume(List<JournalLine> lines, Prepared again) {
        RoastBatch b = begin((Prepare) lines.get(0), again);
        lines.subList(1, lines.size()).forEach(b::apply);
        boolean sameBoot = Boot.id().equals(b.prepare().boot());
        roaster.resume(b.readings(), sameBoot, nanos.getAsLong(), System.currentTimeMillis());
    }

    private RoastBatch begin(Prepare line, Prepared of) {
        prepared = of;
        RoastBatch b = new RoastBatch(line, of.setup(), new ProtocolRun(settings.protocolSteps(), line.timeS()));
        batch = Optional.of(b);
        return b;
    }

    /** Clears the desk: a batch that was kept, or one that was never charged. */
    synchronized void finish() {
        if (phase() == DeskPhase.ROASTING) {
            throw new Conflict("A batch is in the drum: drop it, or set it aside after the drop.", Map.of());
        }
        boolean unkept = batch.isPresent()
                && phase() == DeskPhase.COOLING
                && batch.get().roastId().isEmpty();
        if (unkept) {
            throw new Conflict("This roast is not in the database yet; it is tried again each second.", Map.of());
        }
        if (batch.isPresent()) {
            journal.remove();
            journal = new Journal(file);
            batch = Optional.empty();
        }
    }

    synchronized DeskPhase phase() {
        return batch.map(RoastBatch::phase).orElse(DeskPhase.IDLE);
    }

    synchronized Optional<RoastBatch> batch() {
        return batch;
    }

    private RoastBatch needed() {
        return batch.orElseThrow(
                () -> new Conflict("Nothing is prepared at this desk: choose a sample first.", Map.of()));
    }

    synchronized void take(RoasterReading raw, long atNanos) {
        roaster.sense(link().sense());
        Listening.Heard heard = roaster.hear(settings.understood(raw), atNanos, System.currentTimeMillis(), pollS());
        markGap(heard.gap());
        keep(heard.read());
    }

    private double pollS() {
        return link().pollMs() / MILLIS;
    }

    /** A roaster that is read by hand is silent between two readings: that is no gap. */
    private void markGap(Optional<Gap> gap) {
        boolean charged = batch.flatMap(RoastBatch::live).isPresent();
        if (charged && !link().byHandOnly()) {
            gap.ifPresent(this::write);
        }
    }

    private void keep(Read read) {
        if (batch.isPresent() && phase() != DeskPhase.COOLING) {
            write(read);
        } else {
            journal.write();
        }
    }

    private void write(JournalLine line) {
        journal.append(JournalLine.text(line));
        batch.orElseThrow().apply(line);
    }

    synchronized void linkLost(String why) {
        roaster.lost(why);
        if (batch.isPresent()) {
            journal.write();
        }
    }

    /** Temperatures that a person read off. */
    synchronized void typed(OptionalDouble beanC, OptionalDouble environmentC, double agoS) {
        needed();
        keep(roaster.typed(when(agoS), beanC, environmentC, nanos.getAsLong(), System.currentTimeMillis())
                .orElseThrow(() -> new Conflict("A later reading is there already.", Map.of())));
    }

    /** The desk's time so many seconds ago, s. */
    private double when(double agoS) {
        return roaster.timeS(nanos.getAsLong()) - EntryRules.agoS(agoS) * roaster.rate();
    }

    /** Marks an event; one that is there already stays where it is, so that two hands make one event. */
    synchronized void mark(EventKind kind, double agoS) {
        RoastBatch b = needed();
        double at = when(agoS);
        pressed.mark(b, kind, at, nanos.getAsLong()).ifPresent(entry -> {
            if (kind == EventKind.DROP) {
                markGap(roaster.gapUntil(at, pollS()));
            }
            write(entry);
            if (link().byHandOnly()) {
                roaster.readWith(at, nanos.getAsLong(), System.currentTimeMillis())
                        .ifPresent(this::write);
            }
        });
    }

    synchronized void note(String text, double agoS) {
        write(Pressed.note(needed(), text, when(agoS)));
    }

    synchronized void control(String control, double value, double agoS) {
        Pressed.control(needed(), control, value, when(agoS)).ifPresent(this::write);
    }

    synchronized void weighed(double greenG) {
        write(new Entry(needed().nextSeq(), RoastBatch.WEIGHED, when(0), greenG, ""));
    }

    /** Takes an entry back. One that is taken back already stays so. */
    synchronized void undo(int seq) {
        boolean stands = needed().standing().stream().anyMatch(e -> e.seq() == seq);
        if (stands) {
            write(new JournalLine.Undo(seq));
            pressed.forget();
        }
    }

    synchronized void stepDone(int step) {
        needed();
        write(new JournalLine.StepDone(step, when(0)));
    }

    synchronized void leaveOut() {
        needed();
        write(new JournalLine.LeaveOut(when(0)));
    }

    synchronized void kept(long roastId) {
        write(new JournalLine.Kept(roastId));
    }

    synchronized DeskView view(int from, Wording wording) {
        return new DeskView(
                state(wording), batch.map(b -> b.readings().size()).orElse(0), FiguresWriter.readings(batch, from));
    }

    synchronized DeskState state(Wording wording) {
        double nowS = when(0);
        return new DeskScreen(machineId, machineName, settings, batch, prepared, roaster, journal, nowS).state(wording);
    }

    int refused() {
        return roaster.refused();
    }
}
