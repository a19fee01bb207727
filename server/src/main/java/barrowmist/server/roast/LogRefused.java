package barrowmist.server.roast;

import barrowmist.core.roast.csv.Column;
import barrowmist.core.roast.csv.ReadResult;
import barrowmist.core.roast.csv.RoastLogReader;
import java.util.List;
import java.util.Map;

/** A log was not kept. Answered with status 422; {@code reason} tells the page what to offer. */
class LogRefused extends RuntimeException {

    private final transient Map<String, Object> details;

    private LogRefused(String message, Map<String, Object> details) {
        super(message);
        this.details = details;
    }

    static LogRefused of(ReadResult.Refused refused) {
        int n = refused.problems().size();
        String what = n == 1 ? "1 problem" : n + " problems";
        return new LogRefused(
                "The log was not kept: " + what + " to mend in the file.",
                Map.of("reason", "problems", "problems", refused.problems()));
    }

    /** A file too large to be read at all. */
    static LogRefused tooLarge(long bytes) {
        String message = "The file has %.1f MB: a roast log has at most %d MB"
                .formatted(bytes / 1048576.0, RoastLogReader.MAX_BYTES / 1048576);
        return of(new ReadResult.Refused(List.of(new ReadResult.LineProblem(0, message))));
    }

    static LogRefused of(ReadResult.NeedsMapping mapping) {
        return new LogRefused(
                "Line 1: these headings are not known: " + String.join(", ", mapping.unknown()) + ". Expected are "
                        + String.join(", ", Column.headings()) + ". Say what each one means.",
                Map.of(
                        "reason",
                        "unknown-headings",
                        "headings",
                        mapping.headings(),
                        "unknown",
                        mapping.unknown(),
                        "firstRows",
                        mapping.firstRows(),
                        "known",
                        Column.headings()));
    }

    static LogRefused of(ReadResult.AsksUnit asks) {
        return new LogRefused(asks.question(), Map.of("reason", "asks-unit", "problems", List.of()));
    }

    Map<String, Object> details() {
        return details;
    }
}
