package barrowmist.core.machine;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.roast.Band;
import barrowmist.core.roast.FaultSettings;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.KnownCurve;
import barrowmist.core.roast.RoastAnalyzer;
import barrowmist.core.roast.RoastFigures;
import barrowmist.core.roast.RoastLog;
import barrowmist.core.roast.Series;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class UsualEnvironmentTest {

    private static MachineReference usually(double medianC, double spreadC) {
        Band none = Band.NONE;
        return new MachineReference(
                none,
                none,
                none,
                none,
                none,
                none,
                none,
                Map.of(KeyFigure.ENVIRONMENT_DROP_C, new Band.Learned(medianC, spreadC, 9)));
    }

    private static RoastFigures droppedAt(double environmentC) {
        Series air = new Series(new double[] {0, KnownCurve.DROP_S}, new double[] {environmentC, environmentC});
        RoastLog log = new RoastLog(
                KnownCurve.steady().readings(0.15, 3), air, Series.empty(), Series.empty(), Series.empty());
        return new RoastAnalyzer(FaultSettings.DEFAULTS)
                .analyze(log, KnownCurve.events(), Band.NONE)
                .figures();
    }

    @ParameterizedTest
    @CsvSource({"252, lies 12 °C above what is usual", "228, lies 12 °C below what is usual"})
    void whatLiesFarFromTheUsualIsSaid(double environmentC, String said) {
        assertThat(usually(240, 3).environmentAtDrop(droppedAt(environmentC)))
                .hasValueSatisfying(s -> assertThat(s).contains(said));
    }

    @Test
    void whatIsUsualOrNotLearnedIsNot() {
        assertThat(usually(240, 5).environmentAtDrop(droppedAt(252))).isEmpty();
        assertThat(MachineReference.NONE.environmentAtDrop(droppedAt(252))).isEmpty();
        assertThat(usually(240, 3)
                        .environmentAtDrop(
                                KnownCurve.analyze(KnownCurve.steady().readings(0.15, 3))
                                        .figures()))
                .isEmpty();
        assertThat(MachineReference.learn(List.of()).of(KeyFigure.ENVIRONMENT_DROP_C))
                .isInstanceOf(Band.NotYetLearned.class);
    }
}
