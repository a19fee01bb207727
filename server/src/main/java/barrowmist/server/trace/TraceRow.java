package barrowmist.server.trace;

import barrowmist.core.green.Process;
import barrowmist.core.trace.Cause;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A cupped roast in the list of traces.
 *
 * @param judgeFirst whether it is to be judged before its answer is read: then no answer stands here
 */
public record TraceRow(
        long roastId,
        boolean settled,
        @Nullable Double finalScore,
        @Nullable String cause,
        @Nullable String label,
        @Nullable String standing,
        @Nullable String chance,
        @Nullable Double sound,
        String lotName,
        int number,
        Process process,
        Instant roastedAt,
        boolean judgeFirst) {

    /** Without the answer, for a cup that is to be judged before it is read. */
    TraceRow untold() {
        return new TraceRow(
                roastId, settled, finalScore, null, null, null, null, null, lotName, number, process, roastedAt, true);
    }

    /** As the database gives it. */
    public TraceRow(
            long roastId,
            boolean settled,
            @Nullable Double finalScore,
            @Nullable String cause,
            @Nullable String standing,
            @Nullable String chance,
            @Nullable Double sound,
            String lotName,
            int number,
            Process process,
            Instant roastedAt) {
        this(
                roastId,
                settled,
                finalScore,
                cause,
                cause == null ? null : Cause.parse(cause).map(Cause::label).orElse(cause),
                standing,
                chance,
                sound,
                lotName,
                number,
                process,
                roastedAt,
                false);
    }
}
