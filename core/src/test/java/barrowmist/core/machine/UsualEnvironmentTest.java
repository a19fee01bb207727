package barrowmist.core.machine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.roast.Band;
import barrowmist.core.roast.FaultSettings;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.KnownCurve;
import barrowmist.core.roast.RoastAnalyzer;
import barrowmist.core.roast.RoastFigures;
import barrowmist.core.roast.RoastLog;
import barrowmist.core.roast.Series;
import java.util.Collections;
import java.util.List;
import java.util.stream.DoubleStream;
import org.junit.jupiter.api.Test;

/** What the environment reads at the drop, as a roaster's accepted roasts teach it. */
class UsualEnvironmentTest {

    private static RoastFigures droppedAt(double environmentC) {
        Series air = new Series(new double[] {0, KnownCurve.DROP_S}, new double[] {environmentC, environmentC});
        RoastLog log = new RoastLog(
                KnownCurve.steady().readings(0.15, 3), air, Series.empty(), Series.empty(), Series.empty());
        return new RoastAnalyzer(FaultSettings.DEFAULTS)
                .analyze(log, KnownCurve.events(), Band.NONE)
                .figures();
    }

    private static Band usual(List<RoastFigures> accepted) {
        return MachineReference.learn(accepted).of(KeyFigure.ENVIRONMENT_DROP_C);
    }

    @Test
    void itIsLearnedFromRoastsThatLoggedIt() {
        List<RoastFigures> accepted = DoubleStream.of(236, 238, 240, 242, 244, 240)
                .mapToObj(UsualEnvironmentTest::droppedAt)
                .toList();
        assertThat(usual(accepted))
                .isInstanceOfSatisfying(
                        Band.Learned.class, b -> assertThat(b.median()).isEqualTo(240, within(0.01)));
    }

    @Test
    void withoutRoastsOrWithoutAProbeItIsNotLearned() {
        RoastFigures without =
                KnownCurve.analyze(KnownCurve.steady().readings(0.15, 3)).figures();
        assertThat(usual(List.of())).isInstanceOf(Band.NotYetLearned.class);
        assertThat(usual(Collections.nCopies(9, without))).isInstanceOf(Band.NotYetLearned.class);
    }
}
