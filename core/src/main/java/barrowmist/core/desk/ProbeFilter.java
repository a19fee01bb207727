package barrowmist.core.desk;

import barrowmist.core.machine.Sense;
import java.util.OptionalDouble;

/**
 * Tells readings of a probe from nonsense: what no roaster reads, what no bean does between two readings, and a probe
 * that stands still. Nothing is mended: a reading is passed on as it came, or not at all. Mutable, one for each probe.
 */
public final class ProbeFilter {

    /** What a person may type of a probe, °C (house defaults). */
    public static final double COLDEST_C = Sense.USUAL.bean().lowC();

    public static final double HOTTEST_C = Sense.USUAL.bean().highC();

    /** No probe moves faster than this, °C/s, give or take so much, °C (house defaults). */
    private static final double FASTEST_C_PER_S = 12;

    private static final double GIVE_C = 6;

    /** After a longer silence than this a reading is not believed more readily, s. */
    private static final double LONGEST_S = 2;

    /** So many readings that agree with each other, and are not all the same, are believed against the one before them. */
    private static final int BELIEVED = 3;

    private final Sense.Range range;
    private double lastS = Double.NaN;
    private double lastC = Double.NaN;
    private double doubtedS;
    private double doubtedC = Double.NaN;
    private int agreeing;
    private boolean moving;
    private final Standstill standstill = new Standstill();
    private int refused;

    /** @param range what this probe may read */
    public ProbeFilter(Sense.Range range) {
        this.range = range;
    }

    /** The reading, or nothing when it cannot be one. */
    public OptionalDouble pass(double timeS, OptionalDouble readC) {
        if (readC.isEmpty()) {
            standstill.see(timeS, readC);
            return readC;
        }
        double c = readC.getAsDouble();
        boolean possible = range.holds(c);
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
        boolean agrees = !Double.isNaN(doubtedC) && near(timeS - doubtedS, c - doubtedC);
        agreeing = agrees ? agreeing + 1 : 1;
        // a number that is only repeated is no probe's: it is a code, or a wire that hangs
        moving = agrees && (moving || c != doubtedC);
        doubtedS = timeS;
        doubtedC = c;
        return agreeing < BELIEVED || !moving;
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

    /** Since when it has read what it reads now. */
    public double sameSinceS() {
        return standstill.sinceS();
    }
}
