package barrowmist.core.cupping.panel;

import java.util.List;
import java.util.OptionalDouble;

/**
 * How a cup cools: Newton's law, {@code T = room + (pour − room)·e^(−rate·t)}.
 *
 * @param pourC temperature as poured, °C
 * @param roomC temperature of the room, °C
 * @param ratePerS cooling rate, 1/s
 */
public record CupCooling(double pourC, double roomC, double ratePerS) {

    /** A bowl that was poured at 93 °C stands at 71 °C after about nine minutes in a room of 22 °C (SCA protocol, from memory). */
    public static final double USUAL_RATE_PER_S = Math.log((93.0 - 22) / (71.0 - 22)) / 540;

    private static final double SLOWEST_PER_S = USUAL_RATE_PER_S / 5;
    private static final double FASTEST_PER_S = USUAL_RATE_PER_S * 5;

    /** A thermometer read in the cup, s after the pour. */
    public record Reading(double atS, double c) {}

    /** A bowl as it usually cools. */
    public static CupCooling usual(double pourC, double roomC) {
        return new CupCooling(pourC, roomC, USUAL_RATE_PER_S);
    }

    /**
     * The same cup with its rate fitted to what was read: least squares of the logarithm through the pour. Readings at the
     * pour, or not above the room, teach nothing.
     */
    public CupCooling fitted(List<Reading> readings) {
        double sum = 0;
        double squares = 0;
        for (Reading r : readings) {
            if (r.atS() > 0 && r.c() > roomC && pourC > roomC) {
                sum += r.atS() * Math.log((pourC - roomC) / (r.c() - roomC));
                squares += r.atS() * r.atS();
            }
        }
        double rate = squares == 0 ? ratePerS : sum / squares;
        return new CupCooling(pourC, roomC, Math.max(SLOWEST_PER_S, Math.min(FASTEST_PER_S, rate)));
    }

    /** Temperature, °C, {@code atS} s after the pour. */
    public double c(double atS) {
        return roomC + (pourC - roomC) * Math.exp(-ratePerS * atS);
    }

    /** When it has fallen to {@code c}, s after the pour; empty when it never does. */
    public OptionalDouble reaches(double c) {
        if (c >= pourC) {
            return OptionalDouble.of(0);
        }
        return c <= roomC
                ? OptionalDouble.empty()
                : OptionalDouble.of(Math.log((pourC - roomC) / (c - roomC)) / ratePerS);
    }
}
