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
        return i == PROBE_LAG && lagRead ? READ_LAG : LOOSE[i];
    }

    /**
     * The nearest fitted constants that a drum can have: none further than a factor of twenty from this guess, no
     * transfer of heat above and no heat capacity below a factor of eight, no lag below 3 s and that of
     * the bean probe within two standard deviations, no share above 0.97. Beyond,
     * the integration of a fit's wilder trials would not hold.
     */
    double[] bounded(double[] a) {
        double[] guess = this.guess.toArray();
        double[] b = a.clone();
        for (int i = 0; i < b.length; i++) {
            b[i] = clamp(b[i], guess[i] - FARTHEST, guess[i] + FARTHEST);
        }
        for (int transfer : TRANSFERS) {
            b[transfer] = Math.min(b[transfer], guess[transfer] + STIFFEST);
        }
        b[DRUM_HEAT] = Math.max(b[DRUM_HEAT], guess[DRUM_HEAT] - STIFFEST);
        b[UPTAKE] = clamp(b[UPTAKE], -MOST_UPTAKE, MOST_UPTAKE);
        b[AT_CHARGE] = clamp(b[AT_CHARGE], -MOST_AT_CHARGE, MOST_AT_CHARGE);
        b[FLAME] = Math.min(b[FLAME], HIGHEST_SHARE);
        b[PROBE_AIR] = Math.min(b[PROBE_AIR], HIGHEST_SHARE);
        b[BURNER_LAG] = Math.max(b[BURNER_LAG], SHORTEST_LAG);
        b[PROBE_LAG] = Math.max(b[PROBE_LAG], SHORTEST_LAG);
        b[ENVIRONMENT_LAG] = Math.max(b[ENVIRONMENT_LAG], SHORTEST_LAG);
        b[PROBE_LAG] = clamp(b[PROBE_LAG], guess[PROBE_LAG] - 2 * sd(PROBE_LAG), guess[PROBE_LAG] + 2 * sd(PROBE_LAG));
        return b;
    }

    private static final int FLAME = 1;
    private static final int BURNER_LAG = 2;
    private static final int PROBE_LAG = 9;
    private static final int PROBE_AIR = 10;
    private static final int ENVIRONMENT_LAG = 11;
    private static final int[] TRANSFERS = {4, 5, 6, 8};
    private static final int DRUM_HEAT = 7;
    private static final int UPTAKE = 12;
    private static final int AT_CHARGE = 13;
    private static final double STIFFEST = Math.log(8);
    private static final double MOST_UPTAKE = Math.log(1.5);
    private static final double MOST_AT_CHARGE = Math.log(3);
    private static final double FARTHEST = Math.log(20);
    private static final double HIGHEST_SHARE = Math.log(0.97);
    private static final double SHORTEST_LAG = Math.log(3);

    private static double clamp(double value, double low, double high) {
        return Math.max(low, Math.min(high, value));
    }
}
