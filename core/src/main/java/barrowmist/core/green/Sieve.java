package barrowmist.core.green;

/** Sieves with round holes for green coffee, named by hole diameter in 1/64 inch (ISO 4150 sieves, value from memory). */
public final class Sieve {

    private Sieve() {}

    /** Hole diameter, mm: so many 64ths of an inch of 25.4 mm. */
    public static double mm(int screen) {
        return screen * ScreenRange.MM_PER_64TH_INCH;
    }
}
