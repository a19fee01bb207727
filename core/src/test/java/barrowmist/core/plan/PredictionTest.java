package barrowmist.core.plan;

import static barrowmist.core.plan.PlannedLab.EVENTS;
import static barrowmist.core.plan.PlannedLab.MODEL;
import static barrowmist.core.plan.PlannedLab.ROASTS;
import static barrowmist.core.plan.PlannedLab.batch;
import static barrowmist.core.plan.PlannedLab.figure;
import static barrowmist.core.plan.PlannedLab.plan;
import static barrowmist.core.plan.PlannedLab.predict;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.machine.Foretold;
import barrowmist.core.machine.MachineReference;
import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.machine.thermal.FitRoast;
import barrowmist.core.machine.thermal.MachineConstants;
import barrowmist.core.plan.ControlStep.Control;
import barrowmist.core.plan.Targets.DevelopmentFrom;
import barrowmist.core.roast.KeyFigure;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** The fitted model tried on a drum that is built otherwise: three bean sizes, late burner, two-stage probe, drift. */
class PredictionTest {

    @Test
    void roastsLeftOutOfTheFitAreForetold() {
        for (FitRoast left : ROASTS.subList(20, 24)) {
            Map<KeyFigure, Double> misses = Foretold.of(MODEL.machine(), left);
            Foretold.known(left.figures())
                    .forEach((figure, came) -> misses.computeIfPresent(figure, (f, v) -> MODEL.corrected(f, v) - came));
            assertThat(misses.get(KeyFigure.DRY_END_S)).as("dry end").isBetween(-15.0, 15.0);
            assertThat(misses.get(KeyFigure.FIRST_CRACK_S)).as("first crack").isBetween(-15.0, 15.0);
            assertThat(misses.get(KeyFigure.DROP_C)).as("drop").isBetween(-2.5, 2.5);
        }
    }

    @Test
    void theErrorShownIsTheErrorOfRoastsLeftOut() {
        assertThat(MODEL.roasts()).isEqualTo(20);
        assertThat(MODEL.beanErrorC()).isBetween(0.1, 1.5);
        assertThat(MODEL.error(KeyFigure.DRY_END_S, 290).orElseThrow()).isBetween(0.5, 10.0);
        assertThat(MODEL.error(KeyFigure.FIRST_CRACK_S, 480).orElseThrow()).isBetween(1.0, 20.0);
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
        Predictor predictor = new Predictor(MODEL, MachineReference.NONE, EVENTS);
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
        Predictor predictor = new Predictor(MODEL, MachineReference.NONE, EVENTS);
        Prediction before = predict(batch(120, 190), start);
        Targets targets = new Targets(
                Map.of(
                        KeyFigure.FIRST_CRACK_S, new Aim(figure(before, KeyFigure.FIRST_CRACK_S) - 25, 6),
                        KeyFigure.DRY_END_S, new Aim(figure(before, KeyFigure.DRY_END_S) - 8, 6)),
                DevelopmentFrom.FIRST_CRACK);
        Finder.Found found =
                new Finder(predictor, Finder.Limits.within(MODEL, 0, 100, 1)).find(batch(120, 190), start, targets);
        assertThat(found.reached()).as(found.missed().toString()).isTrue();
        assertThat(found.changes()).isNotEmpty();
        assertThat(Math.abs(found.batch().chargeC() - 190)).isLessThanOrEqualTo(6);
        assertThat(found.prediction().trusted()).isTrue();
    }

    @Test
    void findItSaysWhichTargetCannotBeReachedAndWhy() {
        ControlPlan start = plan(80, new DropRule(DropRule.By.BEAN_C, 204));
        Predictor predictor = new Predictor(MODEL, MachineReference.NONE, EVENTS);
        Targets targets = new Targets(Map.of(KeyFigure.FIRST_CRACK_S, new Aim(300, 5)), DevelopmentFrom.FIRST_CRACK);
        Finder.Found found =
                new Finder(predictor, Finder.Limits.within(MODEL, 0, 100, 5)).find(batch(120, 190), start, targets);
        assertThat(found.reached()).isFalse();
        assertThat(found.missed())
                .singleElement()
                .asString()
                .startsWith("First crack comes to ")
                .contains("instead of 5:00")
                .contains("as high as is trusted");
    }

    @Test
    void aTemplateRoastBecomesAPlanOfItsMoves() {
        FitRoast template = ROASTS.get(3);
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
