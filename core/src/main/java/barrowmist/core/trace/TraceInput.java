package barrowmist.core.trace;

import barrowmist.core.green.GreenFacts;
import barrowmist.core.roast.MachineReference;
import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.sample.BenchFigures;
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
 * @param monthsSinceArrival months from the lot's arrival to the roast, 0 or more
 */
public record TraceInput(
        GreenFacts green,
        RoastAnalysis analysis,
        MachineReference reference,
        String machineName,
        BenchFigures bench,
        CupFacts cup,
        OptionalDouble restHours,
        double monthsSinceArrival) {}
