package barrowmist.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.machine.EventTemperatures;
import barrowmist.core.machine.FittedModel;
import barrowmist.core.machine.MachineReference;
import barrowmist.core.machine.ModelFitter;
import barrowmist.core.machine.thermal.BatchConditions;
import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.machine.thermal.FitRoast;
import barrowmist.core.plan.ControlStep.Control;
import barrowmist.core.plan.Targets.DevelopmentFrom;
import barrowmist.core.roast.Band;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.FaultSettings;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.RoastAnalyzer;
import barrowmist.core.roast.RoastEvent;
import barrowmist.core.roast.RoastEvents;
import barrowmist.core.roast.RoastLog;
import barrowmist.core.roast.Series;
import barrowmist.core.units.Temperature;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;
import org.hipparchus.analysis.interpolation.AkimaSplineInterpolator;
import org.junit.jupiter.api.Test;

/**
 * A repeatable medium-light roast of 500 g, as roasters tell it (common practice, no published source): charge 384.5 °F,
 * turning point 1:33 at 270.5 °F, dry end 5:12 at 355.8 °F, first crack 8:30, drop 10:15 at 398 °F. First crack is taken
 * at 386 °F, where that roaster hears washed coffees. Between the milestones the curve is drawn smoothly; gas and air
 * are assumed.
 */
class WorkedRoastTest {

    private static final double CHARGE_C = Temperature.ofFahrenheit(384.5).c();
    private static final double TURN_C = Temperature.ofFahrenheit(270.5).c();
    private static final double DRY_C = Temperature.ofFahrenheit(355.8).c();
    private static final double CRACK_C = Temperature.ofFahrenheit(386).c();
    private static final double DROP_C = Temperature.ofFahrenheit(398).c();
    private static final double TURN_S = 93;
    private static final double DRY_S = 312;
    private static final double CRACK_S = 510;
    private static final double DROP_S = 615;

    private static final double[][] GAS = {{0, 30}, {45, 75}, {200, 60}, {312, 50}, {430, 45}, {520, 40}};
    private static final double[][] AIR = {{0, 40}, {252, 60}, {450, 80}};

    private static FitRoast worked() {
        DoubleUnaryOperator rising = new AkimaSplineInterpolator()
                        .interpolate(
                                new double[] {60, TURN_S, 130, 180, 240, DRY_S, 410, CRACK_S, 560, DROP_S, 660},
                                new double[] {133.5, TURN_C, 138.5, 153.5, 168, DRY_C, 189.6, CRACK_C, 200, DROP_C, 206
                                })::value;
        double[] t = IntStream.rangeClosed(0, (int) DROP_S).asDoubleStream().toArray();
        double[] bean = java.util.Arrays.stream(t)
                .map(s -> s < TURN_S
                        ? TURN_C + (CHARGE_C - TURN_C) * Math.pow((TURN_S - s) / TURN_S, 3)
                        : rising.applyAsDouble(s))
                .toArray();
        RoastLog log = new RoastLog(
                new Series(t, bean), Series.empty(), control(t, GAS), control(t, AIR), control(t, new double[][] {
                    {0, 60}
                }));
        RoastEvents events = RoastEvents.of(
                RoastEvent.at(EventKind.CHARGE, 0),
                RoastEvent.at(EventKind.DRY_END, DRY_S),
                RoastEvent.at(EventKind.FIRST_CRACK, CRACK_S),
                RoastEvent.at(EventKind.DROP, DROP_S));
        var figures = new RoastAnalyzer(FaultSettings.DEFAULTS)
                .analyze(log, events, Band.NONE)
                .figures();
        return new FitRoast(batch(CHARGE_C), log, figures);
    }

    private static Series control(double[] t, double[][] steps) {
        return new Series(
                t,
                java.util.Arrays.stream(t).map(s -> SimulatedLab.held(steps, s)).toArray());
    }

    private static BatchConditions batch(double chargeC) {
        return new BatchConditions(500, 11, 6.5, chargeC, OptionalDouble.empty(), 22);
    }

    @Test
    void findItReachesTheTradesWorkedRoastOnAMachineFittedToIt() {
        // it is told as repeatable: five times the same
        FittedModel model = ModelFitter.fit(Collections.nCopies(5, worked()), 500, (share, doing) -> {});
        assertThat(model.beanErrorC()).isLessThan(1.5);

        EventTemperatures events = new EventTemperatures(DRY_C, 1, CRACK_C, 1, true);
        Predictor predictor = new Predictor(model, MachineReference.NONE, events);
        ControlPlan start = new ControlPlan(
                new ControlLevels(40, 40, 60),
                List.of(
                        gas(45, 65),
                        gas(120, 65),
                        gas(200, 55),
                        new ControlStep(new Trigger.AtTime(252), Control.AIR, 60),
                        gas(312, 55),
                        gas(430, 50),
                        new ControlStep(new Trigger.AtTime(450), Control.AIR, 80),
                        gas(520, 45)),
                new DropRule(DropRule.By.BEAN_C, DROP_C));
        Targets targets = new Targets(
                Map.of(
                        KeyFigure.TURNING_POINT_S, new Aim(TURN_S, 10),
                        KeyFigure.TURNING_POINT_C, new Aim(TURN_C, 1.5),
                        KeyFigure.DRY_END_S, new Aim(DRY_S, 10),
                        KeyFigure.FIRST_CRACK_S, new Aim(CRACK_S, 10),
                        KeyFigure.TOTAL_S, new Aim(DROP_S, 10),
                        KeyFigure.DROP_C, new Aim(DROP_C, 1.5)),
                DevelopmentFrom.FIRST_CRACK);
        Prediction before = predictor.predict(batch(CHARGE_C - 4), start, DevelopmentFrom.FIRST_CRACK);
        Finder.Found found =
                new Finder(predictor, Finder.Limits.within(model, 0, 100, 1)).find(batch(CHARGE_C - 4), start, targets);

        assertThat(missedBefore(before, targets))
                .as("the start must not be the answer")
                .isTrue();
        assertThat(found.missed()).isEmpty();
        var figures = found.prediction().analysis().figures();
        assertThat(figures.turningPoint().orElseThrow().timeS()).isCloseTo(TURN_S, within(10.0));
        assertThat(figures.turningPoint().orElseThrow().beanC()).isCloseTo(TURN_C, within(1.5));
        assertThat(figures.dryEnd().orElseThrow().timeS()).isCloseTo(DRY_S, within(10.0));
        assertThat(figures.firstCrack().orElseThrow().timeS()).isCloseTo(CRACK_S, within(10.0));
        assertThat(figures.drop().orElseThrow().timeS()).isCloseTo(DROP_S, within(10.0));
        assertThat(figures.drop().orElseThrow().beanC()).isCloseTo(DROP_C, within(1.5));
        // phases about 51 / 32 / 17 %
        assertThat(figures.phases().drying().orElseThrow().sharePct().orElseThrow())
                .isCloseTo(51, within(2.0));
        assertThat(figures.phases().browning().orElseThrow().sharePct().orElseThrow())
                .isCloseTo(32, within(2.0));
        assertThat(figures.phases().development().orElseThrow().sharePct().orElseThrow())
                .isCloseTo(17, within(2.0));
    }

    private static boolean missedBefore(Prediction before, Targets targets) {
        return targets.aims().entrySet().stream().anyMatch(e -> {
            OptionalDouble value = targets.figure(e.getKey(), before.analysis().figures());
            return value.isEmpty() || !e.getValue().reachedBy(value.getAsDouble());
        });
    }

    private static ControlStep gas(double atS, double pct) {
        return new ControlStep(new Trigger.AtTime(atS), Control.GAS, pct);
    }
}
