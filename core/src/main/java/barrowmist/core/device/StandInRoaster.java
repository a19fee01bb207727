package barrowmist.core.device;

import barrowmist.core.machine.thermal.ControlLevels;
import java.util.Random;

/**
 * A sample roaster that is not there, as a person would meet it: gas, air, drum and door to set, a batch to put in and
 * to drop, probes that are noisy, and cracks to be heard. It keeps its heat from batch to batch. Mutable; its clock is
 * moved by {@link #pass}. Safe for several threads.
 */
public final class StandInRoaster {

    /** The burner may be set so far, %. */
    private static final double FULL = 100;

    private static final double ROOM_C = 22;
    private static final double FIRST_DRUM_C = 150;

    /** Cracks of a batch in all, and how far about the crack temperature they spread, °C. */
    private static final double CRACKS = 70;

    private static final double CRACK_SPREAD_C = 1.6;

    /** A lone early crack: from so far below, °C, so many in a second. */
    private static final double LONE_FROM_C = 9;

    private static final double LONE_PER_S = 0.012;

    private DrumKind kind = DrumKind.GAS;
    private Drum drum = kind.in(ROOM_C);
    private final Random random;
    private ControlLevels levels = new ControlLevels(60, 40, 62);
    private boolean doorOpen;
    private double noiseC = 0.12;
    private double timeS;
    private double left;
    private double chargedS = Double.NaN;
    private double crackC;
    private double beforeC;
    private int pops;

    /**
     * What the roaster says.
     *
     * @param timeS its own clock, s since it was switched on
     * @param beanC bean probe, °C
     * @param environmentC environment probe, °C
     * @param levels where the controls stand
     * @param charged whether beans are in
     * @param doorOpen whether the door stands open
     * @param chargedForS since the batch was put in, s; 0 without one
     * @param pops cracks heard since it was switched on
     */
    public record State(
            double timeS,
            double beanC,
            double environmentC,
            ControlLevels levels,
            boolean charged,
            boolean doorOpen,
            double chargedForS,
            int pops) {}

    /** @param seed of its noise and its cracks */
    public StandInRoaster(long seed) {
        random = new Random(seed);
        drum.preheated(FIRST_DRUM_C);
    }

    /** Is another roaster from now on, as warm as after a warm-up. What is in the old one is gone. */
    public synchronized void become(DrumKind next) {
        kind = next;
        drum = next.in(ROOM_C);
        drum.setDoorOpen(doorOpen);
        drum.preheated(FIRST_DRUM_C);
        chargedS = Double.NaN;
    }

    public synchronized DrumKind kind() {
        return kind;
    }

    /** Sets the controls; each is brought into what the roaster can do. */
    public synchronized void set(double gasPct, double airflowPct, double drumRpm) {
        levels = new ControlLevels(
                Math.max(0, Math.min(FULL, gasPct)),
                Math.max(0, Math.min(FULL, airflowPct)),
                Math.max(1, Math.min(FULL, drumRpm)));
    }

    public synchronized void setDoorOpen(boolean open) {
        doorOpen = open;
        drum.setDoorOpen(open);
    }

    public synchronized void setNoise(double sdC) {
        noiseC = Math.max(0, sdC);
    }

    /** Heats it up at once, as after a warm-up. */
    public synchronized void preheat(double beanC) {
        drum.drop();
        drum.preheated(beanC);
    }

    /** Puts a batch in. A batch that is in already stays. */
    public synchronized void charge(Drum.Batch batch) {
        if (!drum.charged()) {
            drum.charge(batch);
            crackC = batch.crackC();
            chargedS = timeS;
        }
    }

    public synchronized void drop() {
        drum.drop();
        chargedS = Double.NaN;
    }

    /** Lets time pass, s. */
    public synchronized void pass(double seconds) {
        left += seconds;
        while (left >= Drum.STEP_S) {
            drum.step(Drum.STEP_S, levels);
            if (drum.charged()) {
                crack(Drum.STEP_S);
            }
            timeS += Drum.STEP_S;
            left -= Drum.STEP_S;
        }
    }

    private void crack(double dt) {
        double c = drum.meanC();
        double share = logistic((c - crackC) / CRACK_SPREAD_C) - logistic((beforeC - crackC) / CRACK_SPREAD_C);
        double expected = CRACKS * Math.max(0, share);
        if (c > crackC - LONE_FROM_C && c < crackC - 2 * CRACK_SPREAD_C) {
            expected += LONE_PER_S * dt;
        }
        beforeC = c;
        pops += poisson(expected);
    }

    private int poisson(double mean) {
        double limit = Math.exp(-mean);
        double product = random.nextDouble();
        int n = 0;
        while (product > limit) {
            product *= random.nextDouble();
            n++;
        }
        return n;
    }

    private static double logistic(double x) {
        return 1 / (1 + Math.exp(-x));
    }

    /** What it says now; each time its probes are noisy anew. */
    public synchronized State state() {
        return new State(
                timeS,
                drum.probeC() + noiseC * random.nextGaussian(),
                drum.environmentC() + 2 * noiseC * random.nextGaussian(),
                levels,
                drum.charged(),
                doorOpen,
                drum.charged() ? timeS - chargedS : 0,
                pops);
    }
}
