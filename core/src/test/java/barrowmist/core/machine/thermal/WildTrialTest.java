package barrowmist.core.machine.thermal;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.device.DrumKind;
import barrowmist.core.device.TrialRoasts;
import barrowmist.core.device.TrialRoasts.Trial;
import barrowmist.core.machine.FittedModel;
import barrowmist.core.machine.ModelFitter;
import barrowmist.core.roast.Series;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A fit tries constants that no drum has: those are not taken, and are not the end of it. */
class WildTrialTest {

    /** Nearly all of a large burner into next to no metal, and hardly any air: come upon by a fit. */
    private static final MachineConstants RUNS_AWAY = new MachineConstants(
            21000,
            0.97,
            240,
            3.0438936e-4,
            0.3,
            32,
            0.07396952,
            93.75,
            0.04232959,
            30.63,
            0.005,
            9.63,
            1.03,
            3,
            -39.957,
            5.935,
            60);

    private static final long RAN_AWAY_SEED = 101_000;

    /** Six logs of slow metal, one of two hundred such sets whose fit went there on its way. */
    private static List<FitRoast> roasts() {
        return TrialRoasts.sound(DrumKind.ELECTRIC, RAN_AWAY_SEED, 6).stream()
                .map(Trial::fit)
                .toList();
    }

    @Test
    void aDrumThatRunsAwayReadsANumberThatNoDrumDoes() {
        FitRoast roast = roasts().get(0);
        Series bean = CurveResiduals.curve(RUNS_AWAY, roast).log().beanC();
        assertThat(bean.value(bean.size() - 1)).isEqualTo(DrumSimulation.RAN_AWAY_C);
        assertThat(new CurveResiduals(List.of(roast)).of(RUNS_AWAY)).doesNotContain(Double.NaN);
        Series sound =
                CurveResiduals.curve(MachineConstants.guess(150), roast).log().beanC();
        assertThat(sound.value(sound.size() - 1)).isBetween(50.0, 500.0);
    }

    @Test
    void aFitThatComesByOneGoesOn() {
        FittedModel model = ModelFitter.fit(roasts(), 150, (share, doing) -> {});
        assertThat(model.beanErrorC()).isLessThan(FittedModel.WORST_TRUSTED_C);
    }
}
