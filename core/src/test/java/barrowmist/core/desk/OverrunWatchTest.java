package barrowmist.core.desk;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.machine.EventTemperatures;
import barrowmist.core.machine.MachineReference;
import barrowmist.core.machine.thermal.BatchConditions;
import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.plan.ControlPlan;
import barrowmist.core.plan.ControlStep;
import barrowmist.core.plan.DropRule;
import barrowmist.core.plan.Targets;
import barrowmist.core.plan.Trigger;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.Reading;
import barrowmist.core.roast.RoastEvents;
import barrowmist.core.units.Wording;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** A roast that nobody drops: what is said, and when. The temperatures are one drum's, invented. */
class OverrunWatchTest {

    private static final OptionalDouble NONE = OptionalDouble.empty();

    private static LiveRoast roast(Optional<ControlPlan> plan) {
        ControlLevels usual = new ControlLevels(60, 50, 60);
        return new LiveRoast(new LiveSetup(
                new BatchConditions(120, 11, 6.5, 190, OptionalDouble.empty(), 22),
                Optional.empty(),
                new EventTemperatures(158, 1, 195, 1, true),
                MachineReference.NONE,
                plan,
                new Targets(Map.of(), Targets.DevelopmentFrom.FIRST_CRACK),
                usual));
    }

    private static Optional<ControlPlan> plan(DropRule drop) {
        // the next move of the plan asks for more gas, late
        ControlStep more = new ControlStep(new Trigger.AtTime(1300), ControlStep.Control.GAS, 90);
        return Optional.of(new ControlPlan(new ControlLevels(60, 50, 60), List.of(more), drop));
    }

    /** Falls to 90 °C, turns, and rises for ever by 10 °C/min. */
    private static double beanC(int s) {
        return s < 80 ? 190 - 100 * Math.sin(Math.PI / 2 * s / 80) : 90 + (s - 80) / 6.0;
    }

    private static void until(LiveRoast roast, int fromS, int toS) {
        for (int s = fromS; s < toS; s++) {
            roast.take(new Reading(s, OptionalDouble.of(beanC(s)), NONE, NONE, NONE, NONE));
        }
    }

    private static int at(double c) {
        return 80 + (int) Math.round(6 * (c - 90));
    }

    private static Optional<Warning.Kind> kind(LiveRoast roast) {
        return roast.warning().map(Warning::kind);
    }

    @Test
    void threeDegreesOverThePlannedDropItSaysDropNowWithoutASingleMark() {
        LiveRoast roast = roast(plan(new DropRule(DropRule.By.BEAN_C, 203)));
        until(roast, 0, at(205));
        assertThat(kind(roast)).isNotEqualTo(Optional.of(Warning.Kind.DROP_NOW));
        until(roast, at(205), at(207));
        assertThat(kind(roast)).contains(Warning.Kind.DROP_NOW);
        WarningText text = WarningText.of(roast.warning().orElseThrow(), Wording.SI);
        assertThat(text.title()).isEqualTo("Drop now");
        assertThat(text.says()).contains("due by 203");
        assertThat(roast.next()).as("no move that adds heat beside it").isEmpty();
        assertThat(Prompts.of(roast)).isEmpty();
    }

    @Test
    void twelveDegreesOverItTheBurnerGoesOffAndItStaysSo() {
        LiveRoast roast = roast(plan(new DropRule(DropRule.By.BEAN_C, 203)));
        until(roast, 0, at(216));
        assertThat(kind(roast)).contains(Warning.Kind.BURNER_OFF);
        for (int s = at(216); s < at(317); s++) {
            until(roast, s, s + 1);
            assertThat(kind(roast)).contains(Warning.Kind.BURNER_OFF);
        }
        String all = WarningText.of(roast.warning().orElseThrow(), Wording.SI).toString();
        assertThat(all).contains("burner off").contains("fire plan");
    }

    @Test
    void withoutAPlanItIsSecondCrackAndThenTooHotForAnyRoast() {
        LiveRoast roast = roast(Optional.empty());
        until(roast, 0, at(222));
        assertThat(kind(roast)).isNotEqualTo(Optional.of(Warning.Kind.DROP_NOW));
        until(roast, at(222), at(224));
        assertThat(kind(roast)).contains(Warning.Kind.DROP_NOW);
        until(roast, at(224), at(238));
        assertThat(kind(roast)).contains(Warning.Kind.BURNER_OFF);
    }

    @Test
    void aDropThatIsPlannedByTheClockIsWatchedByTheClock() {
        LiveRoast roast = roast(plan(new DropRule(DropRule.By.TOTAL_S, 600)));
        until(roast, 0, 640);
        assertThat(kind(roast)).isNotEqualTo(Optional.of(Warning.Kind.DROP_NOW));
        until(roast, 640, 650);
        assertThat(kind(roast)).contains(Warning.Kind.DROP_NOW);
        until(roast, 650, 755);
        assertThat(kind(roast)).contains(Warning.Kind.BURNER_OFF);
    }

    @Test
    void aPlannedDarkRoastIsLeftAloneInSecondCrack() {
        LiveRoast roast = roast(plan(new DropRule(DropRule.By.BEAN_C, 228)));
        until(roast, 0, at(222));
        roast.setEvents(RoastEvents.of().with(EventKind.SECOND_CRACK, at(221)));
        until(roast, at(222), at(224));
        assertThat(kind(roast)).isNotEqualTo(Optional.of(Warning.Kind.DROP_NOW));
    }

    @Test
    void afterTheDropNothingIsSaid() {
        LiveRoast roast = roast(plan(new DropRule(DropRule.By.BEAN_C, 203)));
        until(roast, 0, at(207));
        roast.setEvents(RoastEvents.of().with(EventKind.DROP, at(206)));
        until(roast, at(207), at(208));
        assertThat(new OverrunWatch(roast.setup()).look(roast.curve(), roast.known()))
                .isEmpty();
    }

    @Test
    void aHotDrumAtTheChargeIsNoOverrun() {
        LiveRoast roast = roast(plan(new DropRule(DropRule.By.BEAN_C, 170)));
        until(roast, 0, 200);
        assertThat(kind(roast)).isEmpty();
    }
}
