package barrowmist.core.plan;

import static barrowmist.core.plan.PlannedLab.batch;
import static barrowmist.core.plan.PlannedLab.figure;
import static barrowmist.core.plan.PlannedLab.plan;
import static barrowmist.core.plan.PlannedLab.predict;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.roast.KeyFigure;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** A plan whose drop is ruled by two things. */
class TwoRulesTest {

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
}
