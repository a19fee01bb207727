package barrowmist.core.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.plan.ControlStep;
import barrowmist.core.plan.ControlStep.Control;
import barrowmist.core.plan.DropRule;
import barrowmist.core.plan.Trigger;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.KnownCurve;
import barrowmist.core.roast.Series;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The next roast is this one with one thing changed, and nothing else. */
class NextPlanTest {

    private static final ControlLevels USUAL = new ControlLevels(60, 40, 55);
    private static final double STEP_PCT = 8;
    private static final Series CUT = new Series(new double[] {0, 300, 470}, new double[] {70, 60, 30});

    private static Known roast() {
        Known k = new Known();
        k.curve = KnownCurve.crash(485);
        k.gas = CUT;
        return k;
    }

    private static NextPlan next(Known k, Correction c) {
        return NextPlan.of(k.analysis(), USUAL, 120, c, STEP_PCT).orElseThrow();
    }

    private static Correction change(String what, double from, double to) {
        return new Correction(what, from, to, "", "", "", "");
    }

    private static List<Double> gas(NextPlan plan) {
        return plan.controls().steps().stream()
                .filter(s -> s.control() == Control.GAS)
                .map(ControlStep::value)
                .toList();
    }

    @Test
    void aCrashIsPlannedWithItsCutEarlierAndSmallerInItsPlace() {
        Known k = roast().cupped(5, "flat", "hollow");
        NextPlan plan = next(k, k.first().correction().orElseThrow());
        assertThat(plan.chargeC()).isCloseTo(k.analysis().figures().chargeC().orElseThrow(), within(1e-9));
        assertThat(plan.controls().steps())
                .containsExactly(
                        new ControlStep(new Trigger.AtTime(300), Control.GAS, 60),
                        new ControlStep(new Trigger.AtTime(435), Control.GAS, 45));
        assertThat(plan.controls().atCharge().gasPct()).isEqualTo(70);
        assertThat(plan.controls().drop()).isEqualTo(new DropRule(DropRule.By.DEVELOPMENT_S, 120));
    }

    @Test
    void eachChangeIsOneThing() {
        Known k = roast();
        NextPlan same = next(k, change("charge", 195, 190));
        assertThat(same.chargeC()).isEqualTo(190);
        assertThat(gas(same)).containsExactly(60.0, 30.0);
        assertThat(next(k, change("batch", 80, 120)).greenG()).isEqualTo(120);
        assertThat(next(k, change("drop", 200, 203)).controls().drop())
                .isEqualTo(new DropRule(DropRule.By.BEAN_C, 203));
        assertThat(next(k, change("development", 60, 85)).controls().drop())
                .isEqualTo(new DropRule(DropRule.By.DEVELOPMENT_S, 85));
        assertThat(next(k, change("drum", 36, 52)).controls().atCharge().drumRpm())
                .isEqualTo(52);
    }

    @ParameterizedTest
    @CsvSource({"browning, 200, 230, -8", "browning, 230, 200, 8", "ror-at-first-crack, 14, 8, -8"})
    void aPhaseIsMadeLongerOrShorterByAStepOfGasFromDryEndOn(String what, double from, double to, double by) {
        NextPlan plan = next(roast(), change(what, from, to));
        assertThat(gas(plan)).containsExactly(70 + by, 60 + by, 30 + by);
        assertThat(plan.controls().steps().get(0).when()).isEqualTo(new Trigger.AtTime(KnownCurve.DRY_END_S));
    }

    @Test
    void earlyHeatIsLessUntilDryEndAndTheSameAfterIt() {
        NextPlan plan = next(roast(), change("gas", 70, 60));
        assertThat(plan.controls().atCharge().gasPct()).isEqualTo(60);
        assertThat(gas(plan)).containsExactly(60.0, 30.0);
    }

    @Test
    void theLargestRiseOfGasBetweenTwoTimesIsFound() {
        Known k = roast();
        k.gas = new Series(new double[] {0, 200, 300, 350, 400, 500}, new double[] {60, 75, 58, 62, 72, 90});
        NextPlan again = NextPlan.again(k.analysis(), USUAL, 120).orElseThrow();
        assertThat(GasRise.largest(again.controls(), KnownCurve.DRY_END_S, KnownCurve.FIRST_CRACK_S))
                .hasValue(new GasRise(400, 62, 72));
        assertThat(gas(again.shifted(400, -10)))
                .as("without it, and all later as much lower")
                .containsExactly(75.0, 58.0, 62.0, 62.0, 80.0);
        NextPlan falling = NextPlan.again(roast().analysis(), USUAL, 120).orElseThrow();
        assertThat(GasRise.largest(falling.controls(), 0, KnownCurve.DROP_S)).isEmpty();
    }

    @Test
    void aRoastThatHardlyRoseAfterFirstCrackIsDroppedByItsDevelopment() {
        Known k = new Known();
        assertThat(NextPlan.again(k.analysis(), USUAL, 120)
                        .orElseThrow()
                        .controls()
                        .drop()
                        .by())
                .isEqualTo(DropRule.By.BEAN_C);
        // three and a half degrees are less than first crack moves by from roast to roast
        k.events = k.events.with(EventKind.DROP, KnownCurve.FIRST_CRACK_S + 20);
        assertThat(k.analysis().figures().developmentRiseC().orElseThrow()).isBetween(2.0, 4.0);
        assertThat(NextPlan.again(k.analysis(), USUAL, 120)
                        .orElseThrow()
                        .controls()
                        .drop())
                .isEqualTo(new DropRule(DropRule.By.DEVELOPMENT_S, 20));
    }

    @Test
    void withoutAGasLaneTheUsualIsEased() {
        Known k = new Known();
        k.curve = KnownCurve.crash(485);
        k.cupped(5, "flat", "hollow");
        NextPlan plan = next(k, k.first().correction().orElseThrow());
        assertThat(gas(plan)).containsExactly(52.0);
    }

    @Test
    void aCupThatOnlyWaitsNeedsNoPlanNorDoesALogWithoutADrop() {
        assertThat(NextPlan.of(roast().analysis(), USUAL, 120, change("rest", 3, 24), STEP_PCT))
                .isEmpty();
        Known open = roast();
        open.events = barrowmist.core.roast.RoastEvents.of().with(EventKind.CHARGE, 0);
        assertThat(NextPlan.of(open.analysis(), USUAL, 120, change("charge", 195, 190), STEP_PCT))
                .isEqualTo(Optional.empty());
        assertThat(change("charge", 1, 2).atS()).isEqualTo(OptionalDouble.empty());
    }
}
