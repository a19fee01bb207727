package barrowmist.core.roast;

import java.util.List;

/**
 * All that is worked out from one log. Times are seconds since charge.
 *
 * @param log the readings, shifted to seconds since charge
 * @param ror rate of rise from the turning point to the drop, °C/min
 * @param figures the figures
 * @param faults what is wrong with the rate of rise, in order of time
 * @param judgedBy the limits by which faults were found
 * @param missing what must be marked before the rest can be known, a sentence each
 * @param notices what a reader should know of the log, such as a gap, a sentence each
 */
public record RoastAnalysis(
        RoastLog log,
        Series ror,
        RoastFigures figures,
        List<Fault> faults,
        FaultSettings judgedBy,
        List<String> missing,
        List<String> notices) {

    /** Faults of one kind. */
    public List<Fault> faults(Fault.Kind kind) {
        return faults.stream().filter(f -> f.kind() == kind).toList();
    }
}
