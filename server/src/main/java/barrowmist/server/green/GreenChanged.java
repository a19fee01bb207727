package barrowmist.server.green;

/** What is known of a green sample, or of its whole lot, has changed. Told within the transaction. */
public record GreenChanged(long lotId) {}
