package barrowmist.server.trace;

import barrowmist.core.green.Process;
import barrowmist.core.trace.Cause;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A cupped roast in the list of traces. */
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
        String process,
        Instant roastedAt) {

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
                process.label(),
                roastedAt);
    }
}
