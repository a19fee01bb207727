package barrowmist.core.machine.thermal;

/**
 * What a fit is held to: constants of a likely drum, and how far each may well lie from them.
 *
 * @param guess the likely drum
 * @param lagRead whether the lag of its bean probe was read off the logs, and so is held more closely: heat that comes late
 *     would be laid to it otherwise
 */
public record Hold(MachineConstants guess, boolean lagRead) {

    /** Standard deviations of what {@link MachineConstants#toArray} gives (house defaults). */
    private static final double[] LOOSE = {0.8, 0.6, 0.9, 0.8, 0.8, 0.8, 0.8, 0.8, 0.8, 0.8, 0.6, 0.6, 0.1, 0.4, 2};

    private static final double READ_LAG = 0.2;

    /** How far the constant at {@code i} may well lie from the guess, as a standard deviation. */
    double sd(int i) {
        return i == MachineConstants.PROBE_LAG && lagRead ? READ_LAG : LOOSE[i];
    }

    /** The nearest constants that such a drum can have; a lag that was read lies within two standard deviations. */
    double[] bounded(double[] a) {
        double[] b = guess.bounded(a);
        double lag = guess.toArray()[MachineConstants.PROBE_LAG];
        int i = MachineConstants.PROBE_LAG;
        b[i] = Math.max(lag - 2 * sd(i), Math.min(lag + 2 * sd(i), b[i]));
        return b;
    }
}
