package barrowmist.server.plan;

/**
 * The one thing in which a plan differs from an earlier roast.
 *
 * @param roastId from which roast
 * @param cause what it is to mend
 * @param text the change, a sentence
 */
public record ChangedView(long roastId, String cause, String text) {}
