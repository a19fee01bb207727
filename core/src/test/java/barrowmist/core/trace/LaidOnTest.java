package barrowmist.core.trace;

import static barrowmist.core.trace.ChangeSizingTest.MODEL;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.roast.Series;
import org.junit.jupiter.api.Test;

/** The curve with a change: what a model sees between two plans, laid on what was logged on a drum it is not built like. */
class LaidOnTest {

    private static final double CUT_S = 478;

    private final RoastAnalysis truly = ChangeSizingTest.cutTo(32);
    private final NextPlan again = NextPlan.again(truly, ChangeSizingTest.USUAL, ChangeSizingTest.GREEN_G)
            .orElseThrow();

    private static double end(Series s) {
        return s.timeS(s.size() - 1);
    }

    @Test
    void nothingChangedIsTheCurveThatWasLogged() {
        Series same = LaidOn.curve(truly, again, again, MODEL).orElseThrow().beanC();
        for (double t = 60; t < end(same); t += 30) {
            assertThat(same.interpolated(t)).isCloseTo(truly.log().beanC().interpolated(t), within(1e-6));
        }
    }

    @Test
    void aSmallerCutIsTheSameUntilItIsMadeAndWarmerAfterAsOnTheDrumItself() {
        NextPlan next = again.shifted(CUT_S, 18);
        LaidOn.Next curve = LaidOn.curve(truly, again, next, MODEL).orElseThrow();
        Series logged = truly.log().beanC();
        assertThat(curve.beanC().interpolated(CUT_S - 10)).isCloseTo(logged.interpolated(CUT_S - 10), within(0.1));
        Series drum = ChangeSizingTest.cutTo(50).log().beanC();
        double laterS = CUT_S + 60;
        assertThat(curve.beanC().interpolated(laterS)).isGreaterThan(logged.interpolated(laterS) + 1);
        assertThat(curve.beanC().interpolated(laterS)).isCloseTo(drum.interpolated(laterS), within(1.5));
        assertThat(end(curve.beanC()))
                .as("the drop's temperature comes sooner")
                .isLessThan(truly.figures().totalS().orElseThrow());
        assertThat(curve.rorCPerMin().interpolated(CUT_S + 40))
                .isGreaterThan(truly.ror().interpolated(CUT_S + 40));
    }

    @Test
    void aModelThatNeverCracksSaysNothing() {
        RoastAnalysis cold = ChangeSizingTest.roasted(new double[][] {{0, 20}});
        assertThat(LaidOn.curve(truly, again, again, plan -> cold)).isEmpty();
    }
}
