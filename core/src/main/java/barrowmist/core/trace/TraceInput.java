package barrowmist.core.trace;

import barrowmist.core.green.GreenFacts;
import barrowmist.core.machine.MachineReference;
import barrowmist.core.rest.RestSchool;
import barrowmist.core.roast.MadeFor;
import barrowmist.core.roast.RoastAim;
import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.sample.BenchFigures;
import barrowmist.core.sample.BenchLimits;
import java.time.LocalDate;
import java.util.OptionalDouble;

/**
 * All that is known of one roast.
 *
 * @param green the lot
 * @param analysis the log, worked out
 * @param reference what the machine usually does with such coffee
 * @param machineName name of the machine, for the sentences
 * @param bench the roasted sample
 * @param cup the cups
 * @param restHours hours from roasting to cupping; empty when not cupped or not known
 * @param roastedOn the day of the roast, for the age of the green
 * @param benchLimits what the lab asks of a roasted sample
 * @param school how long the lab lets samples rest
 * @param madeFor what it was roasted for
 */
public record TraceInput(
        GreenFacts green,
        RoastAnalysis analysis,
        MachineReference reference,
        String machineName,
        BenchFigures bench,
        CupFacts cup,
        OptionalDouble restHours,
        LocalDate roastedOn,
        BenchLimits benchLimits,
        RestSchool school,
        MadeFor madeFor) {

    /** Of a sample that was roasted by the protocol. */
    public TraceInput(
            GreenFacts green,
            RoastAnalysis analysis,
            MachineReference reference,
            String machineName,
            BenchFigures bench,
            CupFacts cup,
            OptionalDouble restHours,
            LocalDate roastedOn,
            BenchLimits benchLimits,
            RestSchool school) {
        this(
                green,
                analysis,
                reference,
                machineName,
                bench,
                cup,
                restHours,
                roastedOn,
                benchLimits,
                school,
                MadeFor.of(RoastAim.PROTOCOL_SAMPLE));
    }
}
