package barrowmist.core.device;

import barrowmist.core.machine.EventTemperatures;
import barrowmist.core.machine.thermal.BatchConditions;
import barrowmist.core.machine.thermal.Controls;
import barrowmist.core.machine.thermal.FitRoast;
import barrowmist.core.roast.Band;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.FaultSettings;
import barrowmist.core.roast.RoastAnalyzer;
import barrowmist.core.roast.RoastFigures;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.SplittableRandom;
import java.util.function.Supplier;
import java.util.stream.IntStream;

/**
 * Invented roasts on each of the stand-in drums, as a lab would make them: one way of roasting for each drum, and every day
 * a little otherwise in charge, batch, green, gas, air and room. The person calls dry end and first crack by what the
 * beans do, not by a probe.
 */
public final class TrialRoasts {

    static final double ROOM_C = 22;
    private static final double NOISE_C = 0.15;
    static final double CRACK_C = 194;
    private static final double DRY_C = 152;

    /** The series of cracks is under way so far below the middle of the population, °C. */
    private static final double SERIES_C = 1.5;

    private static final double FARTHEST_S = 90;

    private TrialRoasts() {}

    /**
     * A roast with what was in the drum.
     *
     * @param clean the same without noise
     * @param gas steps of the gas as they were meant: pairs of time, s, and %
     * @param air the same of the airflow
     * @param again the same batch once more on the same day
     */
    public record Trial(
            DrumKind kind,
            long seed,
            SimulatedRoast roast,
            SimulatedRoast clean,
            FitRoast fit,
            double[][] gas,
            double[][] air,
            Again again) {

        public double timeS(EventKind event) {
            return roast.events().timeS(event).orElseThrow();
        }
    }

    /** The same batch on the same day, charged, moved and dropped otherwise. */
    @FunctionalInterface
    public interface Again {
        SimulatedRoast roast(double chargeC, Controls controls, SimulatedRoast.Drop drop, double noiseC);
    }

    /** What else a person does or what befalls the drum. */
    public enum Mishap {
        /** Nothing. */
        NONE,
        /** The gas is cut far too hard at first crack. */
        CUT_AT_CRACK,
        /** The air is opened wide at first crack. */
        AIR_AT_CRACK,
        /** The flame fails by itself, and the valve says nothing of it. */
        FLAME_FAILS
    }

    /** Draws of its own for each seed: seeds one after another would give draws that keep step with each other. */
    public static Random luck(long seed) {
        return new Random(new SplittableRandom(seed).nextLong());
    }

    /** So many sound roasts. */
    public static List<Trial> sound(DrumKind kind, long firstSeed, int count) {
        return IntStream.range(0, count)
                .mapToObj(i -> of(kind, firstSeed + i, Mishap.NONE))
                .toList();
    }

    /** A roast of such a day. A person would not have let one run that goes far too fast or never comes: it is begun anew. */
    public static Trial of(DrumKind kind, long seed, Mishap mishap) {
        Random random = luck(seed * 7919 + kind.ordinal());
        while (true) {
            Trial trial = of(kind, seed, mishap, random);
            double crackS = trial.roast.events().timeS(EventKind.FIRST_CRACK).orElse(Double.POSITIVE_INFINITY);
            if (Math.abs(crackS - lengthS(kind)) <= FARTHEST_S) {
                return trial;
            }
        }
    }

    private static Trial of(DrumKind kind, long seed, Mishap mishap, Random random) {
        double level = 2 * random.nextGaussian();
        double shiftS = 10 * random.nextGaussian();
        double[][] gas = Rehearsal.steps(kind, Rehearsal.hand(kind), level, shiftS);
        double extraS = 150 + 200 * random.nextDouble();
        double extra = 2.5 * (random.nextInt(3) - 1);
        gas = moved(gas, extraS, extra);
        double[][] air = air(kind, shiftS, 2 * random.nextGaussian());
        double chargeC = 185 + 10 * random.nextDouble();
        double greenG = 110 + 5 * random.nextInt(5);
        double moisture = 10 + 1.8 * random.nextDouble();
        double mm = 6.3 + 0.4 * random.nextDouble();
        double crackC = CRACK_C + 0.5 * random.nextGaussian();
        double lossDrift = 1 + 0.03 * random.nextGaussian();
        double roomC = ROOM_C + 2 * random.nextGaussian();
        double developmentS = 80 + 30 * random.nextDouble();
        double dryC = DRY_C + 0.5 * random.nextGaussian();
        double calledC = crackC - SERIES_C + 0.4 * random.nextGaussian();
        Drum.Batch batch = new Drum.Batch(greenG, moisture, mm, 1, crackC);
        double[][] meantGas = gas;
        Ordered ordered = (drum, atC, done, drop, noiseC) -> {
            drum.setLossDrift(lossDrift);
            return SimulatedRoast.of(
                    drum, batch, new SimulatedRoast.Orders(atC, done, dryC, calledC, drop, noiseC, seed, Drum::meanC));
        };
        Making sound = (drum, done, noiseC) ->
                ordered.roast(drum, chargeC, done, (t, c, sinceCrack) -> sinceCrack >= developmentS, noiseC);
        SimulatedRoast meant = sound.roast(kind.in(roomC), new Rehearsal.Held(gas, air), 0);
        double atS = meant.events().timeS(EventKind.FIRST_CRACK).orElse(0) + 20 * random.nextDouble() - 5;
        double by = 0.5 + 0.25 * random.nextDouble();
        Rehearsal.Held done = switch (mishap) {
            case CUT_AT_CRACK -> new Rehearsal.Held(from(gas, atS, Rehearsal.held(gas, atS) * (1 - by)), air);
            case AIR_AT_CRACK -> new Rehearsal.Held(gas, from(air, atS, 100));
            default -> new Rehearsal.Held(gas, air);
        };
        Supplier<Drum> drum =
                () -> mishap == Mishap.FLAME_FAILS ? new Failing(kind.in(roomC), atS, by) : kind.in(roomC);
        SimulatedRoast clean = sound.roast(drum.get(), done, 0);
        SimulatedRoast roast = sound.roast(drum.get(), done, NOISE_C);
        return new Trial(
                kind,
                seed,
                roast,
                clean,
                fitRoast(roast, greenG, Math.rint(10 * moisture) / 10, mm),
                meantGas,
                air,
                (atC, controls, drop, noiseC) -> ordered.roast(kind.in(roomC), atC, controls, drop, noiseC));
    }

    /** One roast on a drum, ordered so. */
    @FunctionalInterface
    private interface Ordered {
        SimulatedRoast roast(Drum drum, double chargeC, Controls done, SimulatedRoast.Drop drop, double noiseC);
    }

    /** One roast on a drum, with its controls moved so and with so much noise. */
    @FunctionalInterface
    private interface Making {
        SimulatedRoast roast(Drum drum, Rehearsal.Held done, double noiseC);
    }

    private static FitRoast fitRoast(SimulatedRoast roast, double greenG, double moisture, double mm) {
        RoastFigures figures = new RoastAnalyzer(FaultSettings.DEFAULTS)
                .analyze(roast.log(), roast.events(), Band.NONE)
                .figures();
        return new FitRoast(
                new BatchConditions(
                        greenG,
                        moisture,
                        mm,
                        figures.chargeC().orElseThrow(),
                        OptionalDouble.of(roast.log().environmentC().value(0)),
                        ROOM_C),
                roast.log(),
                figures);
    }

    /** Where the probe stands at dry end and first crack, learned from these. */
    public static EventTemperatures events(List<Trial> trials) {
        double[] dry = trials.stream()
                .flatMap(t -> t.fit().figures().dryEnd().stream())
                .mapToDouble(m -> m.beanC())
                .toArray();
        double[] crack = trials.stream()
                .flatMap(t -> t.fit().figures().firstCrack().stream())
                .mapToDouble(m -> m.beanC())
                .toArray();
        return new EventTemperatures(mean(dry), sd(dry), mean(crack), sd(crack), true);
    }

    private static double mean(double[] v) {
        return java.util.Arrays.stream(v).average().orElseThrow();
    }

    private static double sd(double[] v) {
        double m = mean(v);
        return Math.sqrt(java.util.Arrays.stream(v).map(x -> (x - m) * (x - m)).sum() / (v.length - 1));
    }

    /** How long a roast on it takes to first crack, s. */
    public static double lengthS(DrumKind kind) {
        return kind == DrumKind.HOT_AIR ? 430 : 520;
    }

    static double[][] air(DrumKind kind, double shiftS, double level) {
        double l = lengthS(kind);
        return new double[][] {{0, 40 + level}, {0.45 * l + shiftS, 45 + level}, {0.85 * l + shiftS, 48 + level}};
    }

    private static double[][] moved(double[][] gas, double fromS, double by) {
        double[][] out = new double[gas.length][];
        for (int i = 0; i < gas.length; i++) {
            out[i] =
                    new double[] {gas[i][0], gas[i][0] >= fromS ? Math.max(0, Math.min(100, gas[i][1] + by)) : gas[i][1]
                    };
        }
        return out;
    }

    /** The steps until a time, and from then on one value. */
    private static double[][] from(double[][] steps, double atS, double value) {
        List<double[]> out = new ArrayList<>();
        for (double[] step : steps) {
            if (step[0] < atS) {
                out.add(step);
            }
        }
        out.add(new double[] {atS, value});
        return out.toArray(double[][]::new);
    }
}
