package barrowmist.core.desk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.desk.Outlook.Expected;
import barrowmist.core.machine.EventTemperatures;
import barrowmist.core.machine.MachineReference;
import barrowmist.core.machine.thermal.BatchConditions;
import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.plan.Aim;
import barrowmist.core.plan.ControlPlan;
import barrowmist.core.plan.ControlStep;
import barrowmist.core.plan.ControlStep.Control;
import barrowmist.core.plan.DropRule;
import barrowmist.core.plan.PlanReview;
import barrowmist.core.plan.Targets;
import barrowmist.core.plan.Trigger;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.Milestone;
import barrowmist.core.roast.Reading;
import barrowmist.core.roast.RoastEvents;
import barrowmist.core.roast.RoastFigures;
import barrowmist.core.roast.RorPoint;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.DoubleStream;
import org.junit.jupiter.api.Test;

/** Planned moves, the turning point and plan against actual, on a roast without a model. */
class OnTheWayTest {

    private static final OptionalDouble NONE = OptionalDouble.empty();
    private static final Targets TARGETS = new Targets(
            Map.of(KeyFigure.DRY_END_S, new Aim(290, 15), KeyFigure.DROP_C, new Aim(203, 2)),
            Targets.DevelopmentFrom.FIRST_CRACK);

    private static LiveRoast roast(ControlStep... steps) {
        ControlPlan plan =
                new ControlPlan(new ControlLevels(80, 40, 60), List.of(steps), new DropRule(DropRule.By.BEAN_C, 203));
        LiveRoast live = new LiveRoast(new LiveSetup(
                new BatchConditions(120, 11, 6.5, 190, NONE, 22),
                Optional.empty(),
                new EventTemperatures(158, 1, 195, 1, true),
                MachineReference.NONE,
                Optional.of(plan),
                TARGETS,
                new ControlLevels(80, 40, 60)));
        live.setEvents(RoastEvents.of().with(EventKind.CHARGE, 0));
        return live;
    }

    private static ControlStep gas(Trigger when, double value) {
        return new ControlStep(when, Control.GAS, value);
    }

    private static void take(LiveRoast live, double t, double bean, double gas) {
        live.take(new Reading(t, OptionalDouble.of(bean), NONE, OptionalDouble.of(gas), NONE, NONE));
    }

    private static double inS(LiveRoast live) {
        return live.next().orElseThrow().inS().orElseThrow();
    }

    @Test
    void theNextMoveIsCountedDownAndGoneOnceItIsMade() {
        LiveRoast live = roast(gas(new Trigger.AtTime(100), 70), gas(new Trigger.AtTime(200), 60));
        take(live, 60, 90, 80);
        assertThat(inS(live)).isEqualTo(40);
        take(live, 105, 95, 80);
        assertThat(inS(live)).as("late").isEqualTo(-5);
        take(live, 106, 95, 70);
        assertThat(live.next().orElseThrow().step().value()).isEqualTo(60);
        assertThat(inS(live)).isEqualTo(94);
    }

    @Test
    void aMoveThatIsLeftOutOrForgottenMakesRoomForTheNext() {
        LiveRoast live = roast(gas(new Trigger.AtTime(100), 70), gas(new Trigger.AtTime(300), 60));
        take(live, 90, 90, 80);
        live.leaveOutNext();
        take(live, 91, 90, 80);
        assertThat(live.next().orElseThrow().step().value()).isEqualTo(60);
        take(live, 361, 150, 80);
        assertThat(live.next()).as("a minute late").isEmpty();
    }

    @Test
    void aMoveByTemperatureWaitsForTheRisingProbe() {
        LiveRoast live = roast(gas(new Trigger.AtBean(120), 70));
        take(live, 0, 190, 80);
        take(live, 5, 150, 80);
        assertThat(live.next().orElseThrow().inS())
                .as("falling through it does not count")
                .isEmpty();
        for (int t = 6; t < 60; t++) {
            take(live, t, Math.max(80, 150 - 2 * t), 80);
        }
        for (int t = 60; t < 200; t++) {
            take(live, t, 80 + 0.4 * (t - 60), 80);
        }
        assertThat(live.curve().turningPoint()).isPresent();
        assertThat(inS(live)).isBetween(-40.0, 0.0);
    }

    @Test
    void aMoveAfterAnEventWaitsForTheEvent() {
        LiveRoast live = roast(gas(new Trigger.AtEvent(EventKind.FIRST_CRACK, 20), 50));
        take(live, 400, 190, 80);
        assertThat(live.next().orElseThrow().inS()).isEmpty();
        live.setEvents(RoastEvents.of().with(EventKind.CHARGE, 0).with(EventKind.FIRST_CRACK, 405));
        take(live, 410, 196, 80);
        assertThat(inS(live)).isEqualTo(15);
    }

    private static RoastFigures figures(double turnS, double dryS, double dropC) {
        return new RoastFigures(
                OptionalDouble.of(190),
                Optional.of(new Milestone(turnS, 80)),
                Optional.of(new Milestone(dryS, 158)),
                Optional.of(new Milestone(480, 195)),
                Optional.of(new Milestone(580, dropC)),
                NONE,
                NONE,
                Optional.of(new RorPoint(120, 26)));
    }

    @Test
    void theTurningPointIsJudgedAgainstTheMachinesOwnWithWhatFollows() {
        MachineReference learned = MachineReference.learn(DoubleStream.of(92, 93, 94, 93, 92, 94)
                .mapToObj(s -> figures(s, 290, 203))
                .toList());
        TurningVerdict late = TurningVerdict.of(
                new Milestone(105, 82), learned, Optional.of(new Expected(305, 6)), Optional.of(290.0));
        assertThat(late.usual()).isFalse();
        assertThat(late.lateS().orElseThrow()).isCloseTo(12, within(1e-9));
        assertThat(late.text())
                .isEqualTo(
                        "Turning point 1:45, 12 s later than usual. Dry end comes at 5:05, 15 s later than planned.");
        TurningVerdict usual = TurningVerdict.of(
                new Milestone(94, 82), learned, Optional.of(new Expected(291, 6)), Optional.of(290.0));
        assertThat(usual.text()).isEqualTo("Turning point 1:34, as usual. Dry end comes at 4:51, as planned.");
        assertThat(TurningVerdict.of(new Milestone(94, 82), MachineReference.NONE, Optional.empty(), Optional.empty())
                        .text())
                .isEqualTo("Turning point 1:34.");
    }

    @Test
    void planAgainstActualSaysInOrOutAndByHowMuch() {
        List<PlanReview.Row> rows = PlanReview.rows(TARGETS, figures(93, 310, 204));
        assertThat(rows).extracting(r -> r.figure()).containsExactly(KeyFigure.DRY_END_S, KeyFigure.DROP_C);
        assertThat(rows.get(0).off()).hasValue(20);
        assertThat(rows.get(0).inside()).isFalse();
        assertThat(rows.get(1).inside()).isTrue();
    }

    @Test
    void whatStraysMostComesFirst() {
        List<PlanReview.Spread> spreads = PlanReview.spreads(
                TARGETS, List.of(figures(93, 290, 201), figures(93, 292, 203), figures(93, 294, 205)));
        assertThat(spreads.get(0).figure()).isEqualTo(KeyFigure.DROP_C);
        // the sample standard deviation of 201, 203, 205 is 2
        assertThat(spreads.get(0).sd()).isCloseTo(2, within(1e-9));
        assertThat(spreads.get(0).strays()).isCloseTo(1, within(1e-9));
        assertThat(PlanReview.spreads(TARGETS, List.of(figures(93, 290, 201)))).isEmpty();
    }
}
