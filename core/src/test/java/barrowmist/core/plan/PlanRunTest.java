package barrowmist.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.machine.EventTemperatures;
import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.plan.ControlStep.Control;
import barrowmist.core.roast.EventKind;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Moves come when their triggers say, on a probe that falls from 190 to 90 °C in a minute and then rises. */
class PlanRunTest {

    private static final EventTemperatures EVENTS = new EventTemperatures(155, 1, 195, 1, true);
    private static final ControlLevels START = new ControlLevels(80, 40, 60);

    private static double probe(double t) {
        return t < 60 ? 190 - 100 * t / 60 : 90 + (t - 60) * 0.25;
    }

    private static ControlStep step(Trigger when, Control control, double value) {
        return new ControlStep(when, control, value);
    }

    private static PlanRun run(DropRule drop, ControlStep... steps) {
        return new PlanRun(new ControlPlan(START, List.of(steps), drop), EVENTS);
    }

    private static final DropRule NEVER = new DropRule(DropRule.By.TOTAL_S, 1e6);

    /** Second at which a control first stands at {@code value}; -1 when it never does. */
    private static int firstAt(PlanRun run, Control control, double value, int toS) {
        for (int t = 0; t <= toS; t++) {
            if (control.of(run.at(t, probe(t))) == value) {
                return t;
            }
        }
        return -1;
    }

    @Test
    void controlsStandAsAtChargeUntilTheFirstMove() {
        PlanRun run = run(NEVER, step(new Trigger.AtTime(100), Control.GAS, 60));
        assertThat(run.at(0, 190)).isEqualTo(START);
        assertThat(run.at(99, probe(99))).isEqualTo(START);
        assertThat(run.at(100, probe(100)).gasPct()).isEqualTo(60);
        assertThat(run.at(100, probe(100)).airflowPct()).isEqualTo(40);
    }

    @Test
    void aTemperatureCountsOnlyWhileTheProbeRises() {
        // 150 °C is passed falling at 24 s and rising at 300 s
        PlanRun run = run(NEVER, step(new Trigger.AtBean(150), Control.AIR, 55));
        assertThat(firstAt(run, Control.AIR, 55, 400)).isEqualTo(300);
    }

    @Test
    void anEventIsFollowedAfterItsTime() {
        // dry end at 155 °C, 320 s; first crack at 195 °C, 480 s
        assertThat(firstAt(
                        run(NEVER, step(new Trigger.AtEvent(EventKind.DRY_END, 20), Control.GAS, 65)),
                        Control.GAS,
                        65,
                        600))
                .isEqualTo(340);
        assertThat(firstAt(
                        run(NEVER, step(new Trigger.AtEvent(EventKind.FIRST_CRACK, 0), Control.DRUM, 50)),
                        Control.DRUM,
                        50,
                        600))
                .isEqualTo(480);
        assertThat(firstAt(
                        run(NEVER, step(new Trigger.AtEvent(EventKind.TURNING_POINT, 0), Control.GAS, 70)),
                        Control.GAS,
                        70,
                        600))
                .isBetween(60, 62);
    }

    @Test
    void twoMovesOfOneControlFollowEachOther() {
        PlanRun run = run(
                NEVER, step(new Trigger.AtTime(200), Control.GAS, 70), step(new Trigger.AtTime(100), Control.GAS, 75));
        assertThat(run.at(100, probe(100)).gasPct()).isEqualTo(75);
        assertThat(run.at(200, probe(200)).gasPct()).isEqualTo(70);
        assertThat(run.waiting()).isEmpty();
    }

    @Test
    void whatNeverCameWaits() {
        PlanRun run = run(NEVER, step(new Trigger.AtBean(240), Control.GAS, 30));
        assertThat(firstAt(run, Control.GAS, 30, 600)).isEqualTo(-1);
        assertThat(run.waiting()).hasSize(1);
    }

    private static int droppedAt(DropRule drop) {
        PlanRun run = run(drop);
        for (int t = 0; t <= 900; t++) {
            run.at(t, probe(t));
            if (t > 0 && run.dropped(t, probe(t))) {
                return t;
            }
        }
        return -1;
    }

    @Test
    void eachRuleDropsWhereItSays() {
        assertThat(droppedAt(new DropRule(DropRule.By.BEAN_C, 205))).isEqualTo(520);
        assertThat(droppedAt(new DropRule(DropRule.By.TOTAL_S, 555))).isEqualTo(555);
        assertThat(droppedAt(new DropRule(DropRule.By.DEVELOPMENT_S, 90))).isEqualTo(570);
        // 480 / (1 - 0.2) = 600
        assertThat(droppedAt(new DropRule(DropRule.By.DEVELOPMENT_PCT, 20))).isEqualTo(600);
        assertThat(droppedAt(new DropRule(DropRule.By.BEAN_C, 400))).isEqualTo(-1);
    }
}
