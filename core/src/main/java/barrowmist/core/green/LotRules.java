package barrowmist.core.green;

import barrowmist.core.check.Checks;
import barrowmist.core.check.Coded;
import barrowmist.core.check.Days;
import barrowmist.core.check.FieldProblem;
import java.time.LocalDate;
import java.util.List;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** What a lot may hold. The bounds catch slips of the hand; what is good coffee is judged elsewhere. */
public final class LotRules {

    /** Longest name, supplier or origin, characters. */
    public static final int MAX_TEXT = 120;

    /** Longest notes of the supplier, characters. */
    public static final int MAX_NOTES = 1000;

    /** kg: a sample bag of 50 g up to a full container. */
    public static final double KG_MIN = 0.05;

    public static final double KG_MAX = 30_000;

    /** % moisture: below is bone dry, above is not yet coffee to store (house default). */
    public static final double MOISTURE_MIN_PCT = 5;

    public static final double MOISTURE_MAX_PCT = 20;

    /** g/L: free-settled green coffee (house default). */
    public static final double DENSITY_MIN_G_PER_L = 400;

    public static final double DENSITY_MAX_G_PER_L = 900;

    private LotRules() {}

    /**
     * A lot as it was written in the form; null where a field was left out.
     *
     * @param supplierNotes what the supplier says of the cup
     */
    public record Entry(
            @Nullable String name,
            @Nullable String supplier,
            @Nullable String origin,
            @Nullable Process process,
            @Nullable LocalDate arrivalDate,
            @Nullable Double kg,
            OptionalDouble moisturePct,
            OptionalDouble densityGPerL,
            @Nullable String screen,
            @Nullable String supplierNotes) {}

    /**
     * Every problem of an entry.
     *
     * @param today the day of entry; an arrival after the next day is refused
     */
    public static List<FieldProblem> problems(Entry e, LocalDate today) {
        Checks checks = new Checks()
                .name("name", "Name", e.name, MAX_TEXT)
                .name("supplier", "Supplier", e.supplier, MAX_TEXT)
                .name("origin", "Origin", e.origin, MAX_TEXT)
                .present("arrivalDate", "Arrival date", e.arrivalDate)
                .range("kg", "Weight", e.kg == null ? Double.NaN : e.kg, KG_MIN, KG_MAX, "kg")
                .range("moisturePct", "Moisture", e.moisturePct, MOISTURE_MIN_PCT, MOISTURE_MAX_PCT, "%")
                .range("densityGPerL", "Density", e.densityGPerL, DENSITY_MIN_G_PER_L, DENSITY_MAX_G_PER_L, "g/L");
        if (e.process == null) {
            checks.add("process", "Process is missing or unknown, expected " + Coded.codes(Process.class));
        }
        checkArrival(checks, e.arrivalDate, today);
        if (e.supplierNotes != null && e.supplierNotes.strip().length() > MAX_NOTES) {
            checks.add(
                    "supplierNotes",
                    "The supplier's notes have " + e.supplierNotes.strip().length() + " characters, at most "
                            + MAX_NOTES + " are kept");
        }
        if (e.screen != null
                && !e.screen.isBlank()
                && ScreenRange.parse(e.screen).isEmpty()) {
            checks.add(
                    "screen",
                    "Screen is \"" + e.screen + "\", write one sieve or two from " + ScreenRange.MIN + " to "
                            + ScreenRange.MAX + ", such as 16 or 17/18");
        }
        return checks.problems();
    }

    private static void checkArrival(Checks checks, @Nullable LocalDate arrival, LocalDate today) {
        if (arrival == null) {
            return;
        }
        if (arrival.isBefore(Days.EARLIEST) || arrival.isAfter(today.plusDays(1))) {
            checks.add("arrivalDate", "Arrival date is " + arrival + ", allowed are " + Days.EARLIEST + " to today");
        }
    }

    private static final double LEAST_ACTIVITY = 0.2;

    /** Checks what a meter may read of the water in green coffee (plausibility, house defaults). */
    public static Checks water(Checks checks, OptionalDouble moisturePct, OptionalDouble waterActivity) {
        return checks.range("moisturePct", "Moisture", moisturePct, MOISTURE_MIN_PCT, MOISTURE_MAX_PCT, "%")
                .range("waterActivity", "Water activity", waterActivity, LEAST_ACTIVITY, 1, "");
    }
}
