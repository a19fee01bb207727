package barrowmist.core.decision.batch;

import java.time.LocalDate;
import java.time.Month;
import java.time.format.TextStyle;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;

/** Three months of a year, by their names: they hold north and south of the equator. */
final class Season {

    /** So long batches have to go on before a season is more than a stretch of time, days (house default). */
    private static final long TOLD_FROM_DAYS = 300;

    private static final int MONTHS = 3;
    private static final int YEAR = 12;

    private Season() {}

    /** @param batches in order of time */
    static boolean canBeTold(List<Batch> batches) {
        return batches.size() > 1
                && ChronoUnit.DAYS.between(
                                batches.get(0).day(),
                                batches.get(batches.size() - 1).day())
                        >= TOLD_FROM_DAYS;
    }

    /** Such as {@code December to February}. */
    static String of(LocalDate day) {
        int first = day.getMonthValue() / MONTHS * MONTHS;
        return month(first) + " to " + month(first + MONTHS - 1);
    }

    private static String month(int of) {
        return Month.of((of + YEAR - 1) % YEAR + 1).getDisplayName(TextStyle.FULL, Locale.ENGLISH);
    }
}
