package barrowmist.core.device;

import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.machine.thermal.Controls;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** How a person has learned to move the gas of each stand-in drum, so that the rate of rise falls evenly: found by trying. */
final class Rehearsal {

    private static final double[] KNOTS = {0, 0.25, 0.5, 0.75, 1, 1.25};
    private static final Map<DrumKind, double[]> HANDS = new EnumMap<>(DrumKind.class);

    private Rehearsal() {}

    static double[][] steps(DrumKind kind, double[] hand, double level, double shiftS) {
        double lengthS = TrialRoasts.lengthS(kind);
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

    /** Held steps of gas and air. */
    record Held(double[][] gas, double[][] air) implements Controls {
        @Override
        public ControlLevels at(double timeS, double probeC) {
            return new ControlLevels(held(gas, timeS), held(air, timeS), 60);
        }
    }

    static double held(double[][] steps, double t) {
        double value = steps[0][1];
        for (double[] step : steps) {
            value = t >= step[0] ? step[1] : value;
        }
        return value;
    }

    /** Gas at the knots with which the rate of rise falls most evenly, found by trying. */
    static synchronized double[] hand(DrumKind kind) {
        return HANDS.computeIfAbsent(kind, Rehearsal::rehearsed);
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
        double length = TrialRoasts.lengthS(kind);
        double first = kind == DrumKind.HOT_AIR ? 26 : 21;
        Held controls = new Held(steps(kind, hand, 0, 0), TrialRoasts.air(kind, 0, 0));
        Drum drum = kind.in(TrialRoasts.ROOM_C);
        drum.preheated(190);
        drum.charge(
                new Drum.Batch(120, 11, 6.5, 1, TrialRoasts.CRACK_C),
                controls.at(0, 0).gasPct());
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
        return cost + Math.pow((beanAtLength - TrialRoasts.CRACK_C) / 3, 2);
    }
}
