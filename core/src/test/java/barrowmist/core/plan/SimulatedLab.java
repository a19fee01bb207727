package barrowmist.core.plan;

import barrowmist.core.device.Drum;
import barrowmist.core.device.SimulatedDrum;
import barrowmist.core.device.SimulatedRoast;
import barrowmist.core.device.TrialRoasts;
import barrowmist.core.machine.thermal.BatchConditions;
import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.machine.thermal.Controls;
import barrowmist.core.machine.thermal.FitRoast;
import barrowmist.core.roast.Band;
import barrowmist.core.roast.FaultSettings;
import barrowmist.core.roast.RoastAnalyzer;
import barrowmist.core.roast.RoastFigures;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.stream.IntStream;

/** Invented roasts on the simulated drum, which is not the model that is tried on them. */
public final class SimulatedLab {

    private static final double NOISE_C = 0.15;
    private static final double ROOM_C = 22;

    private SimulatedLab() {}

    /** Steps of a control: pairs of time, s, and value. */
    public static double held(double[][] steps, double t) {
        double value = steps[0][1];
        for (double[] step : steps) {
            value = t >= step[0] ? step[1] : value;
        }
        return value;
    }

    public static Controls controls(double[][] gas, double[][] air) {
        return (t, c) -> new ControlLevels(held(gas, t), held(air, t), 60);
    }

    /** So many roasts, each a little different in charge, batch, gas, and in how much heat the drum loses that day. */
    public static List<FitRoast> roasts(int count) {
        return IntStream.range(0, count).mapToObj(SimulatedLab::roast).toList();
    }

    private static FitRoast roast(int i) {
        Random random = TrialRoasts.luck(i * 7919L + 3);
        double charge = 186 + 10 * random.nextDouble();
        double crackC = 194.5 + 0.6 * random.nextGaussian();
        double shift = 12 * random.nextGaussian();
        double[][] gas = {
            {0, 75 + 5 * random.nextInt(3)},
            {70 + shift, 75},
            {140 + shift, 70},
            {210 + shift, 65 + 5 * random.nextInt(3)},
            {450 + shift, 60 + 5 * random.nextInt(3)},
            {520 + shift, 55}
        };
        double[][] air = {{0, 40}, {230 + shift, 47}, {420 + shift, 54}};
        SimulatedDrum drum = new SimulatedDrum(SimulatedDrum.Build.sampleRoaster(), ROOM_C);
        drum.setLossDrift(1 + 0.05 * random.nextGaussian());
        double greenG = 115 + 5 * random.nextInt(3);
        SimulatedRoast roast = SimulatedRoast.of(
                drum,
                new Drum.Batch(greenG, 11, 6.5, 1, 194),
                new SimulatedRoast.Orders(
                        charge, controls(gas, air), 158, crackC, (t, c, sinceCrack) -> sinceCrack >= 100, NOISE_C, i));
        return fitRoast(roast, greenG);
    }

    /** A simulated roast as a machine's model is fitted to it. */
    public static FitRoast fitRoast(SimulatedRoast roast, double greenG) {
        RoastFigures figures = new RoastAnalyzer(FaultSettings.DEFAULTS)
                .analyze(roast.log(), roast.events(), Band.NONE)
                .figures();
        BatchConditions batch = new BatchConditions(
                greenG,
                11,
                6.5,
                figures.chargeC().orElseThrow(),
                OptionalDouble.of(roast.log().environmentC().value(0)),
                ROOM_C);
        return new FitRoast(batch, roast.log(), figures);
    }
}
