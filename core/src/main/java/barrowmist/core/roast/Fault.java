package barrowmist.core.roast;

import barrowmist.core.check.Coded;

/**
 * Something wrong with the rate of rise.
 *
 * @param kind which
 * @param fromS start of its window, s since charge
 * @param toS end of its window, s since charge
 * @param depthCPerMin its size, °C/min: a crash, how far below its own trend; a flick, how far above its low; a stall,
 *     how far from where a steady fall would be (or how far below {@link FaultSettings#stalledCPerMin}); a surge, how
 *     far above the machine's band
 * @param fromCPerMin rate of rise at the start of the window, °C/min
 * @param toCPerMin rate of rise at the end of the window, °C/min
 */
public record Fault(Kind kind, double fromS, double toS, double depthCPerMin, double fromCPerMin, double toCPerMin) {

    /** The four faults. */
    public enum Kind implements Coded {
        /** A sudden deep fall. */
        CRASH,
        /** A turn upward. */
        FLICK,
        /** It is low and stops declining, or lies near zero. */
        STALL,
        /** Too much early heat. */
        SURGE;
    }

    public double durationS() {
        return toS - fromS;
    }
}
