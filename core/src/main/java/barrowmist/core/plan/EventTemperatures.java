package barrowmist.core.plan;

import barrowmist.core.green.Process;
import barrowmist.core.roast.Band;
import barrowmist.core.roast.MachineReference;

/**
 * Where this machine's bean probe stands when dry end and first crack are called, for one kind of coffee.
 *
 * @param dryEndC at dry end, °C
 * @param dryEndSdC its spread, °C
 * @param firstCrackC at first crack, °C
 * @param firstCrackSdC its spread, °C
 * @param learned whether first crack was learned from this machine's own roasts
 */
public record EventTemperatures(
        double dryEndC, double dryEndSdC, double firstCrackC, double firstCrackSdC, boolean learned) {

    /** Before a machine has its own (house defaults; the probe of one machine reads 20 °C off another's). */
    private static final double USUAL_DRY_END_C = 155;

    private static final double USUAL_FIRST_CRACK_C = 197;
    private static final double USUAL_SD_C = 4;

    /** Naturals crack at 375 to 380 °F where washed coffees crack at 386 (common practice, no published source): °C. */
    private static final double NATURAL_EARLIER_C = 8.5 * 5 / 9;

    public static EventTemperatures of(MachineReference reference, Process process) {
        double usualCrack = USUAL_FIRST_CRACK_C - (process == Process.NATURAL ? NATURAL_EARLIER_C : 0);
        return new EventTemperatures(
                median(reference.dryEndC(), USUAL_DRY_END_C),
                spread(reference.dryEndC()),
                median(reference.firstCrackC(), usualCrack),
                spread(reference.firstCrackC()),
                reference.firstCrackC() instanceof Band.Learned);
    }

    private static double median(Band band, double otherwise) {
        return band instanceof Band.Learned learned ? learned.median() : otherwise;
    }

    private static double spread(Band band) {
        return band instanceof Band.Learned learned ? learned.spread() : USUAL_SD_C;
    }
}
