package barrowmist.core.desk;

import barrowmist.core.machine.thermal.BatchConditions;
import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.machine.thermal.DrumTracker;
import barrowmist.core.plan.ControlPlan;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.LiveCurve;
import barrowmist.core.roast.Milestone;
import barrowmist.core.roast.Reading;
import barrowmist.core.roast.RoastEvents;
import barrowmist.core.roast.Series;
import java.util.List;
import java.util.Optional;

/**
 * A roast from its charge to its drop, as it goes: takes in readings and events, and knows at each moment what is
 * coming. Mutable; not safe for several threads.
 */
public final class LiveRoast {

    /** A rate is past its peak when it was higher within so long, s. */
    private static final double PAST_PEAK_S = 60;

    private final LiveSetup setup;
    private final LiveCurve curve = new LiveCurve();
    private final Forecaster forecaster;
    private final FaultWatch watch;
    private final PlannedMoves moves;
    private RoastEvents events = RoastEvents.of();
    private Optional<DrumTracker> tracker = Optional.empty();
    private Optional<Outlook> outlook = Optional.empty();
    private Optional<PlannedMoves.Next> next = Optional.empty();
    private Optional<Warning> warning = Optional.empty();

    public LiveRoast(LiveSetup setup) {
        this.setup = setup;
        this.forecaster = new Forecaster(setup);
        this.watch = new FaultWatch(setup);
        this.moves = new PlannedMoves(setup.plan().map(ControlPlan::steps).orElse(List.of()));
    }

    /** Takes in a reading; one that is earlier than the last is left alone. */
    public void take(Reading reading) {
        if (!curve.add(reading) || reading.timeS() < 0) {
            return;
        }
        boolean dropped = events.find(EventKind.DROP).isPresent();
        if (tracker.isEmpty() && setup.believed().isPresent() && reading.beanC().isPresent()) {
            tracker = Optional.of(tracker(reading));
        }
        tracker.ifPresent(t -> t.advance(reading.timeS(), levels(), reading.beanC(), reading.environmentC()));
        if (!dropped && reading.beanC().isPresent()) {
            lookAhead();
        }
    }

    private DrumTracker tracker(Reading first) {
        BatchConditions charged = setup.batch().charged(first.beanC().getAsDouble(), first.environmentC());
        return new DrumTracker(setup.model().orElseThrow().machine(), charged, levels());
    }

    private void lookAhead() {
        RoastEvents called = known();
        outlook = forecaster.ahead(tracker, curve, called, levels(), moves.waiting());
        next = moves.next(
                new PlannedMoves.Seen(
                        curve.lastS(),
                        curve.beanC().orElse(Double.NaN),
                        curve.environmentC(),
                        curve.rorCPerMin(),
                        curve.ror(curve.lastS() - PAST_PEAK_S, curve.lastS())
                                        .max()
                                        .orElse(0)
                                > curve.rorCPerMin().orElse(Double.POSITIVE_INFINITY),
                        expected(called),
                        outlook.map(Outlook::ahead).orElse(Forecaster.NOTHING)),
                levels());
        ControlLevels standing = levels();
        warning = watch.look(
                curve,
                called,
                outlook,
                untilS -> tracker.map(t -> t.forecast((s, c) -> standing, untilS, (s, c) -> false)
                                .beanC())
                        .orElse(Series.empty()));
        if (warning.filter(w -> w.kind().overrun()).isPresent()) {
            // a move of the plan that would add heat does not stand beside it
            next = Optional.empty();
        }
    }

    /** Called events, and where the others are expected. */
    private RoastEvents expected(RoastEvents called) {
        RoastEvents all = called;
        if (outlook.isPresent()) {
            all = with(all, EventKind.DRY_END, outlook.get().dryEndS());
            all = with(all, EventKind.FIRST_CRACK, outlook.get().firstCrackS());
        }
        return all;
    }

    private static RoastEvents with(RoastEvents events, EventKind kind, Optional<Outlook.Expected> at) {
        return at.isPresent() ? events.with(kind, at.get().value()) : events;
    }

    /** The events so far; the turning point as it was found unless somebody called it. */
    public RoastEvents known() {
        Optional<Milestone> turn = curve.turningPoint();
        return turn.isPresent() && events.find(EventKind.TURNING_POINT).isEmpty()
                ? events.with(EventKind.TURNING_POINT, turn.get().timeS())
                : events;
    }

    /** Replaces the events that were called, s since charge. Those to come are left for when they have come. */
    public void setEvents(RoastEvents called) {
        events = called;
    }

    /** Leaves the next planned move out. */
    public void leaveOutNext() {
        next.ifPresent(n -> moves.leaveOut(n.step()));
        next = Optional.empty();
    }

    /** Where the controls stand, as read or as told. */
    public ControlLevels levels() {
        return new ControlLevels(
                curve.gasPct().orElse(setup.usual().gasPct()),
                curve.airflowPct().orElse(setup.usual().airflowPct()),
                curve.drumRpm().orElse(setup.usual().drumRpm()));
    }

    public LiveSetup setup() {
        return setup;
    }

    public LiveCurve curve() {
        return curve;
    }

    public Optional<Outlook> outlook() {
        return outlook;
    }

    public Optional<PlannedMoves.Next> next() {
        return next;
    }

    /** What is to be warned of now. */
    public Optional<Warning> warning() {
        return warning;
    }
}
