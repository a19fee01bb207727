package barrowmist.core.machine.thermal;

import barrowmist.core.green.GreenFacts;
import barrowmist.core.green.Process;
import barrowmist.core.green.ScreenRange;
import java.util.OptionalDouble;

/**
 * What goes into the drum, and what it meets there.
 *
 * @param greenG green coffee, g, positive
 * @param moisturePct its moisture, % of mass, [0, 60]
 * @param diameterMm effective bean diameter, mm: the mean sieve that holds it
 * @param chargeC bean probe at charge, °C
 * @param environmentC environment probe at charge, °C; empty when it is not known
 * @param roomC room and green coffee, °C
 * @param natural whether it is a natural, which takes heat faster
 */
public record BatchConditions(
        double greenG,
        double moisturePct,
        double diameterMm,
        double chargeC,
        OptionalDouble environmentC,
        double roomC,
        boolean natural) {

    /** Where a lab keeps no record, °C (house default). */
    public static final double USUAL_ROOM_C = 22;

    /** Moisture of a lot that was not measured, % (middle of the contract range of 10 to 12). */
    public static final double USUAL_MOISTURE_PCT = 11;

    /** Screen 16 to 17, mm: a lot that was not sieved (house default). */
    public static final double USUAL_DIAMETER_MM = 6.5;

    public BatchConditions {
        if (!(greenG > 0 && moisturePct >= 0 && moisturePct <= 60 && diameterMm > 0)) {
            throw new IllegalArgumentException("Batch is " + greenG + " g at " + moisturePct + " % of " + diameterMm
                    + " mm; weight and size are positive, moisture is 0 to 60 %");
        }
    }

    /** What goes in of a coffee, with what is not known of it taken as usual. */
    public static BatchConditions of(
            GreenFacts green, double greenG, double chargeC, OptionalDouble environmentC, double roomC) {
        return new BatchConditions(
                greenG,
                green.moisturePct().orElse(USUAL_MOISTURE_PCT),
                green.screen().map(ScreenRange::meanMm).orElse(USUAL_DIAMETER_MM),
                chargeC,
                environmentC,
                roomC,
                green.process() == Process.NATURAL);
    }

    /** A coffee that is not a natural. */
    public BatchConditions(
            double greenG,
            double moisturePct,
            double diameterMm,
            double chargeC,
            OptionalDouble environmentC,
            double roomC) {
        this(greenG, moisturePct, diameterMm, chargeC, environmentC, roomC, false);
    }

    public BatchConditions withCharge(double newChargeC) {
        return new BatchConditions(greenG, moisturePct, diameterMm, newChargeC, environmentC, roomC, natural);
    }

    /** The same as it was charged. */
    public BatchConditions charged(double readC, OptionalDouble readEnvironmentC) {
        return new BatchConditions(greenG, moisturePct, diameterMm, readC, readEnvironmentC, roomC, natural);
    }

    public BatchConditions withGreenG(double newGreenG) {
        return new BatchConditions(newGreenG, moisturePct, diameterMm, chargeC, environmentC, roomC, natural);
    }
}
