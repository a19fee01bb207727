package barrowmist.core.machine;

import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.machine.thermal.MachineConstants;
import barrowmist.core.roast.Band;
import java.util.OptionalDouble;

/**
 * What a drum holds, and what follows from it where nothing else is known.
 *
 * @param capacityG what it holds, g; empty where it was not entered
 * @param batchMaxG the largest batch that is roasted in it, g
 */
public record DrumSize(OptionalDouble capacityG, double batchMaxG) {

    /** A sample roaster whose drum nobody has entered, g (house default). */
    public static final double USUAL_CAPACITY_G = 150;

    /** Share of the drum that is usually filled where nobody weighed (house default). */
    private static final double USUAL_FILL = 0.8;

    private static final double USUAL_GAS_PCT = 70;
    private static final double USUAL_AIR_PCT = 40;

    /** What it holds, g. */
    public double holdsG() {
        return capacityG.orElse(USUAL_CAPACITY_G);
    }

    /** A batch where nobody weighed, g. */
    public double usualG() {
        return Math.min(batchMaxG, USUAL_FILL * holdsG());
    }

    /** The middle of what was weighed in, g; {@link #usualG()} without any. */
    public double usualG(double[] weighedG) {
        return weighedG.length == 0 ? usualG() : Band.median(weighedG);
    }

    /** Where the controls stand at charge when no earlier roast says (house defaults). */
    public ControlLevels usualLevels() {
        return new ControlLevels(
                USUAL_GAS_PCT, USUAL_AIR_PCT, MachineConstants.guess(holdsG()).usualRpm());
    }
}
