package barrowmist.core.green;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Screen size of a lot: the sieves between which its beans lie, hole diameter in 1/64 inch; {@link Sieve} says how that
 * stands to ISO 4150.
 *
 * @param smallest the smaller sieve, in [{@value #MIN}, {@value #MAX}]
 * @param largest the larger sieve, not below {@code smallest}, at most {@value #MAX}
 */
public record ScreenRange(int smallest, int largest) {

    public static final int MIN = 8;
    public static final int MAX = 20;

    /** Millimetres in 1/64 inch, by definition of the inch. */
    public static final double MM_PER_64TH_INCH = 25.4 / 64;

    private static final Pattern WRITTEN = Pattern.compile("\\s*(\\d{1,2})\\s*(?:[/-]\\s*(\\d{1,2})\\s*)?\\+?");

    public ScreenRange {
        if (smallest < MIN || largest > MAX || smallest > largest) {
            throw new IllegalArgumentException("Screen is " + smallest + "/" + largest + ", allowed are " + MIN + " to "
                    + MAX + ", smaller first");
        }
    }

    /** Reads {@code 16} or {@code 17/18}; empty when it is written otherwise or out of range. */
    public static Optional<ScreenRange> parse(String text) {
        Matcher m = WRITTEN.matcher(text);
        if (!m.matches()) {
            return Optional.empty();
        }
        int smallest = Integer.parseInt(m.group(1));
        int largest = m.group(2) == null ? smallest : Integer.parseInt(m.group(2));
        boolean allowed = smallest >= MIN && largest <= MAX && smallest <= largest;
        return allowed ? Optional.of(new ScreenRange(smallest, largest)) : Optional.empty();
    }

    /** As it is written, such as {@code 16} or {@code 15/17}. */
    public String text() {
        return smallest == largest ? Integer.toString(smallest) : smallest + "/" + largest;
    }

    /** Standard deviation of the size of beans spread evenly over these sieves, 1/64 inch. */
    public double spread() {
        int sieves = largest - smallest + 1;
        return Math.sqrt((sieves * sieves - 1) / 12.0);
    }

    /** The middle of the two, mm. */
    public double meanMm() {
        return (smallest + largest) / 2.0 * MM_PER_64TH_INCH;
    }

    /** Hole diameter of the smaller sieve in mm. */
    public double smallestMm() {
        return smallest * MM_PER_64TH_INCH;
    }
}
