package barrowmist.core.desk;

import java.util.OptionalDouble;

/** Notices a probe that reads the very same for long: a real one never does. Mutable, one for each probe. */
public final class Standstill {

    /** So long, s, in so many readings (house defaults). */
    private static final double LONG_S = 15;

    private static final int MANY = 12;

    private double sinceS;
    private double sameC = Double.NaN;
    private int same;

    /** Takes in a reading; one that is empty breaks the row. */
    public void see(double timeS, OptionalDouble readC) {
        if (readC.isPresent() && readC.getAsDouble() == sameC) {
            same++;
            return;
        }
        sameC = readC.orElse(Double.NaN);
        sinceS = timeS;
        same = readC.isPresent() ? 1 : 0;
    }

    /** Since when the same was read, s. */
    public double sinceS() {
        return sinceS;
    }

    /** Whether it stands still at {@code timeS}. */
    public boolean at(double timeS) {
        return same >= MANY && timeS - sinceS >= LONG_S;
    }
}
