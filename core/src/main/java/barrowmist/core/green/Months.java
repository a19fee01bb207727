package barrowmist.core.green;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;

/** Months of a coffee's age. */
public final class Months {

    /** Mean length of a month of the Gregorian calendar, days: 400 years of 146,097 days. */
    public static final double DAYS = 146_097 / 4800.0;

    private Months() {}

    /** Months from a day to a later one; negative for an earlier one. */
    public static double between(LocalDate from, LocalDate to) {
        return ChronoUnit.DAYS.between(from, to) / DAYS;
    }
}
