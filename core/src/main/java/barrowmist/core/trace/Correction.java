package barrowmist.core.trace;

import java.util.OptionalDouble;

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
 * @param atS when a control is to be moved, s since charge; empty where no time is meant
 * @param wasS when it was moved in this roast; empty where it was not
 */
public record Correction(
        String change,
        double from,
        double to,
        String unit,
        String text,
        String why,
        String mechanism,
        OptionalDouble atS,
        OptionalDouble wasS) {

    /** At no special time. */
    Correction(String change, double from, double to, String unit, String text, String why, String mechanism) {
        this(change, from, to, unit, text, why, mechanism, OptionalDouble.empty(), OptionalDouble.empty());
    }

    /** The same to another value, which its sentence tells. */
    Correction resized(double newTo, String newText) {
        return new Correction(change, from, newTo, unit, newText, why, mechanism, atS, wasS);
    }

    /** The same, said otherwise. */
    Correction saying(String newText) {
        return resized(to, newText);
    }

    /** The same, made at a control at some time. */
    Correction at(double newAtS, OptionalDouble newWasS) {
        return new Correction(change, from, to, unit, text, why, mechanism, OptionalDouble.of(newAtS), newWasS);
    }
}
