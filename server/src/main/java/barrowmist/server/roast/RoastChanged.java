package barrowmist.server.roast;

/** What is known of a roast has changed: its events, its bench figures, its cup. Told within the transaction. */
public record RoastChanged(long roastId) {}
