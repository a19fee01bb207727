package barrowmist.core.desk;

import java.util.OptionalDouble;

/**
 * Tells readings of a probe from nonsense: what no roaster reads, what no bean does between two readings, and a probe
 * that stands still. Nothing is mended: a reading is passed on as it came, or not at all. Mutable, one for each probe.
 */
public final class ProbeFilter {

    /** What a roaster's probes may read, °C (house defaults). */
    public static final double COLDEST_C = -20;

    public static final double HOTTEST_C = 400;

    /** No probe moves faster than this, °C/s, give or take so much, °C (house defaults). */
    private static final double FASTEST_C_PER_S = 12;

    private static final double GIVE_C = 6;

    /** After a longer silence than this a reading is not believed more readily, s. */
    private static final double LONGEST_S = 2;

    /** So many readings that agree with each other are believed against the one before them. */
    private static final int BELIEVED = 3;

    private double lastS = Double.NaN;
    private double lastC = Double.NaN;
    private double doubtedS;
    private double doubtedC = Double.NaN;
    private int agreeing;
    private final Standstill standstill = new Standstill();
    private int refused;

    /** The reading, or nothing when it cannot be one. */
    public OptionalDouble pass(double timeS, OptionalDouble readC) {
        if (readC.isEmpty()) {
            return readC;
        }
        double c = readC.getAsDouble();
        boolean possible = c >= COLDEST_C && c <= HOTTEST_C;
        if (!possible || jumps(timeS, c)) {
            doubtedC = possible ? c : Double.NaN;
            standstill.see(timeS, OptionalDouble.empty());
            refused++;
            return OptionalDouble.empty();
        }
        lastS = timeS;
        lastC = c;
        agreeing = 0;
        standstill.see(timeS, readC);
        return readC;
    }

    private boolean jumps(double timeS, double c) {
        if (Double.isNaN(lastC) || near(timeS - lastS, c - lastC)) {
            return false;
        }
        agreeing = !Double.isNaN(doubtedC) && near(timeS - doubtedS, c - doubtedC) ? agreeing + 1 : 1;
        doubtedS = timeS;
        doubtedC = c;
        return agreeing < BELIEVED;
    }

    private static boolean near(double s, double c) {
        return Math.abs(c) <= GIVE_C + FASTEST_C_PER_S * Math.max(0, Math.min(LONGEST_S, s));
    }

    /** How many readings were refused. */
    public int refused() {
        return refused;
    }

    /** Whether the probe stands still: a real one never reads the very same for long. */
    public boolean frozen(double timeS) {
        return standstill.at(timeS);
    }
}
