package barrowmist.server.machine;

import barrowmist.core.machine.Upkeep;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** What was done to a roaster, on the wire. */
public final class UpkeepViews {

    private UpkeepViews() {}

    /**
     * Something that was done.
     *
     * @param what its code
     * @param text the same in words
     */
    public record UpkeepView(
            long id,
            LocalDate on,
            Upkeep what,
            String text,
            @Nullable String note,
            String by) {
        static UpkeepView of(UpkeepEntity u) {
            return new UpkeepView(u.id(), u.doneOn(), u.what(), u.what().text(), u.note(), u.enteredBy());
        }
    }

    /** Something that was done; today where no day is named. */
    public record UpkeepEntry(
            @Nullable LocalDate on,
            @Nullable Upkeep what,
            @Nullable String note) {}
}
