package barrowmist.core.trace;

/**
 * The one change for the next roast.
 *
 * @param change what is changed: {@code charge}, {@code gas}, {@code browning}, {@code development}, {@code
 *     ror-at-first-crack}, {@code drop}, {@code drum}, {@code batch} or {@code rest}
 * @param from value of this roast
 * @param to value of the next
 * @param unit unit of both
 * @param text the change as a sentence to act on
 * @param why what it is meant to do, a sentence
 * @param mechanism the way in which the cause came about
 */
public record Correction(
        String change, double from, double to, String unit, String text, String why, String mechanism) {}
