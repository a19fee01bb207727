package barrowmist.core.green;

import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What is known of a green lot, as far as it bears on roasting and tasting.
 *
 * @param process how it was processed
 * @param arrival day it arrived
 * @param moisturePct moisture, % of mass
 * @param densityGPerL free-settled density, g/L
 * @param screen screen size
 */
public record GreenFacts(
        Process process,
        LocalDate arrival,
        OptionalDouble moisturePct,
        OptionalDouble densityGPerL,
        Optional<ScreenRange> screen) {

    /** At and above this it is a dense, high-grown bean that asks for more heat (common practice, no published source). */
    public static final double DENSE_G_PER_L = 700;

    /** Below this it is a soft bean that marks easily (common practice, no published source). */
    public static final double SOFT_G_PER_L = 680;

    /** Lower end of the contract range of 10 to 12, % (ISO 6673 is the method; the range is common in contracts, value from memory). */
    public static final double MOISTURE_WANTED_MIN_PCT = 10;

    /** At and below this screen the beans count as small (house default). */
    public static final int SMALL_SCREEN = 14;

    public boolean dense() {
        return densityGPerL.isPresent() && densityGPerL.getAsDouble() >= DENSE_G_PER_L;
    }

    public boolean soft() {
        return densityGPerL.isPresent() && densityGPerL.getAsDouble() < SOFT_G_PER_L;
    }

    public boolean small() {
        return screen.isPresent() && screen.get().largest() <= SMALL_SCREEN;
    }
}
