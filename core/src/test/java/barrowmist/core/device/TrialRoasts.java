package barrowmist.core.device;

import barrowmist.core.machine.EventTemperatures;
import barrowmist.core.machine.thermal.BatchConditions;
import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.machine.thermal.Controls;
import barrowmist.core.machine.thermal.FitRoast;
import barrowmist.core.roast.Band;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.FaultSettings;
import barrowmist.core.roast.RoastAnalyzer;
import barrowmist.core.roast.RoastFigures;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.function.Supplier;
import java.util.stream.IntStream;

/**
 * Invented roasts on each of the stand-in drums, as a lab would make them: one way of roasting for each drum, and every day
 * a little otherwise in charge, batch, green, gas, air and room. The person calls dry end and first crack by what the
 * beans do, not by a probe.
 */
public final class TrialRoasts {

    private static final double ROOM_C = 22;
    private static final double NOISE_C = 0.15;
    private static final double CRACK_C = 194;
    private static final double DRY_C = 152;

    /** The series of cracks is under way so far below the middle of the population, °C. */
    private static final double SERIES_C = 1.5;

    private static final double FARTHEST_S = 90;

    private static final double[] KNOTS = {0, 0.25, 0.5, 0.75, 1, 1.25};
    private static final Map<DrumKind, double[]> HANDS = new EnumMap<>(DrumKind.class);

    private TrialRoasts() {}

    /**
     * A roast with what was in the drum.
     *
     * @param clean the same without noise
     * @param gas steps of the gas as they were meant: pairs of time, s, and %
     * @param air the same of the airflow
     */
    public record Trial(
            DrumKind kind,
            long seed,
            SimulatedRoast roast,
            SimulatedRoast clean,
            FitRoast fit,
            double[][] gas,
            double[][] air) {

        public double timeS(EventKind event) {
            return roast.events().timeS(event).orElseThrow();
        }
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

    /** So many sound roasts. */
    public static List<Trial> sound(DrumKind kind, long firstSeed, int count) {
        return IntStream.range(0, count)
                .mapToObj(i -> of(kind, firstSeed + i, Mishap.NONE))
                .toList();
    }

    /** A roast of such a day. A person would not have let one run that goes far too fast or never comes: it is begun anew. */
    public static Trial of(DrumKind kind, long seed, Mishap mishap) {
        Random random = new Random(seed * 7919 + kind.ordinal());
        random.nextDouble();
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
        double[][] gas = steps(kind, hand(kind), level, shiftS);
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
        Making sound = (drum, done, noiseC) -> {
            drum.setLossDrift(lossDrift);
            return SimulatedRoast.of(
                    drum,
                    batch,
                    new SimulatedRoast.Orders(
                            chargeC,
                            done,
                            dryC,
                            calledC,
                            (t, c, sinceCrack) -> sinceCrack >= developmentS,
                            noiseC,
                            seed,
                            Drum::meanC));
        };
        SimulatedRoast meant = sound.roast(kind.in(roomC), new Held(gas, air), 0);
        double atS = meant.events().timeS(EventKind.FIRST_CRACK).orElse(0) + 20 * random.nextDouble() - 5;
        double by = 0.5 + 0.25 * random.nextDouble();
        Held done = switch (mishap) {
            case CUT_AT_CRACK -> new Held(from(gas, atS, held(gas, atS) * (1 - by)), air);
            case AIR_AT_CRACK -> new Held(gas, from(air, atS, 100));
            default -> new Held(gas, air);
        };
        Supplier<Drum> drum =
                () -> mishap == Mishap.FLAME_FAILS ? new Failing(kind.in(roomC), atS, by) : kind.in(roomC);
        SimulatedRoast clean = sound.roast(drum.get(), done, 0);
        SimulatedRoast roast = sound.roast(drum.get(), done, NOISE_C);
        return new Trial(
                kind, seed, roast, clean, fitRoast(roast, greenG, Math.rint(10 * moisture) / 10, mm), meantGas, air);
    }

    /** One roast on a drum, with its controls moved so and with so much noise. */
    @FunctionalInterface
    private interface Making {
        SimulatedRoast roast(Drum drum, Held done, double noiseC);
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

    private static double[][] air(DrumKind kind, double shiftS, double level) {
        double l = lengthS(kind);
        return new double[][] {{0, 40 + level}, {0.45 * l + shiftS, 45 + level}, {0.85 * l + shiftS, 48 + level}};
    }

    /** Held steps of gas and air. */
    private record Held(double[][] gas, double[][] air) implements Controls {
        @Override
        public ControlLevels at(double timeS, double probeC) {
            return new ControlLevels(held(gas, timeS), held(air, timeS), 60);
        }
    }

    private static double held(double[][] steps, double t) {
        double value = steps[0][1];
        for (double[] step : steps) {
            value = t >= step[0] ? step[1] : value;
        }
        return value;
    }

    private static double[][] steps(DrumKind kind, double[] hand, double level, double shiftS) {
        double lengthS = lengthS(kind);
        // what answers at once is moved in small steps
        double step = kind == DrumKind.HOT_AIR ? 0.5 : 2.5;
        double every = kind == DrumKind.HOT_AIR ? 10 : 30;
        List<double[]> out = new ArrayList<>();
        for (double t = 0; t <= 1.3 * lengthS; t += every) {
            double value = step * Math.rint(at(hand, t / lengthS) / step) + level;
            if (out.isEmpty() || value != out.get(out.size() - 1)[1]) {
                out.add(new double[] {t == 0 ? 0 : Math.max(1, t + shiftS), Math.max(0, Math.min(100, value))});
            }
        }
        return out.toArray(double[][]::new);
    }

    private static double at(double[] hand, double share) {
        int i = 0;
        while (i < KNOTS.length - 2 && KNOTS[i + 1] < share) {
            i++;
        }
        double x = Math.min(1, (share - KNOTS[i]) / (KNOTS[i + 1] - KNOTS[i]));
        return hand[i] + x * (hand[i + 1] - hand[i]);
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

    /** Gas at the knots with which the rate of rise falls most evenly, found by trying. */
    private static synchronized double[] hand(DrumKind kind) {
        return HANDS.computeIfAbsent(kind, TrialRoasts::rehearsed);
    }

    private static double[] rehearsed(DrumKind kind) {
        double[] best = {50, 50, 50, 45, 40, 35};
        double cost = unevenness(kind, best);
        for (double size = 20; size >= 1; size /= 2) {
            boolean better = true;
            while (better) {
                better = false;
                for (int k = 0; k < best.length; k++) {
                    for (double by : new double[] {size, -size}) {
                        double[] tried = best.clone();
                        tried[k] = Math.max(5, Math.min(100, tried[k] + by));
                        double c = unevenness(kind, tried);
                        if (c < cost - 1e-9) {
                            best = tried;
                            cost = c;
                            better = true;
                        }
                    }
                }
            }
        }
        return best;
    }

    /** How far a roast lies from one that falls evenly from 21 to 8 °C/min and cracks in time. */
    private static double unevenness(DrumKind kind, double[] hand) {
        double length = lengthS(kind);
        double first = kind == DrumKind.HOT_AIR ? 26 : 21;
        Held controls = new Held(steps(kind, hand, 0, 0), air(kind, 0, 0));
        Drum drum = kind.in(ROOM_C);
        drum.preheated(190);
        drum.charge(new Drum.Batch(120, 11, 6.5, 1, CRACK_C), controls.at(0, 0).gasPct());
        int end = (int) (1.25 * length);
        double[] probe = new double[end + 1];
        double cost = 0;
        double beanAtLength = 0;
        for (int s = 0; s <= end; s++) {
            probe[s] = drum.probeC();
            beanAtLength = s == (int) length ? drum.meanC() : beanAtLength;
            if (s > 150) {
                double rate = 2 * (probe[s] - probe[s - 30]);
                double asked = first + (8 - first) * (s - 15 - 120) / (length - 120);
                cost += (rate - asked) * (rate - asked) / end;
            }
            for (int i = 0; i < 4; i++) {
                drum.step(Drum.STEP_S, controls.at(s, 0));
            }
        }
        return cost + Math.pow((beanAtLength - CRACK_C) / 3, 2);
    }

    /** A drum whose flame fails at some time, by a share. */
    private static final class Failing implements Drum {
        private final Drum drum;
        private final double atS;
        private final double by;
        private double timeS;

        Failing(Drum drum, double atS, double by) {
            this.drum = drum;
            this.atS = atS;
            this.by = by;
        }

        @Override
        public void step(double dt, ControlLevels levels) {
            double left = timeS >= atS ? 1 - by : 1;
            drum.step(dt, new ControlLevels(levels.gasPct() * left, levels.airflowPct(), levels.drumRpm()));
            timeS += dt;
        }

        @Override
        public void setRoomC(double roomC) {
            drum.setRoomC(roomC);
        }

        @Override
        public void setLossDrift(double factor) {
            drum.setLossDrift(factor);
        }

        @Override
        public void preheated(double chargeC) {
            drum.preheated(chargeC);
        }

        @Override
        public void charge(Batch next, double gasPct) {
            drum.charge(next, gasPct);
        }

        @Override
        public void charge(Batch next) {
            drum.charge(next);
        }

        @Override
        public void drop() {
            drum.drop();
        }

        @Override
        public boolean charged() {
            return drum.charged();
        }

        @Override
        public void setDoorOpen(boolean open) {
            drum.setDoorOpen(open);
        }

        @Override
        public double meanC() {
            return drum.meanC();
        }

        @Override
        public double probeC() {
            return drum.probeC();
        }

        @Override
        public double environmentC() {
            return drum.environmentC();
        }
    }
}
