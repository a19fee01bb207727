package barrowmist.core.desk;

import barrowmist.core.desk.JournalLine.Entry;
import barrowmist.core.desk.JournalLine.Gap;
import barrowmist.core.desk.JournalLine.Prepare;
import barrowmist.core.desk.JournalLine.Read;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.LiveCurve;
import barrowmist.core.roast.LocalFit;
import barrowmist.core.roast.Reading;
import barrowmist.core.roast.RoastEvents;
import barrowmist.core.roast.RoastKind;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * One batch at the desk, as its journal tells it: the same lines give the same batch, whether they come one by one or
 * all at once after a restart. Mutable; not safe for several threads.
 */
public final class RoastBatch {

    /** Before the charge, times are put far below zero: no turning point is looked for there. */
    private static final double LONG_BEFORE_S = 1e7;

    /** Stands for the roast of a drop that was taken back. */
    public static final long NOT_KEPT = 0;

    /** An entry of what was weighed in. */
    public static final String WEIGHED = "weighed";

    /** How far back the slope before the charge looks, s (house default). */
    private static final double SLOPE_S = 20;

    private final Prepare prepare;
    private final LiveSetup setup;
    private final ProtocolRun protocol;
    private final BatchReadings readings = new BatchReadings();
    private final List<OptionalDouble> rates = new ArrayList<>();
    private final CalledEntries called = new CalledEntries();
    private final List<Gap> gaps = new ArrayList<>();
    private LiveCurve before = new LiveCurve();
    private Optional<FollowedRoast> followed = Optional.empty();
    private Optional<Long> roastId = Optional.empty();

    public RoastBatch(Prepare prepare, LiveSetup setup, ProtocolRun protocol) {
        this.prepare = prepare;
        this.setup = setup;
        this.protocol = protocol;
    }

    public void apply(JournalLine line) {
        if (line instanceof Read r) {
            read(r);
        } else if (line instanceof Entry e) {
            called.add(e);
            entered(e);
        } else if (line instanceof JournalLine.Undo u) {
            called.undo(u.seq()).ifPresent(this::entered);
        } else if (line instanceof JournalLine.StepDone s) {
            protocol.done(s.step(), s.timeS());
        } else if (line instanceof JournalLine.LeaveOut) {
            live().ifPresent(LiveRoast::leaveOutNext);
        } else if (line instanceof Gap g) {
            gaps.add(g);
        } else if (line instanceof JournalLine.Kept k) {
            roastId = k.roastId() == NOT_KEPT ? Optional.empty() : Optional.of(k.roastId());
        }
    }

    private void read(Read raw) {
        // what was made of a probe that stands still is made anew
        if (readings.beginsToStandStill(raw)) {
            rebuild();
        }
        Reading x = readings.add(raw);
        if (followed.isPresent()) {
            followed.get().take(x.shifted(-chargeS().getAsDouble()));
        } else {
            before.add(x.shifted(-LONG_BEFORE_S));
            protocol.see(new ProtocolRun.Seen(x.timeS(), x.beanC(), x.environmentC(), x.gasPct(), x.airflowPct()));
        }
        rates.add(live().map(l -> l.curve().rorCPerMin()).orElse(OptionalDouble.empty()));
    }

    private void entered(Entry e) {
        boolean event = CalledEntries.isEvent(e);
        if (e.kind().equals(EventKind.CHARGE.code()) || called.gone(e) && (event || e.isControl())) {
            rebuild();
        } else if (event) {
            live().ifPresent(l -> l.setEvents(events()));
        } else if (e.isControl()) {
            followed.ifPresent(f -> f.control(e, e.timeS() - chargeS().getAsDouble()));
        }
    }

    /** Begins anew from the charge: it was called, moved or taken back. */
    private void rebuild() {
        if (chargeS().isEmpty()) {
            followed = Optional.empty();
            before = new LiveCurve();
            readings.all().forEach(r -> before.add(r.reading().shifted(-LONG_BEFORE_S)));
        } else {
            followed = Optional.of(follow(chargeS().getAsDouble()));
        }
    }

    private FollowedRoast follow(double charge) {
        FollowedRoast roast = new FollowedRoast(setup.withGreenG(greenG()));
        RoastEvents all = events();
        List<Entry> controls = standing().stream().filter(Entry::isControl).toList();
        int made = 0;
        for (int i = 0; i < readings.all().size(); i++) {
            Reading r = readings.all().get(i).reading();
            while (made < controls.size() && controls.get(made).timeS() < r.timeS()) {
                Entry control = controls.get(made++);
                roast.control(control, control.timeS() - charge);
            }
            if (r.timeS() >= charge) {
                // what had not come yet was not known then
                roast.live().setEvents(all.until(r.timeS() - charge));
                roast.take(r.shifted(-charge));
                rates.set(i, roast.live().curve().rorCPerMin());
            }
        }
        controls.subList(made, controls.size()).forEach(e -> roast.control(e, e.timeS() - charge));
        roast.live().setEvents(all);
        return roast;
    }

    /** Entries that were not taken back, in order. */
    public List<Entry> standing() {
        return called.standing();
    }

    /** What was weighed in last, g. */
    public double greenG() {
        return called.weighedG().orElse(prepare.greenG());
    }

    /** What kind of roast it becomes. */
    public RoastKind kind() {
        return called.warmUp() ? RoastKind.WARM_UP : RoastKind.BATCH;
    }

    /** When it was charged, by the desk's clock. */
    public OptionalDouble chargeS() {
        return called.chargeS();
    }

    /** When it was charged, by the clock on the wall at the reading nearest to it; when it was prepared, without any. */
    public Instant chargedAt() {
        return readings.wallClock(zeroS()).orElseGet(() -> Instant.parse(prepare.wallClock()));
    }

    /** Bean temperature at a moment of the desk's clock; empty where no reading is near. */
    public OptionalDouble beanC(double timeS) {
        return readings.beanC(timeS);
    }

    /** Where its times begin: at the charge, or when it was prepared; s of the desk's clock. */
    public double zeroS() {
        return chargeS().orElse(prepare.timeS());
    }

    /** How far it is; never idle. */
    public DeskPhase phase() {
        RoastEvents events = events();
        if (events.find(EventKind.DROP).isPresent()) {
            return DeskPhase.COOLING;
        }
        return events.find(EventKind.CHARGE).isPresent() ? DeskPhase.ROASTING : DeskPhase.PREPARING;
    }

    /** Called events, s since charge; empty before it. */
    public RoastEvents events() {
        return called.events();
    }

    /** Slope of the bean probe before the charge, °C/s; 0 while it is not known. */
    public double slopeCPerS() {
        return before.slope(SLOPE_S, false).map(LocalFit::slopePerS).orElse(0.0);
    }

    /** Whether this entry is the drop that stands. */
    public boolean endsWith(int seq) {
        return called.endsWith(seq);
    }

    public int nextSeq() {
        return called.nextSeq();
    }

    public Prepare prepare() {
        return prepare;
    }

    public LiveSetup setup() {
        return setup;
    }

    public ProtocolRun protocol() {
        return protocol;
    }

    public List<Read> readings() {
        return readings.all();
    }

    /** Rates of rise as they were known at each reading, °C/min. */
    public List<OptionalDouble> rates() {
        return rates;
    }

    public List<Gap> gaps() {
        return gaps;
    }

    public Optional<LiveRoast> live() {
        return followed.map(FollowedRoast::live);
    }

    public Map<Warning.Kind, Double> warned() {
        return followed.map(FollowedRoast::warned).orElse(Map.of());
    }

    public Optional<Outlook> afterTurn() {
        return followed.flatMap(FollowedRoast::afterTurn);
    }

    public Optional<Outlook> atDryEnd() {
        return followed.flatMap(FollowedRoast::atDryEnd);
    }

    public Optional<Long> roastId() {
        return roastId;
    }
}
