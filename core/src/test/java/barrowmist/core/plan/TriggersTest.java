package barrowmist.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.check.Checks;
import barrowmist.core.machine.EventTemperatures;
import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.plan.ControlStep.Control;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.RoastEvents;
import barrowmist.core.units.Wording;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Triggers and drops on a probe that is known: 90 °C at 60 s, then 20 °C/min falling by 0.025 °C/min each second. */
class TriggersTest {

    private static final EventTemperatures EVENTS = new EventTemperatures(158, 1, 195, 1, true);
    private static final ControlLevels START = new ControlLevels(70, 40, 60);

    private static double rate(double t) {
        return 20 - 0.025 * (t - 60);
    }

    private static double probe(double t) {
        return t < 60 ? 190 - 100 * t / 60 : 90 + (20 * (t - 60) - 0.0125 * (t - 60) * (t - 60)) / 60;
    }

    /** Falls from 220 °C to 180 at 100 s, then rises by a degree in 5 s. */
    private static double environment(double t) {
        return t < 100 ? 220 - 0.4 * t : 180 + 0.2 * (t - 100);
    }

    /** When the gas comes to 50 by this trigger, s; NaN for never. */
    private static double movedS(Trigger trigger) {
        ControlPlan plan = new ControlPlan(
                START, List.of(new ControlStep(trigger, Control.GAS, 50)), new DropRule(DropRule.By.TOTAL_S, 700));
        PlanRun run = new PlanRun(plan, EVENTS);
        for (double t = 0; t <= 700; t++) {
            if (run.at(t, probe(t), environment(t)).gasPct() == 50) {
                return t;
            }
        }
        return Double.NaN;
    }

    private static double crossesS(double levelC) {
        double t = 60;
        while (probe(t) < levelC) {
            t++;
        }
        return t;
    }

    @Test
    void theEnvironmentCanFallToATemperatureOrRiseToOne() {
        assertThat(movedS(new Trigger.AtEnvironment(190, true))).isEqualTo(75);
        assertThat(movedS(new Trigger.AtEnvironment(200, false)))
                .as("rising, past the turning point")
                .isEqualTo(200);
        assertThat(movedS(new Trigger.AtEnvironment(150, true))).isNaN();
    }

    @ParameterizedTest
    @CsvSource({"30, DRY_END, 158", "45, FIRST_CRACK, 195"})
    void aMoveCanComeBeforeWhatIsForetold(double beforeS, EventKind event, double levelC) {
        double at = movedS(new Trigger.BeforeEvent(event, beforeS));
        // foretold by the pace of that moment, which falls: a little nearer than asked
        assertThat(crossesS(levelC) - at).isBetween(beforeS, beforeS + 6);
    }

    @Test
    void aMoveCanWaitForTheRateToFall() {
        assertThat(movedS(new Trigger.AtRate(14))).isCloseTo(60 + 6 / 0.025, within(2.0));
        assertThat(rate(movedS(new Trigger.AtRate(10)))).isCloseTo(10, within(0.1));
    }

    @Test
    void aMoveThatFollowsWhatNeverReadsIsNeverMade() {
        PlanRun blind = new PlanRun(
                new ControlPlan(
                        START,
                        List.of(new ControlStep(new Trigger.AtEnvironment(190, true), Control.GAS, 50)),
                        new DropRule(DropRule.By.TOTAL_S, 700)),
                EVENTS);
        for (double t = 0; t <= 700; t++) {
            assertThat(blind.at(t, probe(t)).gasPct()).isEqualTo(70);
        }
    }

    @Test
    void theDropCanLieDegreesAboveFirstCrack() {
        DropRule fullCity = new DropRule(DropRule.By.OVER_CRACK_C, 17);
        PlanRun run = new PlanRun(new ControlPlan(START, List.of(), fullCity), EVENTS);
        double dropped = Double.NaN;
        for (double t = 0; t <= 1200 && Double.isNaN(dropped); t++) {
            run.at(t, probe(t));
            dropped = run.dropped(t, probe(t)) ? t : Double.NaN;
        }
        assertThat(probe(dropped)).isCloseTo(212, within(0.4));
        // called at the desk where the probe read otherwise than expected: from there it counts
        RoastEvents called = RoastEvents.of().with(EventKind.CHARGE, 0).with(EventKind.FIRST_CRACK, 500);
        PlanRun heard = new PlanRun(fullCity, EVENTS, List.of(), START, called, OptionalDouble.of(190));
        assertThat(heard.dropped(560, 206)).isFalse();
        assertThat(heard.dropped(560, 207)).isTrue();
    }

    @Test
    void theyAreSaidInWordsInTheReadersUnitsAndHeldToLimits() {
        Wording f = new Wording(true, false);
        assertThat(new Trigger.AtEnvironment(190, true).text(f)).isEqualTo("when the environment has fallen to 374 °F");
        assertThat(new Trigger.BeforeEvent(EventKind.FIRST_CRACK, 30).text(f)).isEqualTo("0:30 before first crack");
        assertThat(new Trigger.AtRate(8).text(f)).contains("14.4 °F/min");
        Checks checks = new Checks();
        PlanLimits.move(checks, 0, new ControlStep(new Trigger.AtEnvironment(900, true), Control.GAS, 50));
        PlanLimits.move(checks, 1, new ControlStep(new Trigger.BeforeEvent(EventKind.DRY_END, 0), Control.GAS, 50));
        PlanLimits.move(checks, 2, new ControlStep(new Trigger.AtRate(-1), Control.GAS, 50));
        PlanLimits.drop(checks, new DropRule(DropRule.By.OVER_CRACK_C, 80));
        assertThat(checks.problems()).hasSize(4);
        assertThat(PlanStart.drop(
                                DropRule.By.OVER_CRACK_C,
                                new Targets(java.util.Map.of(), Targets.DevelopmentFrom.FIRST_CRACK))
                        .value())
                .as("30 °F, full city (common practice, no published source)")
                .isEqualTo(17);
    }
}
