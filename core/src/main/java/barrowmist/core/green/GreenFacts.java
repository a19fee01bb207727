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
 * @param screenSpread standard deviation of the size as sieved, 1/64 inch; empty when not sieved
 * @param harvest first day of the harvest month
 * @param limits what the lab judges it by
 */
public record GreenFacts(
        Process process,
        LocalDate arrival,
        OptionalDouble moisturePct,
        OptionalDouble densityGPerL,
        Optional<ScreenRange> screen,
        OptionalDouble screenSpread,
        Optional<LocalDate> harvest,
        GreenLimits limits) {

    /** At and below this screen the beans count as small (house default). */
    public static final int SMALL_SCREEN = 14;

    /** From this screen on all of them count as large (house default). */
    public static final int LARGE_SCREEN = 18;

    /** As stated with the lot: not sieved, no harvest known, by the limits a lab begins with. */
    public GreenFacts(
            Process process,
            LocalDate arrival,
            OptionalDouble moisturePct,
            OptionalDouble densityGPerL,
            Optional<ScreenRange> screen) {
        this(
                process,
                arrival,
                moisturePct,
                densityGPerL,
                screen,
                OptionalDouble.empty(),
                Optional.empty(),
                GreenLimits.DEFAULTS);
    }

    /** The same, judged by a lab's own limits. */
    public GreenFacts by(GreenLimits labs) {
        return new GreenFacts(process, arrival, moisturePct, densityGPerL, screen, screenSpread, harvest, labs);
    }

    /** A dense, high-grown bean that asks for more heat. */
    public boolean dense() {
        return densityGPerL.isPresent() && densityGPerL.getAsDouble() >= limits.denseGPerL();
    }

    /** A soft bean that marks easily. */
    public boolean soft() {
        return densityGPerL.isPresent() && densityGPerL.getAsDouble() < limits.softGPerL();
    }

    public boolean small() {
        return screen.isPresent() && screen.get().largest() <= SMALL_SCREEN;
    }

    /** Big beans take longer to heat through. */
    public boolean large() {
        return screen.isPresent() && screen.get().smallest() >= LARGE_SCREEN;
    }

    /** Beans of so many sizes that a roast of them comes out light and dark; as sieved, else as the range says. */
    public boolean mixedSizes() {
        double spread =
                screenSpread.orElseGet(() -> screen.map(ScreenRange::spread).orElse(0.0));
        return spread > ScreenAnalysis.WIDE_SPREAD;
    }

    /** Moister than wanted. */
    public boolean moist() {
        return moisturePct.isPresent() && moisturePct.getAsDouble() > limits.moistureMaxPct();
    }

    /** Drier than wanted. */
    public boolean dry() {
        return moisturePct.isPresent() && moisturePct.getAsDouble() < limits.moistureMinPct();
    }

    /** Months from the harvest, or from the arrival where no harvest is known, to a day; 0 before it. */
    public double ageMonths(LocalDate day) {
        return Math.max(0, Months.between(harvest.orElse(arrival), day));
    }

    /** Older than the lab uses coffee, on a day. */
    public boolean old(LocalDate day) {
        return ageMonths(day) > limits.maxAgeMonths();
    }
}
