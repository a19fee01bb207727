package barrowmist.core.machine;

import barrowmist.core.green.Process;
import barrowmist.core.roast.Band;

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

    /** Naturals crack at 375 to 380 °F where washed coffees crack at 386 on one roaster's probe (no published source): °C. */
    private static final double NATURAL_EARLIER_C = 8.5 * 5 / 9;

    /** Of a coffee of which this machine has no reference of its own, nor of washed ones. */
    public static EventTemperatures usual(Process process) {
        return of(MachineReference.NONE, MachineReference.NONE, process);
    }

    /**
     * By the machine's own reference for such coffees, else by its washed ones, else by house defaults.
     *
     * @param own the machine's reference for coffees of {@code process}
     * @param washed its reference for washed coffees
     */
    public static EventTemperatures of(MachineReference own, MachineReference washed, Process process) {
        double earlier = process == Process.NATURAL ? NATURAL_EARLIER_C : 0;
        double crack = median(washed.firstCrackC(), USUAL_FIRST_CRACK_C) - earlier;
        double dry = median(washed.dryEndC(), USUAL_DRY_END_C);
        return new EventTemperatures(
                median(own.dryEndC(), dry),
                spread(own.dryEndC()),
                median(own.firstCrackC(), crack),
                spread(own.firstCrackC()),
                own.firstCrackC() instanceof Band.Learned);
    }

    private static double median(Band band, double otherwise) {
        return band instanceof Band.Learned learned ? learned.median() : otherwise;
    }

    private static double spread(Band band) {
        return band instanceof Band.Learned learned ? learned.spread() : USUAL_SD_C;
    }
}
