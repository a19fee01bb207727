package barrowmist.core.check;

import java.time.LocalDate;

/** Which days can be meant. A year of five digits is a slip of the hand, and breaks calendars and charts. */
public final class Days {

    /** No lot of today arrived, and no log of today was written, before it (house default). */
    public static final LocalDate EARLIEST = LocalDate.of(2000, 1, 1);

    public static final LocalDate LATEST = LocalDate.of(2100, 1, 1);

    private Days() {}

    public static boolean canBeMeant(LocalDate day) {
        return !day.isBefore(EARLIEST) && !day.isAfter(LATEST);
    }

    /** Such as {@code any day from 2000-01-01 to 2100-01-01}. */
    public static String allowed() {
        return "any day from " + EARLIEST + " to " + LATEST;
    }
}
