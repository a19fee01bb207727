package barrowmist.server.roast;

import barrowmist.core.desk.JournalLine.Gap;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What the desk kept of a roast beside its readings and events. Times are s since charge.
 *
 * @param link how the roaster was read
 * @param refused readings that could not be true and were not kept
 * @param gaps stretches without readings, each with its reason
 * @param notes what was written down
 * @param predictions how good the outlook was
 * @param warnings what was warned of
 */
public record DeskRecord(
        String link,
        int refused,
        List<Gap> gaps,
        List<Note> notes,
        List<PredictionCheck> predictions,
        List<WarningGiven> warnings) {

    public DeskRecord {
        gaps = List.copyOf(gaps);
        notes = List.copyOf(notes);
        predictions = List.copyOf(predictions);
        warnings = List.copyOf(warnings);
    }

    /** A line written during the roast. */
    public record Note(double timeS, String text) {}

    /**
     * An expectation and what came.
     *
     * @param from when it was made: {@code turning-point} is a minute after it, {@code dry-end} is at it
     * @param figure {@code dryEndS}, {@code firstCrackS} or {@code rorAtFirstCrackCPerMin}
     * @param expected in the unit of the figure
     * @param came the same; left out when it never came
     */
    public record PredictionCheck(
            String from,
            String figure,
            double expected,
            double plusMinus,
            @Nullable Double came) {}

    /** A warning that was shown. */
    public record WarningGiven(String kind, double timeS) {}
}
