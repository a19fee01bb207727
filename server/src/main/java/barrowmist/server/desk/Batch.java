package barrowmist.server.desk;

import barrowmist.core.device.Standstill;
import barrowmist.core.plan.live.LiveRoast;
import barrowmist.core.plan.live.LiveSetup;
import barrowmist.core.plan.live.Outlook;
import barrowmist.core.plan.live.ProtocolRun;
import barrowmist.core.plan.live.Warning;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.LiveCurve;
import barrowmist.core.roast.LocalFit;
import barrowmist.core.roast.Reading;
import barrowmist.core.roast.RoastEvent;
import barrowmist.core.roast.RoastEvents;
import barrowmist.server.desk.DeskLine.Entry;
import barrowmist.server.desk.DeskLine.Gap;
import barrowmist.server.desk.DeskLine.Prepare;
import barrowmist.server.desk.DeskLine.Read;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * One batch at the desk, as its journal tells it: the same lines give the same batch, whether they come one by one or
 * all at once after a restart. Mutable; not safe for several threads.
 */
final class Batch {

    /** A minute after the turning point the outlook is noted, to be held against what came. */
    private static final double OUTLOOK_AFTER_TURN_S = 60;

    /** Before the charge, times are put far below zero: no turning point is looked for there. */
    private static final double LONG_BEFORE_S = 1e7;

    /** Stands for the roast of a drop that was taken back. */
    static final long NOT_KEPT = 0;

    /** An entry of what was weighed in. */
    static final String WEIGHED = "weighed";

    /** How far back the slope before the charge looks, s (house default). */
    private static final double SLOPE_S = 20;

    private final Prepare prepare;
    private final LiveSetup setup;
    private final ProtocolRun protocol;
    private final List<Read> readings = new ArrayList<>();
    private final List<OptionalDouble> rates = new ArrayList<>();
    private final List<Entry> entries = new ArrayList<>();
    private final Set<Integer> undone = new HashSet<>();
    private final List<Gap> gaps = new ArrayList<>();
    private final Map<Warning.Kind, Double> warned = new EnumMap<>(Warning.Kind.class);
    private Standstill standstill = new Standstill();
    private LiveCurve before = new LiveCurve();
    private Optional<LiveRoast> live = Optional.empty();
    private Optional<Outlook> afterTurn = Optional.empty();
    private Optional<Outlook> atDryEnd = Optional.empty();
    private Optional<Long> roastId = Optional.empty();

    Batch(Prepare prepare, LiveSetup setup, ProtocolRun protocol) {
        this.prepare = prepare;
        this.setup = setup;
        this.protocol = protocol;
    }

    void apply(DeskLine line) {
        if (line instanceof Read r) {
            read(r);
        } else if (line instanceof Entry e) {
            entries.add(e);
            entered(e);
        } else if (line instanceof DeskLine.Undo u) {
            undone.add(u.seq());
            entries.stream().filter(e -> e.seq() == u.seq()).findFirst().ifPresent(this::entered);
        } else if (line instanceof DeskLine.StepDone s) {
            protocol.done(s.step(), s.timeS());
        } else if (line instanceof DeskLine.LeaveOut) {
            live.ifPresent(LiveRoast::leaveOutNext);
        } else if (line instanceof Gap g) {
            gaps.add(g);
        } else if (line instanceof DeskLine.Kept k) {
            roastId = k.roastId() == NOT_KEPT ? Optional.empty() : Optional.of(k.roastId());
        }
    }

    private void read(Read r) {
        readings.add(r);
        Reading x = r.reading();
        if (live.isPresent()) {
            feed(live.get(), x.shifted(-chargeS().getAsDouble()));
        } else {
            before.add(x.shifted(-LONG_BEFORE_S));
            protocol.see(new ProtocolRun.Seen(x.timeS(), x.beanC(), x.environmentC(), x.gasPct(), x.airflowPct()));
        }
        rates.add(live.map(l -> l.curve().rorCPerMin()).orElse(OptionalDouble.empty()));
    }

    private void feed(LiveRoast roast, Reading sinceCharge) {
        standstill.see(sinceCharge.timeS(), sinceCharge.beanC());
        // what stands still is kept as it came, but nothing is foretold from it
        roast.take(standstill.at(sinceCharge.timeS()) ? sinceCharge.withoutBean() : sinceCharge);
        roast.warning().ifPresent(w -> warned.putIfAbsent(w.kind(), w.sinceS()));
        boolean turned = roast.curve()
                .turningPoint()
                .filter(p -> roast.curve().lastS() >= p.timeS() + OUTLOOK_AFTER_TURN_S)
                .isPresent();
        if (turned && afterTurn.isEmpty()) {
            afterTurn = roast.outlook();
        }
        if (roast.known().find(EventKind.DRY_END).isPresent() && atDryEnd.isEmpty()) {
            atDryEnd = roast.outlook();
        }
    }

    private void entered(Entry e) {
        boolean gone = undone.contains(e.seq());
        if (e.kind().equals(EventKind.CHARGE.code()) || gone && e.isControl()) {
            rebuild();
        } else if (isEvent(e)) {
            live.ifPresent(l -> l.setEvents(events()));
        } else if (e.isControl()) {
            live.ifPresent(l -> control(l, e));
        }
    }

    private static boolean isEvent(Entry e) {
        return EventKind.parse(e.kind()).isPresent();
    }

    private void control(LiveRoast roast, Entry e) {
        double at = Math.max(e.timeS() - chargeS().getAsDouble(), roast.curve().lastS());
        roast.take(e.control(at));
    }

    /** Begins anew from the charge: it was called, moved or taken back. */
    private void rebuild() {
        OptionalDouble charge = chargeS();
        warned.clear();
        standstill = new Standstill();
        afterTurn = Optional.empty();
        atDryEnd = Optional.empty();
        if (charge.isEmpty()) {
            live = Optional.empty();
            before = new LiveCurve();
            readings.forEach(r -> before.add(r.reading().shifted(-LONG_BEFORE_S)));
            return;
        }
        LiveRoast roast = new LiveRoast(setup.withGreenG(greenG()));
        live = Optional.of(roast);
        roast.setEvents(events());
        List<Entry> controls = standing().stream().filter(Entry::isControl).toList();
        int made = 0;
        for (int i = 0; i < readings.size(); i++) {
            Reading r = readings.get(i).reading();
            while (made < controls.size() && controls.get(made).timeS() < r.timeS()) {
                control(roast, controls.get(made++));
            }
            if (r.timeS() >= charge.getAsDouble()) {
                feed(roast, r.shifted(-charge.getAsDouble()));
                rates.set(i, roast.curve().rorCPerMin());
            }
        }
        controls.subList(made, controls.size()).forEach(e -> control(roast, e));
    }

    /** Entries that were not taken back, in order. */
    List<Entry> standing() {
        return entries.stream().filter(e -> !undone.contains(e.seq())).toList();
    }

    /** What was weighed in last, g. */
    double greenG() {
        return standing().stream()
                .filter(e -> e.kind().equals(WEIGHED))
                .mapToDouble(Entry::value)
                .reduce((first, second) -> second)
                .orElse(prepare.greenG());
    }

    /** When it was charged, by the desk's clock. */
    OptionalDouble chargeS() {
        return standing().stream()
                .filter(e -> e.kind().equals(EventKind.CHARGE.code()))
                .mapToDouble(Entry::timeS)
                .findFirst();
    }

    /** Where its times begin: at the charge, or when it was prepared; s of the desk's clock. */
    double zeroS() {
        return chargeS().orElse(prepare.timeS());
    }

    /** How far it is: {@code preparing}, {@code roasting} or {@code cooling}. */
    String phase() {
        RoastEvents events = events();
        if (events.find(EventKind.DROP).isPresent()) {
            return "cooling";
        }
        return events.find(EventKind.CHARGE).isPresent() ? "roasting" : "preparing";
    }

    /** Called events, s since charge; empty before it. */
    RoastEvents events() {
        double charge = chargeS().orElse(0);
        return new RoastEvents(standing().stream()
                .filter(Batch::isEvent)
                .map(e -> RoastEvent.at(EventKind.parse(e.kind()).orElseThrow(), e.timeS() - charge))
                .toList());
    }

    /** Slope of the bean probe before the charge, °C/s; 0 while it is not known. */
    double slopeCPerS() {
        return before.slope(SLOPE_S, false).map(LocalFit::slopePerS).orElse(0.0);
    }

    /** Whether this entry is the drop that stands. */
    boolean endsWith(int seq) {
        return standing().stream().anyMatch(e -> e.seq() == seq && e.kind().equals(EventKind.DROP.code()));
    }

    int nextSeq() {
        return entries.size() + 1;
    }

    Prepare prepare() {
        return prepare;
    }

    LiveSetup setup() {
        return setup;
    }

    ProtocolRun protocol() {
        return protocol;
    }

    List<Read> readings() {
        return readings;
    }

    /** Rates of rise as they were known at each reading, °C/min. */
    List<OptionalDouble> rates() {
        return rates;
    }

    List<Gap> gaps() {
        return gaps;
    }

    Optional<LiveRoast> live() {
        return live;
    }

    Map<Warning.Kind, Double> warned() {
        return warned;
    }

    Optional<Outlook> afterTurn() {
        return afterTurn;
    }

    Optional<Outlook> atDryEnd() {
        return atDryEnd;
    }

    Optional<Long> roastId() {
        return roastId;
    }
}
