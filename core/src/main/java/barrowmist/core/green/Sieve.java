package barrowmist.core.green;

import java.util.List;

/**
 * Sieves with round holes for green coffee, named by hole diameter in 1/64 inch (common practice, no published source).
 * ISO 4150 rounds the same holes to a series in mm: screen 17 is 6.75 mm here and 6.70 mm there (value from memory).
 */
public final class Sieve {

    /** The stack that a sample is shaken through, largest first; the pan is below them all. */
    public static final List<Integer> STACK = List.of(20, 19, 18, 17, 16, 15, 14, 13, 12);

    private Sieve() {}

    /** Hole diameter, mm: so many 64ths of an inch of 25.4 mm. */
    public static double mm(int screen) {
        return screen * ScreenRange.MM_PER_64TH_INCH;
    }
}
