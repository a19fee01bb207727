package barrowmist.core.machine;

import barrowmist.core.machine.OutlookRecord.Miss;
import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.machine.thermal.Controls;
import barrowmist.core.machine.thermal.DrumTracker;
import barrowmist.core.machine.thermal.FitRoast;
import barrowmist.core.machine.thermal.MachineConstants;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.Milestone;
import barrowmist.core.roast.Series;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** Follows a logged roast as the desk would have, and notes how far off its outlook was each time it is looked at. */
final class OutlookTrial {

    /** Readings are taken in so far apart, s. */
    private static final double EVERY_S = 2;

    private static final double LONGER_S = 240;

    private final FitRoast roast;
    private final Controls controls;
    private final DrumTracker tracker;

    private OutlookTrial(MachineConstants machine, FitRoast roast) {
        this.roast = roast;
        this.controls = Controls.logged(roast.log(), new ControlLevels(0, 100, machine.usualRpm()));
        this.tracker = new DrumTracker(
                machine, roast.batch(), controls.at(0, roast.batch().chargeC()));
    }

    /** @param number of the roast, so that its looks are told from another's */
    static List<Miss> misses(MachineConstants machine, FitRoast roast, int number) {
        return new OutlookTrial(machine, roast).misses(number);
    }

    private List<Miss> misses(int number) {
        Optional<Milestone> turn = roast.figures().turningPoint();
        Optional<Milestone> dry = roast.figures().dryEnd();
        Optional<Milestone> crack = roast.figures().firstCrack();
        double lastS = crack.or(() -> dry).map(Milestone::timeS).orElse(0.0);
        if (turn.isEmpty() || lastS == 0) {
            return List.of();
        }
        List<Miss> misses = new ArrayList<>();
        OutlookRecord.looks(turn.get().timeS(), lastS).forEach(at -> {
            follow(at);
            Series ahead = tracker.forecast(
                            controls,
                            lastS + LONGER_S,
                            (t, c) -> crack.isPresent() && c > crack.get().beanC())
                    .beanC();
            look(ahead, number, EventKind.DRY_END, dry).ifPresent(misses::add);
            look(ahead, number, EventKind.FIRST_CRACK, crack).ifPresent(misses::add);
        });
        return misses;
    }

    private void follow(double untilS) {
        Series bean = roast.log().beanC();
        Series environment = roast.log().environmentC();
        for (double t = tracker.timeS() + EVERY_S; t <= untilS; t += EVERY_S) {
            tracker.advance(t, controls.at(t, 0), near(bean, t), near(environment, t));
        }
    }

    private static OptionalDouble near(Series series, double t) {
        int i = series.indexFrom(t - EVERY_S);
        boolean there = i < series.size() && series.timeS(i) <= t;
        return there ? OptionalDouble.of(series.interpolated(t)) : OptionalDouble.empty();
    }

    private Optional<Miss> look(Series ahead, int number, EventKind event, Optional<Milestone> came) {
        if (came.isEmpty() || came.get().timeS() <= tracker.timeS()) {
            return Optional.empty();
        }
        OptionalDouble at = ahead.risesTo(came.get().beanC(), tracker.timeS());
        return at.isEmpty()
                ? Optional.empty()
                : Optional.of(new Miss(
                        number,
                        event,
                        at.getAsDouble() - tracker.timeS(),
                        at.getAsDouble() - came.get().timeS()));
    }
}
