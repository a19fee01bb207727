package barrowmist.server.roast;

import barrowmist.core.check.Coded;
import barrowmist.core.green.SampleStage;
import barrowmist.core.roast.csv.Column;
import barrowmist.core.roast.csv.ReadOptions;
import barrowmist.server.web.InputProblems;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A log to be kept.
 *
 * @param machineId roaster; null for the first one
 * @param roastedAt when it was roasted; null for the log's note {@code roasted_at}, else {@code fileAt}, else now
 * @param fileAt when the file was last written, for a log that does not say when it was roasted: then it had ended; null if not known
 * @param stage which sample of the lot; empty for the arrival sample
 * @param greenG mass in, g; null where not weighed
 * @param roastedG mass out, g; null where not weighed
 * @param options what a person decided about it
 * @param again whether it is kept although the same log is there
 */
public record ImportRequest(
        @Nullable Long machineId,
        @Nullable Instant roastedAt,
        @Nullable Instant fileAt,
        Optional<SampleStage> stage,
        @Nullable Double greenG,
        @Nullable Double roastedG,
        ReadOptions options,
        boolean again) {

    /** The same with other weights. */
    ImportRequest weighing(@Nullable Double inG, @Nullable Double outG) {
        return new ImportRequest(machineId, roastedAt, fileAt, stage, inG, outG, options, again);
    }

    /** Reads {@code heading:column} pairs and the answer on units. */
    static ReadOptions options(@Nullable List<String> map, @Nullable String celsius) {
        Map<String, Column> columns = new HashMap<>();
        for (String pair : map == null ? List.<String>of() : map) {
            int at = pair.lastIndexOf(':');
            Column column = at < 0 ? null : Column.parse(pair.substring(at + 1)).orElse(null);
            if (column == null) {
                throw new InputProblems(
                        "map",
                        "map is \"" + pair + "\", expected heading:column, the column one of "
                                + String.join(", ", Column.headings()) + ", ignore");
            }
            columns.put(pair.substring(0, at).strip(), column);
        }
        return new ReadOptions(columns, celsius(celsius));
    }

    static Optional<SampleStage> stage(@Nullable String name) {
        if (name == null || name.isBlank()) {
            return Optional.empty();
        }
        return Optional.of(Coded.find(SampleStage.class, name)
                .orElseThrow(() -> new InputProblems(
                        "stage", "stage is \"" + name + "\", expected offer, pre-shipment, arrival or retained")));
    }

    private static ReadOptions.Celsius celsius(@Nullable String answer) {
        if (answer == null || answer.isBlank()) {
            return ReadOptions.Celsius.ASK;
        }
        return switch (answer) {
            case "as-written" -> ReadOptions.Celsius.AS_WRITTEN;
            case "is-fahrenheit" -> ReadOptions.Celsius.IS_FAHRENHEIT;
            default ->
                throw new InputProblems(
                        "celsius", "celsius is \"" + answer + "\", expected as-written or is-fahrenheit");
        };
    }
}
