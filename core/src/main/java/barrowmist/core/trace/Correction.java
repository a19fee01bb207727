package barrowmist.core.trace;

/**
 * The one change for the next roast.
 *
 * @param change what is changed: {@code charge}, {@code gas}, {@code browning}, {@code development} or {@code
 *     ror-at-first-crack}
 * @param from value of this roast
 * @param to value of the next
 * @param unit unit of both
 * @param text the change as a sentence to act on
 * @param why what it is meant to do, a sentence
 */
public record Correction(String change, double from, double to, String unit, String text, String why) {}
