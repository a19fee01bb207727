package barrowmist.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.device.Drum;
import barrowmist.core.device.SimulatedDrum;
import barrowmist.core.device.SimulatedRoast;
import barrowmist.core.machine.EventTemperatures;
import barrowmist.core.machine.FittedModel;
import barrowmist.core.machine.MachineReference;
import barrowmist.core.machine.ModelFitter;
import barrowmist.core.machine.thermal.BatchConditions;
import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.machine.thermal.FitRoast;
import barrowmist.core.roast.KeyFigure;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;

class TranslatorTest {

    private static final EventTemperatures SMALL_DRUM = new EventTemperatures(158, 1, 194.5, 1, true);
    private static final EventTemperatures BIG_DRUM = new EventTemperatures(162, 1, 199, 1, true);

    @Test
    void temperaturesFollowTheLineThroughDryEndAndFirstCrack() {
        assertThat(Translator.mapped(158, SMALL_DRUM, BIG_DRUM)).isCloseTo(162, within(1e-9));
        assertThat(Translator.mapped(194.5, SMALL_DRUM, BIG_DRUM)).isCloseTo(199, within(1e-9));
        assertThat(Translator.mapped(204, SMALL_DRUM, BIG_DRUM)).isBetween(208.0, 209.5);
    }

    private static List<FitRoast> bigDrumRoasts() {
        List<FitRoast> all = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            Random random = new Random(i * 31L + 1);
            random.nextDouble();
            SimulatedDrum drum =
                    new SimulatedDrum(SimulatedDrum.Build.sampleRoaster().scaled(3.3), 22);
            double[][] gas = {{0, 60 + 5 * random.nextInt(6)}, {150, 65}, {300, 55 + 5 * random.nextInt(4)}, {460, 55}};
            double[][] air = {{0, 30}, {240, 45 + 5 * random.nextInt(3)}, {420, 60}};
            SimulatedRoast roast = SimulatedRoast.of(
                    drum,
                    new Drum.Batch(380 + 10 * random.nextInt(4), 11, 6.5, 1, 194),
                    new SimulatedRoast.Orders(
                            188 + 8 * random.nextDouble(),
                            SimulatedLab.controls(gas, air),
                            162,
                            197,
                            (t, c, sinceCrack) -> sinceCrack >= 90 || t > 1000,
                            0.15,
                            i));
            all.add(SimulatedLab.fitRoast(roast, 400));
        }
        return all;
    }

    @Test
    void aProfileIsCarriedToABiggerDrumAndWhatCannotBeIsSaid() {
        FitRoast profile = SimulatedLab.roasts(1).get(0);
        ControlPlan plan = ControlPlan.of(
                profile.log(), new ControlLevels(0, 100, 60), new DropRule(DropRule.By.BEAN_C, 204), 600);
        FittedModel big = ModelFitter.fit(bigDrumRoasts(), 500, (share, doing) -> {});
        Predictor predictor = new Predictor(big, MachineReference.NONE, BIG_DRUM);
        Translator.To to = new Translator.To(predictor, Finder.Limits.within(big, 0, 100, 1), 5, false, true);
        BatchConditions batch = new BatchConditions(400, 11, 6.5, 192, OptionalDouble.empty(), 22);

        Translator.Translated translated = Translator.translate(profile.figures(), plan, SMALL_DRUM, batch, to);

        assertThat(translated.targets().aims().get(KeyFigure.DRY_END_S).value())
                .isEqualTo(profile.figures().dryEnd().orElseThrow().timeS());
        assertThat(translated.targets().aims().get(KeyFigure.DROP_C).value())
                .isGreaterThan(profile.figures().drop().orElseThrow().beanC() + 2);
        double dryEnd = translated
                .found()
                .prediction()
                .figure(KeyFigure.DRY_END_S)
                .orElseThrow()
                .value();
        assertThat(dryEnd).isCloseTo(profile.figures().dryEnd().orElseThrow().timeS(), within(20.0));
        assertThat(translated.notCarried())
                .contains("Airflow moves: the other machine's airflow cannot be set.")
                .anyMatch(s -> s.startsWith("Rate of rise at first crack"));
    }
}
