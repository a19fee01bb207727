package barrowmist.core.plan;

import static barrowmist.core.plan.PlannedLab.EVENTS;
import static barrowmist.core.plan.PlannedLab.MODEL;
import static barrowmist.core.plan.PlannedLab.ROASTS;
import static barrowmist.core.plan.PlannedLab.batch;
import static barrowmist.core.plan.PlannedLab.figure;
import static barrowmist.core.plan.PlannedLab.plan;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.machine.FittedModel;
import barrowmist.core.machine.MachineReference;
import barrowmist.core.machine.ModelFitter;
import barrowmist.core.machine.thermal.CurveErrors;
import barrowmist.core.plan.Targets.DevelopmentFrom;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.units.Wording;
import org.junit.jupiter.api.Test;

/** What is left of a prediction where the model is not believed. */
class UnbelievedModelTest {

    @Test
    void aModelOfTwoRoastsIsNotTrusted() {
        FittedModel two = ModelFitter.fit(ROASTS.subList(0, 2), 150, (share, doing) -> {});
        Prediction prediction = new Predictor(two, MachineReference.NONE, EVENTS)
                .predict(
                        ROASTS.get(0).batch(),
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
                MODEL.machine(),
                missing(5),
                1,
                20,
                MODEL.range(),
                MODEL.calibration(),
                MODEL.outlooks(),
                MODEL.answer());
        Predictor predictor = new Predictor(off, MachineReference.NONE, EVENTS);
        DropRule drop = new DropRule(DropRule.By.BEAN_C, 204);
        Prediction one = predictor.predict(batch(120, 190), plan(75, drop), DevelopmentFrom.FIRST_CRACK);
        Prediction other = predictor.predict(batch(120, 190), plan(85, drop), DevelopmentFrom.FIRST_CRACK);
        assertThat(one.usual()).isTrue();
        assertThat(one.figures()).as("whatever the plan").isEqualTo(other.figures());
        assertThat(figure(one, KeyFigure.FIRST_CRACK_S))
                .isCloseTo(
                        ROASTS.subList(0, 20).stream()
                                .mapToDouble(r ->
                                        r.figures().firstCrack().orElseThrow().timeS())
                                .average()
                                .orElseThrow(),
                        within(1e-6));
        assertThat(one.doubts()).anyMatch(d -> d.contains("what this roaster usually did in its 20 logs"));
    }

    /** The same model, fitted to twelve roasts and missing them by so much. */
    private static FittedModel of(FittedModel fitted, CurveErrors missed) {
        return new FittedModel(
                fitted.machine(),
                missed,
                fitted.environmentErrorC(),
                12,
                fitted.range(),
                fitted.calibration(),
                fitted.outlooks(),
                fitted.answer());
    }

    @Test
    void whatIsSaidAgainstAModelIsOneSentenceWhereverItIsAsked() {
        FittedModel fitted = ModelFitter.fit(ROASTS.subList(0, 2), 150, (share, doing) -> {});
        FittedModel off = of(fitted, missing(4.2));
        assertThat(off.doubts(Wording.SI))
                .containsExactly("The model misses its own roasts by 4.2 °C; more than 3.0 °C is not trusted.");
        // the figure begins after 100 s: what is missed before has its own
        FittedModel early = of(fitted, new CurveErrors(9.1, 3.6, 3, 3, 3, 1));
        assertThat(early.doubts(Wording.SI).get(0))
                .startsWith("The model misses its own roasts by 3.6 °C after the first 100 s and by 9.1 °C in them (");
        // a difference: 9/5 without the 32
        assertThat(off.doubts(new Wording(true, false)).get(0)).contains("by 7.6 °F");
        FittedModel broken = of(fitted, missing(Double.NaN));
        assertThat(broken.doubts(Wording.SI))
                .as("what cannot be said is not believed")
                .hasSize(1);
        FittedModel sound = of(fitted, missing(1.1));
        assertThat(sound.doubts(Wording.SI)).isEmpty();
        Prediction prediction = new Predictor(off, MachineReference.NONE, EVENTS)
                .predict(
                        ROASTS.get(0).batch(),
                        plan(80, new DropRule(DropRule.By.BEAN_C, 204)),
                        DevelopmentFrom.FIRST_CRACK);
        assertThat(prediction.doubts()).containsAll(off.doubts(Wording.SI));
        assertThat(prediction.trusted()).isFalse();
    }
}
