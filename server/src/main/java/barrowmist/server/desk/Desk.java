package barrowmist.server.desk;

import barrowmist.core.plan.live.ProtocolRun;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.Reading;
import barrowmist.core.roast.RoastEvents;
import barrowmist.core.units.Wording;
import barrowmist.server.desk.DeskLine.Entry;
import barrowmist.server.desk.DeskLine.Gap;
import barrowmist.server.desk.DeskLine.Prepare;
import barrowmist.server.desk.DeskLine.Read;
import barrowmist.server.desk.DeskViews.DeskState;
import barrowmist.server.desk.DeskViews.DeskView;
import barrowmist.server.device.LinkSettings;
import barrowmist.server.device.RoasterReading;
import barrowmist.server.plan.LiveSetupService.Prepared;
import barrowmist.server.roast.MachineSettings;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.LongSupplier;
import org.jspecify.annotations.Nullable;

/** The desk of one roaster. Safe for several threads: everything that is said to it happens one after another. */
final class Desk {

    private static final double HIGHEST_PCT = 100;

    /** Two different events within this are one slip of a finger, ns. */
    private static final long SLIP_NANOS = 700_000_000L;

    private static final double LONGEST_AGO_S = 600;
    private static final int MOST_NOTE = 300;

    /** Without a reading for so long, s, and for so many polls, there is a gap (house defaults). */
    private static final double GAP_S = 2.5;

    private static final double GAP_POLLS = 4;

    private final long machineId;
    private final Path file;
    private final LongSupplier nanos;
    private String machineName = "";
    private MachineSettings settings;
    private Journal journal;
    private DeskClock clock = new DeskClock();
    private Sense sense = new Sense();
    private Optional<Batch> batch = Optional.empty();
    private @Nullable Prepared prepared;
    private @Nullable Read last;
    private double lastBeanS = Double.NaN;
    private boolean frozen;
    private Optional<String> lost = Optional.of("Connecting…");
    private String troubleReason = "";
    private long lastMarkNanos = Long.MIN_VALUE / 2;

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
        if (phase().equals("roasting")) {
            throw new Conflict("A batch is in the drum: drop it first.", Map.of());
        }
        finish();
        clock = new DeskClock();
        sense = new Sense();
        Prepare line = new Prepare(0, next.greenSampleId(), planId, next.greenG(), wallClock, Boot.id(), number, of);
        clock.resume(0, nanos.getAsLong(), last == null ? Double.NaN : last.clockS());
        last = null;
        journal.append(DeskLine.text(line));
        begin(line, next);
    }

    /** Takes a batch up again from its journal. */
    synchronized void resume(List<DeskLine> lines, Prepared again) {
        begin((Prepare) lines.get(0), again);
        for (DeskLine line : lines.subList(1, lines.size())) {
            batch.orElseThrow().apply(line);
        }
        List<Read> readings = batch.orElseThrow().readings();
        if (readings.isEmpty()) {
            clock.resume(0, nanos.getAsLong(), Double.NaN);
            return;
        }
        Read newest = readings.get(readings.size() - 1);
        last = newest;
        lastBeanS = newest.reading().timeS();
        boolean sameBoot = Boot.id().equals(batch.orElseThrow().prepare().boot());
        clock.resume(newest, sameBoot, nanos.getAsLong());
        lost = Optional.of("Barrowmist was started again.");
        troubleReason = "Barrowmist was not running";
    }

    private void begin(Prepare line, Prepared of) {
        prepared = of;
        batch = Optional.of(new Batch(line, of.setup(), new ProtocolRun(settings.protocolSteps(), line.timeS())));
        lastBeanS = Double.NaN;
        frozen = false;
    }

    /** Clears the desk: a batch that was kept, or one that was never charged. */
    synchronized void finish() {
        if (phase().equals("roasting")) {
            throw new Conflict("A batch is in the drum: drop it, or set it aside after the drop.", Map.of());
        }
        boolean unkept = batch.isPresent()
                && phase().equals("cooling")
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

    synchronized String phase() {
        return batch.map(Batch::phase).orElse("idle");
    }

    synchronized Optional<Batch> batch() {
        return batch;
    }

    private Batch needed() {
        return batch.orElseThrow(
                () -> new Conflict("Nothing is prepared at this desk: choose a sample first.", Map.of()));
    }

    synchronized void take(RoasterReading raw, long atNanos) {
        double t = clock.reading(raw.clockS(), atNanos);
        Reading reading = sense.of(t, raw);
        OptionalDouble beanC = reading.beanC();
        boolean nonsense = beanC.isEmpty() && reading.environmentC().isEmpty();
        boolean frozenNow = sense.frozen(t);
        if (frozenNow && !frozen) {
            troubleReason = "the probe stood still";
        }
        frozen = frozenNow;
        if (beanC.isPresent() && !frozen) {
            heard(t);
        } else if (beanC.isEmpty()) {
            troubleReason = nonsense ? "the roaster said nothing that can be true" : "the bean probe said nothing";
        }
        lost = nonsense ? Optional.of("The roaster answers, but with nothing that can be true.") : Optional.empty();
        double clockS = raw.clockS().orElse(Double.NaN);
        keep(new Read(
                reading, raw.pops(), atNanos, nonsense ? clock.lastClockS() : clockS, System.currentTimeMillis()));
    }

    /** A bean reading came: a stretch without any before it is marked. */
    private void heard(double t) {
        gapUntil(t);
        lastBeanS = t;
        troubleReason = "";
    }

    /** Marks a stretch without readings that ends here. */
    private void gapUntil(double t) {
        double after = Math.max(GAP_S, GAP_POLLS * clock.rate() * link().pollMs() / 1000);
        boolean charged = batch.flatMap(Batch::live).isPresent();
        if (charged && t - lastBeanS > after && !link().byHandOnly()) {
            write(new Gap(lastBeanS, t, troubleReason.isEmpty() ? "no reading came" : troubleReason));
        }
    }

    private void keep(Read read) {
        last = read;
        if (batch.isPresent() && !phase().equals("cooling")) {
            write(read);
        } else {
            journal.write();
        }
    }

    private void write(DeskLine line) {
        journal.append(DeskLine.text(line));
        batch.orElseThrow().apply(line);
    }

    synchronized void linkLost(String why) {
        lost = Optional.of(why);
        troubleReason = why;
        if (batch.isPresent()) {
            journal.write();
        }
    }

    /** Temperatures that a person read off. */
    synchronized void typed(OptionalDouble beanC, OptionalDouble environmentC, double agoS) {
        needed();
        long at = nanos.getAsLong();
        double t = clock.at(at) - ago(agoS);
        if (last != null && t <= last.reading().timeS()) {
            throw new Conflict("A later reading is there already.", Map.of());
        }
        lost = Optional.empty();
        clock.resume(t, at, Double.NaN);
        OptionalDouble none = OptionalDouble.empty();
        keep(new Read(
                new Reading(t, beanC, environmentC, none, none, none),
                none,
                at,
                Double.NaN,
                System.currentTimeMillis()));
    }

    /** Marks an event; one that is there already stays where it is, so that two hands make one event. */
    synchronized void mark(EventKind kind, double agoS) {
        Batch b = needed();
        RoastEvents events = b.events();
        if (kind.single() && events.find(kind).isPresent()) {
            return;
        }
        long now = nanos.getAsLong();
        if (kind.single() && now - lastMarkNanos < SLIP_NANOS) {
            throw new Conflict("Two events at once: the second was not taken. Press again if it was meant.", Map.of());
        }
        if (kind != EventKind.CHARGE && events.find(EventKind.CHARGE).isEmpty()) {
            throw new Conflict("The charge comes first.", Map.of());
        }
        if (events.find(EventKind.DROP).isPresent()) {
            throw new Conflict("The batch is dropped: move its events on the roast's own page.", Map.of());
        }
        double at = clock.at(now) - ago(agoS);
        double charge = b.chargeS().orElse(at);
        List<String> problems = events.with(kind, at - charge).problems();
        if (kind.single() && !problems.isEmpty()) {
            throw new InputProblems("kind", String.join(" ", problems));
        }
        if (kind == EventKind.DROP) {
            gapUntil(at);
        }
        lastMarkNanos = now;
        write(new Entry(b.nextSeq(), kind.code(), at, 0, ""));
    }

    private double ago(double agoS) {
        return Math.max(0, Math.min(LONGEST_AGO_S, agoS)) * clock.rate();
    }

    synchronized void note(String text, double agoS) {
        String line = text == null ? "" : text.strip();
        if (line.isEmpty() || line.length() > MOST_NOTE) {
            throw new InputProblems("text", "A note has 1 to " + MOST_NOTE + " characters, this one " + line.length());
        }
        Batch b = needed();
        write(new Entry(b.nextSeq(), Entry.NOTE, clock.at(nanos.getAsLong()) - ago(agoS), 0, line));
    }

    synchronized void control(String control, double value, double agoS) {
        if (!control.equals(Entry.GAS) && !control.equals(Entry.AIR)) {
            throw new InputProblems("control", "Gas or air can be noted, not \"" + control + "\"");
        }
        if (!(value >= 0 && value <= HIGHEST_PCT)) {
            throw new InputProblems("value", "The " + control + " is " + value + ", allowed are 0 to 100 %");
        }
        Batch b = needed();
        write(new Entry(b.nextSeq(), control, clock.at(nanos.getAsLong()) - ago(agoS), value, ""));
    }

    synchronized void weighed(double greenG) {
        Batch b = needed();
        write(new Entry(b.nextSeq(), Batch.WEIGHED, clock.at(nanos.getAsLong()), greenG, ""));
    }

    /** Takes an entry back. One that is taken back already stays so. */
    synchronized void undo(int seq) {
        Batch b = needed();
        boolean stands = b.standing().stream().anyMatch(e -> e.seq() == seq);
        if (stands) {
            write(new DeskLine.Undo(seq));
            lastMarkNanos = Long.MIN_VALUE / 2;
        }
    }

    synchronized void stepDone(int step) {
        needed();
        write(new DeskLine.StepDone(step, clock.at(nanos.getAsLong())));
    }

    synchronized void leaveOut() {
        needed();
        write(new DeskLine.LeaveOut(clock.at(nanos.getAsLong())));
    }

    synchronized void kept(long roastId) {
        write(new DeskLine.Kept(roastId));
    }

    synchronized DeskView view(int from, Wording wording) {
        return new DeskView(
                state(wording), batch.map(b -> b.readings().size()).orElse(0), StateWriter.readings(batch, from));
    }

    synchronized DeskState state(Wording wording) {
        return new DeskScreen(
                        machineId,
                        machineName,
                        settings,
                        phase(),
                        batch,
                        prepared,
                        last,
                        lost,
                        frozen,
                        journal,
                        refused(),
                        clock.at(nanos.getAsLong()),
                        clock.rate(),
                        batch.map(Batch::zeroS).orElse(0.0))
                .state(wording);
    }

    int refused() {
        return sense.refused();
    }
}
