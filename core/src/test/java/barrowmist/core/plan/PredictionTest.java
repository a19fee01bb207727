package barrowmist.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.machine.EventTemperatures;
import barrowmist.core.machine.FittedModel;
import barrowmist.core.machine.Foretold;
import barrowmist.core.machine.MachineReference;
import barrowmist.core.machine.ModelFitter;
import barrowmist.core.machine.thermal.BatchConditions;
import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.machine.thermal.CurveErrors;
import barrowmist.core.machine.thermal.FitRoast;
import barrowmist.core.machine.thermal.MachineConstants;
import barrowmist.core.plan.ControlStep.Control;
import barrowmist.core.plan.Targets.DevelopmentFrom;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.units.Wording;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** The fitted model tried on a drum that is built otherwise: three bean sizes, late burner, two-stage probe, drift. */
class PredictionTest {

    private static final EventTemperatures EVENTS = new EventTemperatures(158, 1, 194.5, 1, true);

    private static List<FitRoast> roasts;
    private static FittedModel model;

    @BeforeAll
    static void fit() {
        roasts = SimulatedLab.roasts(24);
        model = ModelFitter.fit(roasts.subList(0, 20), 150, (share, doing) -> {});
    }

    private static ControlPlan plan(double firstGas, DropRule drop) {
        return new ControlPlan(
                new ControlLevels(firstGas, 40, 60),
                List.of(
                        step(new Trigger.AtTime(140), Control.GAS, 70),
                        step(new Trigger.AtBean(145), Control.AIR, 47),
                        step(new Trigger.AtBean(187), Control.AIR, 54),
                        step(new Trigger.AtBean(190), Control.GAS, 60),
                        step(new Trigger.AtEvent(EventKind.FIRST_CRACK, 30), Control.GAS, 50)),
                drop);
    }

    private static ControlStep step(Trigger when, Control control, double value) {
        return new ControlStep(when, control, value);
    }

    private static BatchConditions batch(double greenG, double chargeC) {
        return new BatchConditions(greenG, 11, 6.5, chargeC, OptionalDouble.empty(), 22);
    }

    private static Prediction predict(BatchConditions batch, ControlPlan plan) {
        return new Predictor(model, MachineReference.NONE, EVENTS).predict(batch, plan, DevelopmentFrom.FIRST_CRACK);
    }

    private static double figure(Prediction prediction, KeyFigure figure) {
        return prediction.figure(figure).orElseThrow().value();
    }

    @Test
    void ofTwoRulesTheFirstOrTheLastEndsTheRoastAndIsTheOneThatIsSure() {
        DropRule share = new DropRule(DropRule.By.DEVELOPMENT_PCT, 16);
        Prediction byShare = predict(batch(120, 190), plan(85, share));
        double shareS = figure(byShare, KeyFigure.TOTAL_S);
        DropRule bean = new DropRule(DropRule.By.BEAN_C, Math.rint(figure(byShare, KeyFigure.DROP_C)) - 3);
        double beanS = figure(predict(batch(120, 190), plan(85, bean)), KeyFigure.TOTAL_S);
        assertThat(beanS).isLessThan(shareS - 5);
        Prediction first = predict(batch(120, 190), plan(85, both(bean, share, false)));
        Prediction last = predict(batch(120, 190), plan(85, both(bean, share, true)));
        assertThat(figure(first, KeyFigure.TOTAL_S)).isCloseTo(beanS, within(1.5));
        assertThat(figure(last, KeyFigure.TOTAL_S)).isCloseTo(shareS, within(1.5));
        assertThat(first.figure(KeyFigure.DEVELOPMENT_PCT)
                        .orElseThrow()
                        .plusMinus()
                        .orElseThrow())
                .isPositive();
        assertThat(last.figure(KeyFigure.DEVELOPMENT_PCT)
                        .orElseThrow()
                        .plusMinus()
                        .orElseThrow())
                .isZero();
    }

    private static DropRule both(DropRule one, DropRule other, boolean last) {
        return new DropRule(one.by(), one.value(), Optional.of(new DropRule.Other(last, other.by(), other.value())));
    }

    @Test
    void roastsLeftOutOfTheFitAreForetold() {
        for (FitRoast left : roasts.subList(20, 24)) {
            Map<KeyFigure, Double> misses = Foretold.of(model.machine(), left);
            Foretold.known(left.figures())
                    .forEach((figure, came) -> misses.computeIfPresent(figure, (f, v) -> model.corrected(f, v) - came));
            assertThat(misses.get(KeyFigure.DRY_END_S)).as("dry end").isBetween(-15.0, 15.0);
            assertThat(misses.get(KeyFigure.FIRST_CRACK_S)).as("first crack").isBetween(-15.0, 15.0);
            assertThat(misses.get(KeyFigure.DROP_C)).as("drop").isBetween(-2.5, 2.5);
        }
    }

    @Test
    void theErrorShownIsTheErrorOfRoastsLeftOut() {
        assertThat(model.roasts()).isEqualTo(20);
        assertThat(model.beanErrorC()).isBetween(0.1, 1.5);
        assertThat(model.error(KeyFigure.DRY_END_S).orElseThrow()).isBetween(0.5, 10.0);
        assertThat(model.error(KeyFigure.FIRST_CRACK_S).orElseThrow()).isBetween(1.0, 20.0);
    }

    @Test
    void moreHeatAtChargeBringsFirstCrackForward() {
        DropRule drop = new DropRule(DropRule.By.BEAN_C, 204);
        double cool = figure(predict(batch(120, 190), plan(75, drop)), KeyFigure.FIRST_CRACK_S);
        double hot = figure(predict(batch(120, 190), plan(85, drop)), KeyFigure.FIRST_CRACK_S);
        double charged = figure(predict(batch(120, 195), plan(75, drop)), KeyFigure.FIRST_CRACK_S);
        assertThat(hot).isLessThan(cool - 5);
        assertThat(charged).isLessThan(cool - 3);
    }

    @Test
    void theDropRuleDecides() {
        Prediction byShare = predict(batch(120, 190), plan(80, new DropRule(DropRule.By.DEVELOPMENT_PCT, 18)));
        assertThat(figure(byShare, KeyFigure.DEVELOPMENT_PCT)).isCloseTo(18, within(0.3));
        Prediction byTime = predict(batch(120, 190), plan(80, new DropRule(DropRule.By.DEVELOPMENT_S, 90)));
        double development = figure(byTime, KeyFigure.TOTAL_S) - figure(byTime, KeyFigure.FIRST_CRACK_S);
        assertThat(development).isCloseTo(90, within(1.5));
        Prediction byTotal = predict(batch(120, 190), plan(80, new DropRule(DropRule.By.TOTAL_S, 560)));
        assertThat(figure(byTotal, KeyFigure.TOTAL_S)).isEqualTo(560);
    }

    @Test
    void developmentCountsFromDryEndWhereTheSchoolSaysSo() {
        ControlPlan plan = plan(80, new DropRule(DropRule.By.BEAN_C, 204));
        Predictor predictor = new Predictor(model, MachineReference.NONE, EVENTS);
        Prediction crack = predictor.predict(batch(120, 190), plan, DevelopmentFrom.FIRST_CRACK);
        Prediction yellow = predictor.predict(batch(120, 190), plan, DevelopmentFrom.DRY_END);
        assertThat(figure(yellow, KeyFigure.DEVELOPMENT_PCT))
                .isCloseTo(
                        figure(crack, KeyFigure.DEVELOPMENT_PCT) + figure(crack, KeyFigure.BROWNING_PCT), within(1e-9));
    }

    @Test
    void insideItsRangeTheModelIsTrustedAndOutsideItSaysWhy() {
        DropRule drop = new DropRule(DropRule.By.BEAN_C, 204);
        assertThat(predict(batch(120, 190), plan(80, drop)).trusted()).isTrue();
        Prediction big = predict(batch(300, 190), plan(80, drop));
        assertThat(big.trusted()).isFalse();
        assertThat(big.doubts()).anyMatch(s -> s.startsWith("A batch of 300 g lies outside the 115 to 125 g"));
        Prediction hot = predict(batch(120, 215), plan(80, drop));
        assertThat(hot.doubts()).anyMatch(s -> s.startsWith("A charge of 215 °C lies outside"));
    }

    @Test
    void aDropThatIsNeverReachedIsSaid() {
        Prediction never = predict(batch(120, 190), plan(80, new DropRule(DropRule.By.BEAN_C, 290)));
        assertThat(never.doubts()).anyMatch(s -> s.startsWith("The drop is never reached within 20 minutes"));
        assertThat(never.figure(KeyFigure.TOTAL_S)).isEmpty();
    }

    @Test
    void aMoveThatNeverComesIsSaid() {
        ControlPlan plan = plan(80, new DropRule(DropRule.By.TOTAL_S, 200));
        assertThat(predict(batch(120, 190), plan).doubts())
                .anyMatch(s -> s.equals("4 planned moves come after the drop, or their triggers are never reached."));
    }

    @Test
    void findItReachesEarlierTargetsWithASmallChange() {
        ControlPlan start = plan(80, new DropRule(DropRule.By.BEAN_C, 204));
        Predictor predictor = new Predictor(model, MachineReference.NONE, EVENTS);
        Prediction before = predict(batch(120, 190), start);
        Targets targets = new Targets(
                Map.of(
                        KeyFigure.FIRST_CRACK_S, new Aim(figure(before, KeyFigure.FIRST_CRACK_S) - 25, 6),
                        KeyFigure.DRY_END_S, new Aim(figure(before, KeyFigure.DRY_END_S) - 8, 6)),
                DevelopmentFrom.FIRST_CRACK);
        Finder.Found found =
                new Finder(predictor, Finder.Limits.within(model, 0, 100, 1)).find(batch(120, 190), start, targets);
        assertThat(found.reached()).as(found.missed().toString()).isTrue();
        assertThat(found.changes()).isNotEmpty();
        assertThat(Math.abs(found.batch().chargeC() - 190)).isLessThanOrEqualTo(6);
        assertThat(found.prediction().trusted()).isTrue();
    }

    @Test
    void findItSaysWhichTargetCannotBeReachedAndWhy() {
        ControlPlan start = plan(80, new DropRule(DropRule.By.BEAN_C, 204));
        Predictor predictor = new Predictor(model, MachineReference.NONE, EVENTS);
        Targets targets = new Targets(Map.of(KeyFigure.FIRST_CRACK_S, new Aim(300, 5)), DevelopmentFrom.FIRST_CRACK);
        Finder.Found found =
                new Finder(predictor, Finder.Limits.within(model, 0, 100, 5)).find(batch(120, 190), start, targets);
        assertThat(found.reached()).isFalse();
        assertThat(found.missed())
                .singleElement()
                .asString()
                .startsWith("First crack comes to ")
                .contains("instead of 5:00")
                .contains("as high as is trusted");
    }

    @Test
    void aModelOfTwoRoastsIsNotTrusted() {
        FittedModel two = ModelFitter.fit(roasts.subList(0, 2), 150, (share, doing) -> {});
        Prediction prediction = new Predictor(two, MachineReference.NONE, EVENTS)
                .predict(
                        roasts.get(0).batch(),
                        plan(80, new DropRule(DropRule.By.BEAN_C, 204)),
                        DevelopmentFrom.FIRST_CRACK);
        assertThat(prediction.trusted()).isFalse();
        assertThat(prediction.doubts()).contains("The model was fitted to 2 roasts only; from 5 on it is trusted.");
        assertThat(prediction.usual()).isTrue();
        assertThat(prediction.figures()).as("two logs have no usual value").isEmpty();
    }

    /** Curves that miss by so much throughout. */
    private static CurveErrors missing(double c) {
        return new CurveErrors(c, c, c, c, c, 0);
    }

    @Test
    void aModelThatIsNotBelievedLeavesWhatTheMachineUsuallyDoes() {
        FittedModel off = new FittedModel(
                model.machine(),
                missing(5),
                1,
                20,
                model.range(),
                model.calibration(),
                model.outlooks(),
                model.answer());
        Predictor predictor = new Predictor(off, MachineReference.NONE, EVENTS);
        DropRule drop = new DropRule(DropRule.By.BEAN_C, 204);
        Prediction one = predictor.predict(batch(120, 190), plan(75, drop), DevelopmentFrom.FIRST_CRACK);
        Prediction other = predictor.predict(batch(120, 190), plan(85, drop), DevelopmentFrom.FIRST_CRACK);
        assertThat(one.usual()).isTrue();
        assertThat(one.figures()).as("whatever the plan").isEqualTo(other.figures());
        assertThat(figure(one, KeyFigure.FIRST_CRACK_S))
                .isCloseTo(
                        roasts.subList(0, 20).stream()
                                .mapToDouble(r ->
                                        r.figures().firstCrack().orElseThrow().timeS())
                                .average()
                                .orElseThrow(),
                        within(1e-6));
        assertThat(one.doubts()).anyMatch(d -> d.contains("what this roaster usually did in its 20 logs"));
    }

    @Test
    void whatIsSaidAgainstAModelIsOneSentenceWhereverItIsAsked() {
        FittedModel fitted = ModelFitter.fit(roasts.subList(0, 2), 150, (share, doing) -> {});
        FittedModel off = new FittedModel(
                fitted.machine(),
                missing(4.2),
                fitted.environmentErrorC(),
                12,
                fitted.range(),
                fitted.calibration(),
                fitted.outlooks(),
                fitted.answer());
        assertThat(off.doubts(Wording.SI))
                .containsExactly("The model misses its own roasts by 4.2 °C; more than 3.0 °C is not trusted.");
        // a difference: 9/5 without the 32
        assertThat(off.doubts(new Wording(true, false)).get(0)).contains("by 7.6 °F");
        FittedModel broken = new FittedModel(
                fitted.machine(),
                missing(Double.NaN),
                0,
                12,
                fitted.range(),
                fitted.calibration(),
                fitted.outlooks(),
                fitted.answer());
        assertThat(broken.doubts(Wording.SI))
                .as("what cannot be said is not believed")
                .hasSize(1);
        FittedModel sound = new FittedModel(
                fitted.machine(),
                missing(1.1),
                0,
                12,
                fitted.range(),
                fitted.calibration(),
                fitted.outlooks(),
                fitted.answer());
        assertThat(sound.doubts(Wording.SI)).isEmpty();
        Prediction prediction = new Predictor(off, MachineReference.NONE, EVENTS)
                .predict(
                        roasts.get(0).batch(),
                        plan(80, new DropRule(DropRule.By.BEAN_C, 204)),
                        DevelopmentFrom.FIRST_CRACK);
        assertThat(prediction.doubts()).containsAll(off.doubts(Wording.SI));
        assertThat(prediction.trusted()).isFalse();
    }

    @Test
    void aTemplateRoastBecomesAPlanOfItsMoves() {
        FitRoast template = roasts.get(3);
        double endS = template.figures().totalS().orElseThrow();
        ControlPlan plan = ControlPlan.of(
                template.log(), new ControlLevels(0, 100, 60), new DropRule(DropRule.By.TOTAL_S, endS), endS);
        assertThat(plan.atCharge().gasPct()).isEqualTo(template.log().gasPct().value(0));
        assertThat(plan.steps()).filteredOn(s -> s.control() == Control.AIR).hasSize(2);
        assertThat(plan.steps()).allMatch(s -> s.when() instanceof Trigger.AtTime);
    }

    @Test
    void theFirstGuessGrowsWithTheDrum() {
        assertThat(MachineConstants.guess(300).burnerW())
                .isEqualTo(2 * MachineConstants.guess(150).burnerW());
    }
}
