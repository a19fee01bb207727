package barrowmist.core.machine.thermal;

import java.util.List;

/**
 * What makes one drum differ from another. All positive but {@code drumOffsetC}.
 *
 * @param burnerW heat of the burner at full gas, W
 * @param flameToDrum share of the burner's heat that goes to the drum and not to the air, (0, 1)
 * @param burnerS lag of the burner behind its valve, s
 * @param airKgPerS air through the drum at full airflow, kg/s
 * @param beanAirWPerKKg air to beans at full airflow, W/K for each kg of beans of {@link #DIAMETER_MM}
 * @param beanDrumWPerKKg drum to beans at {@code usualRpm}, W/K for each kg of beans
 * @param airDrumWPerK air to drum at full airflow, W/K
 * @param drumJPerK heat that the metal takes up, J/K
 * @param lossWPerK drum to room, W/K
 * @param probeS lag of the bean probe, s
 * @param probeAirShare how much of the air the bean probe feels beside the beans, (0, 1)
 * @param environmentS lag of the environment probe, s
 * @param naturalUptake how much more readily a natural takes heat than other coffees, as a factor
 * @param flameAtCharge heat that flows at charge, against what the gas at charge gives in the end, as a factor: slow metal
 *     still holds what was set before
 * @param drumOffsetC metal at charge above the bean probe's reading, °C
 * @param environmentOffsetC environment probe at charge above the bean probe's reading, °C; as logged, not fitted
 * @param usualRpm drum speed that counts as usual, 1/min; as logged, not fitted
 */
public record MachineConstants(
        double burnerW,
        double flameToDrum,
        double burnerS,
        double airKgPerS,
        double beanAirWPerKKg,
        double beanDrumWPerKKg,
        double airDrumWPerK,
        double drumJPerK,
        double lossWPerK,
        double probeS,
        double probeAirShare,
        double environmentS,
        double naturalUptake,
        double flameAtCharge,
        double drumOffsetC,
        double environmentOffsetC,
        double usualRpm) {

    /** Bean size to which the heat transfer is referred, mm. */
    public static final double DIAMETER_MM = 6.5;

    /** Names of the fitted constants, in the order of {@link #toArray}. */
    public static final List<String> FITTED = List.of(
            "burner, W",
            "share of it to the drum",
            "burner lag, s",
            "air, kg/s",
            "air to beans, W/(K kg)",
            "drum to beans, W/(K kg)",
            "air to drum, W/K",
            "drum, J/K",
            "loss, W/K",
            "bean probe lag, s",
            "air felt by the bean probe",
            "environment probe lag, s",
            "uptake of naturals",
            "heat at charge",
            "drum at charge above the probe, °C");

    private static final int POSITIVE = 14;

    /**
     * A first guess for a drum of this size, from which a fit sets out (house defaults, in proportion to the drum).
     *
     * @param capacityG drum capacity, g
     */
    public static MachineConstants guess(double capacityG) {
        double kg = capacityG / 1000;
        return new MachineConstants(
                7000 * kg, 0.3, 12, 0.02 * kg, 6, 4, 8 * kg, 5000 * kg, 4 * kg, 14, 0.1, 12, 1.03, 1, -10, 20, 60);
    }

    /** The fitted constants: logarithms of the positive ones, the offset in units of 10 °C. */
    double[] toArray() {
        double[] a = {
            burnerW,
            flameToDrum,
            burnerS,
            airKgPerS,
            beanAirWPerKKg,
            beanDrumWPerKKg,
            airDrumWPerK,
            drumJPerK,
            lossWPerK,
            probeS,
            probeAirShare,
            environmentS,
            naturalUptake,
            flameAtCharge,
            drumOffsetC / 10
        };
        for (int i = 0; i < POSITIVE; i++) {
            a[i] = Math.log(a[i]);
        }
        return a;
    }

    private static final int FLAME = 1;
    private static final int BURNER_LAG = 2;
    private static final double SLOW_SHARE = 0.9;
    private static final double SLOW_S = 100;

    /** These constants with the fitted ones replaced. */
    MachineConstants withFitted(double[] a) {
        return new MachineConstants(
                Math.exp(a[0]),
                Math.exp(a[1]),
                Math.exp(a[2]),
                Math.exp(a[3]),
                Math.exp(a[4]),
                Math.exp(a[5]),
                Math.exp(a[6]),
                Math.exp(a[7]),
                Math.exp(a[8]),
                Math.exp(a[9]),
                Math.exp(a[10]),
                Math.exp(a[11]),
                Math.exp(a[12]),
                Math.exp(a[13]),
                10 * a[14],
                environmentOffsetC,
                usualRpm);
    }

    /** The same with nearly all heat coming through metal, late. */
    public MachineConstants withSlowMetal() {
        double[] a = toArray();
        a[FLAME] = Math.log(SLOW_SHARE);
        a[BURNER_LAG] = Math.log(SLOW_S);
        return withFitted(a);
    }

    /**
     * What the logs say by themselves.
     *
     * @param newProbeS lag of the bean probe, s
     */
    public MachineConstants withLogged(double newProbeS, double newEnvironmentOffsetC, double newUsualRpm) {
        return new MachineConstants(
                burnerW,
                flameToDrum,
                burnerS,
                airKgPerS,
                beanAirWPerKKg,
                beanDrumWPerKKg,
                airDrumWPerK,
                drumJPerK,
                lossWPerK,
                newProbeS,
                probeAirShare,
                environmentS,
                naturalUptake,
                flameAtCharge,
                drumOffsetC,
                newEnvironmentOffsetC,
                newUsualRpm);
    }
}
