package barrowmist.core.roast;

/**
 * From where on the rate of rise is called faulty. All are house defaults.
 *
 * @param crashFallShare a crash falls by more than this share of its value, in (0, 1)
 * @param crashWithinS within so many seconds
 * @param crashDepthCPerMin and lies at least so far below its own trend, °C/min
 * @param flickRiseCPerMin a flick rises at least so far above its last low, °C/min
 * @param flickHoldS for so many seconds
 * @param stallChangeCPerMin a stall changes by less than this, °C/min
 * @param stallHoldS over so many seconds
 * @param stalledCPerMin or lies below this, °C/min
 * @param stalledHoldS for so many seconds
 * @param surgeSpreads a surge peaks so many spreads above the median of the machine's reference
 */
public record FaultSettings(
        double crashFallShare,
        double crashWithinS,
        double crashDepthCPerMin,
        double flickRiseCPerMin,
        double flickHoldS,
        double stallChangeCPerMin,
        double stallHoldS,
        double stalledCPerMin,
        double stalledHoldS,
        double surgeSpreads) {

    public static final FaultSettings DEFAULTS = new FaultSettings(0.40, 45, 3.5, 1.5, 10, 0.5, 60, 1.5, 30, 2);
}
