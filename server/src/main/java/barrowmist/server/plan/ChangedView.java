package barrowmist.server.plan;

import org.jspecify.annotations.Nullable;

/**
 * The one thing in which a plan differs from an earlier roast.
 *
 * @param roastId from which roast
 * @param cause what it is to mend
 * @param text the change, a sentence
 * @param change what is changed; left out in plans of before it was kept
 * @param from its value in that roast
 * @param to its value in the plan
 * @param unit of both
 */
public record ChangedView(
        long roastId,
        String cause,
        String text,
        @Nullable String change,
        @Nullable Double from,
        @Nullable Double to,
        @Nullable String unit) {}
