package barrowmist.server.roast;

/**
 * What a trier drew from a batch.
 *
 * @param timeS when, on the clock of the batch's readings, s
 * @param grams how much, g
 */
public record Pull(double timeS, double grams) {}
