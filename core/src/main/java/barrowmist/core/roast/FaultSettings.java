package barrowmist.core.roast;

import barrowmist.core.check.Begins;
import barrowmist.core.check.Begins.Standing;
import barrowmist.core.check.Checks;
import barrowmist.core.check.FieldProblem;
import java.util.List;

/**
 * From where on the rate of rise is called faulty, at the desk and afterwards. All are house defaults, to be edited.
 *
 * @param crashFallShare a crash falls by more than this share of its value, in (0, 1)
 * @param crashWithinS within so many seconds
 * @param crashDepthCPerMin and lies at least so far below its own trend, °C/min
 * @param flickRiseCPerMin a flick rises at least so far above its last low, °C/min
 * @param flickHoldS for so many seconds
 * @param stallChangeCPerMin a stall changes by less than this, °C/min
 * @param stallHoldS over so many seconds
 * @param stallBelowCPerMin while it lies below this, °C/min: a plateau higher up still carries the roast on
 * @param stalledCPerMin or lies below this, °C/min
 * @param stalledHoldS for so many seconds
 * @param surgeSpreads a surge peaks so many spreads above the median of the machine's reference
 */
public record FaultSettings(
        @Begins(Standing.HOUSE_DEFAULT) double crashFallShare,
        @Begins(Standing.HOUSE_DEFAULT) double crashWithinS,
        @Begins(Standing.HOUSE_DEFAULT) double crashDepthCPerMin,
        @Begins(Standing.HOUSE_DEFAULT) double flickRiseCPerMin,
        @Begins(Standing.HOUSE_DEFAULT) double flickHoldS,
        @Begins(Standing.HOUSE_DEFAULT) double stallChangeCPerMin,
        @Begins(Standing.HOUSE_DEFAULT) double stallHoldS,
        @Begins(Standing.HOUSE_DEFAULT) double stallBelowCPerMin,
        @Begins(Standing.HOUSE_DEFAULT) double stalledCPerMin,
        @Begins(Standing.HOUSE_DEFAULT) double stalledHoldS,
        @Begins(Standing.HOUSE_DEFAULT) double surgeSpreads) {

    private static final double BELOW_C_PER_MIN = 9;

    public static final FaultSettings DEFAULTS =
            new FaultSettings(0.40, 45, 3.5, 1.5, 10, 0.5, 60, BELOW_C_PER_MIN, 1.5, 30, 2);

    /** A low rate that falls by this share of itself in a minute goes on falling as it should (house default). */
    private static final double FALLS_SHARE = 0.06;

    /** The same with less that makes a crash or a stall. */
    FaultSettings softer(double share) {
        return new FaultSettings(
                share * crashFallShare,
                crashWithinS,
                share * crashDepthCPerMin,
                flickRiseCPerMin,
                flickHoldS,
                stallChangeCPerMin,
                share * stallHoldS,
                stallBelowCPerMin,
                stalledCPerMin,
                share * stalledHoldS,
                surgeSpreads);
    }

    /** What a rate of so much has to change by in the time of a stall so as not to be flat, °C/min: a low one by less. */
    public double leastChange(double cPerMin) {
        return Math.min(stallChangeCPerMin, FALLS_SHARE * Math.max(0, cPerMin) * stallHoldS / SECONDS);
    }

    private static final double SECONDS = 60;

    /** Limits kept before there was one for how low a stall lies have none. */
    public FaultSettings {
        stallBelowCPerMin = stallBelowCPerMin == 0 ? BELOW_C_PER_MIN : stallBelowCPerMin;
    }

    /** Whether a rate that no longer falls is a stall there. */
    public boolean low(double cPerMin) {
        return cPerMin < stallBelowCPerMin;
    }

    /**
     * How much a crash or a stall is, in limits of its kind, 0 or more: a crash by its depth; a stall by its length, and
     * the more the lower it lies, in full from half of {@link #stallBelowCPerMin} down.
     */
    public double size(Fault fault) {
        if (fault.kind() == Fault.Kind.CRASH) {
            return fault.depthCPerMin() / crashDepthCPerMin;
        }
        double mean = (fault.fromCPerMin() + fault.toCPerMin()) / 2;
        double low = Math.min(1, Math.max(0, stallBelowCPerMin - mean) / (stallBelowCPerMin / 2));
        return low * fault.durationS() / stallHoldS;
    }

    /** Every problem of these limits. */
    public List<FieldProblem> problems() {
        return new Checks()
                .range("crashFallShare", "A crash falls by more than", crashFallShare, 0.05, 0.95, "of its value")
                .range("crashWithinS", "A crash falls within", crashWithinS, 10, 180, "s")
                .range("crashDepthCPerMin", "A crash lies below its trend by", crashDepthCPerMin, 0.5, 20, "°C/min")
                .range("flickRiseCPerMin", "A flick rises by", flickRiseCPerMin, 0.3, 20, "°C/min")
                .range("flickHoldS", "A flick lasts", flickHoldS, 2, 120, "s")
                .range("stallChangeCPerMin", "A stall changes by less than", stallChangeCPerMin, 0.05, 5, "°C/min")
                .range("stallHoldS", "A stall lasts", stallHoldS, 15, 300, "s")
                .range("stallBelowCPerMin", "A stall lies below", stallBelowCPerMin, 2, 25, "°C/min")
                .range("stalledCPerMin", "Stalled below", stalledCPerMin, 0, 10, "°C/min")
                .range("stalledHoldS", "Stalled for", stalledHoldS, 10, 300, "s")
                .range("surgeSpreads", "A surge lies above the usual peak by", surgeSpreads, 0.5, 10, "spreads")
                .problems();
    }
}
