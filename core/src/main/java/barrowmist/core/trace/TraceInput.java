package barrowmist.core.trace;

import barrowmist.core.green.GreenFacts;
import barrowmist.core.green.Inspection;
import barrowmist.core.machine.MachineReference;
import barrowmist.core.rest.RestSchool;
import barrowmist.core.roast.Band;
import barrowmist.core.roast.MadeFor;
import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.sample.BenchFigures;
import barrowmist.core.sample.BenchLimits;
import java.time.LocalDate;
import java.util.List;
import java.util.OptionalDouble;

/**
 * All that is known of one roast.
 *
 * @param green the lot
 * @param inspection what was seen on the green sample
 * @param roast the roast
 * @param bench the roasted sample
 * @param benchLimits what the lab asks of a roasted sample
 * @param cup the cups
 * @param restHours hours from roasting to cupping; empty when not cupped or not known
 * @param school how long the lab lets samples rest
 * @param table what the table says
 */
public record TraceInput(
        GreenFacts green,
        Inspection inspection,
        Roast roast,
        BenchFigures bench,
        BenchLimits benchLimits,
        CupFacts cup,
        OptionalDouble restHours,
        RestSchool school,
        TableFacts table) {

    /** Smells of the green that bear out an earthy cup. */
    private static final List<String> MUSTY = List.of("musty", "mould");

    /** The words of the cup, read as its process asks. */
    public TraceInput read() {
        boolean musty =
                inspection.mouldOrTaint() || inspection.smells().stream().anyMatch(MUSTY::contains);
        return new TraceInput(
                green,
                inspection,
                roast,
                bench,
                benchLimits,
                cup.readBy(green.process(), musty),
                restHours,
                school,
                table);
    }

    /**
     * The roast itself.
     *
     * @param analysis the log, worked out
     * @param machineName name of the machine, for the sentences
     * @param reference what the machine usually does with such coffee
     * @param batchG what is usually weighed in on it, g
     * @param roastedOn the day, for the age of the green
     * @param madeFor what it was roasted for
     * @param secondCrackS when second crack was marked, s since charge; empty when it was not
     */
    public record Roast(
            RoastAnalysis analysis,
            String machineName,
            MachineReference reference,
            Band batchG,
            LocalDate roastedOn,
            MadeFor madeFor,
            OptionalDouble secondCrackS) {}
}
