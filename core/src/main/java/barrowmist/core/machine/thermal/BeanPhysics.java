package barrowmist.core.machine.thermal;

/** How a bean takes up heat, dries and reacts: relations of Schwartzberg (2002), values from memory. */
public final class BeanPhysics {

    /** Heat to free 1 kg of water from the bean and evaporate it, J/kg (Schwartzberg 2002, value from memory). */
    public static final double EVAPORATION_J_PER_KG = 2.790e6;

    /** All the heat that the roasting reactions can give, J for each kg of dry bean (the same, value from memory). */
    public static final double REACTION_J_PER_KG = 2.32e5;

    private static final double HEAT_CAPACITY_DRY = 1099;
    private static final double HEAT_CAPACITY_PER_C = 7.0;
    private static final double HEAT_CAPACITY_PER_MOISTURE = 5000;

    private static final double DRYING_MM2_PER_S = 4.32e9;
    private static final double DRYING_K = 9889;

    private static final double REACTION_W_PER_KG = 1.162e8;
    private static final double REACTION_K = 5500;

    private static final double SURFACE_GAIN = 0.5;
    private static final double SWELLS_FROM_C = 100;
    private static final double SWELLS_OVER_C = 100;

    private static final double KELVIN = 273.15;

    private BeanPhysics() {}

    /**
     * Heat capacity of the bean for each kg of its dry matter: 1099 + 7.0 T + 5000 X, J/(kg K). Divided by 1 + X it is
     * the heat capacity of the moist bean.
     *
     * @param beanC bean temperature T, °C
     * @param moisture kg of water for each kg of dry bean, X
     */
    public static double heatCapacityPerDryKg(double beanC, double moisture) {
        return HEAT_CAPACITY_DRY + HEAT_CAPACITY_PER_C * beanC + HEAT_CAPACITY_PER_MOISTURE * moisture;
    }

    /** Heat held by the bean above 0 °C, J for each kg of dry bean: the integral of the heat capacity over T. */
    public static double enthalpyPerDryKg(double beanC, double moisture) {
        return (HEAT_CAPACITY_DRY + HEAT_CAPACITY_PER_MOISTURE * moisture) * beanC
                + HEAT_CAPACITY_PER_C / 2 * beanC * beanC;
    }

    /** Heat that 1 kg of leaving water had above 0 °C, J/kg. */
    public static double waterEnthalpy(double beanC) {
        return HEAT_CAPACITY_PER_MOISTURE * beanC;
    }

    /**
     * Drying: dX/dt = −4.32·10⁹ X² / d² · exp(−9889 / T), 1/s, never positive.
     *
     * @param beanC bean temperature, °C; T is the same in K
     * @param moisture kg of water for each kg of dry bean, X
     * @param diameterMm effective bean diameter d, mm, positive
     */
    public static double dryingPerS(double beanC, double moisture, double diameterMm) {
        return -DRYING_MM2_PER_S
                * moisture
                * moisture
                / (diameterMm * diameterMm)
                * Math.exp(-DRYING_K / (beanC + KELVIN));
    }

    /**
     * Heat of the reactions: 1.162·10⁸ · exp(−5500 / T) · (1 − H / 232 000), W for each kg of dry bean.
     *
     * @param beanC bean temperature, °C; T is the same in K
     * @param givenJPerKg heat already given, H, J for each kg of dry bean
     */
    public static double reactionWPerKg(double beanC, double givenJPerKg) {
        double left = Math.max(0, 1 - givenJPerKg / REACTION_J_PER_KG);
        return REACTION_W_PER_KG * Math.exp(-REACTION_K / (beanC + KELVIN)) * left;
    }

    /**
     * How much more surface a bean offers than before it swelled: 1 up to 100 °C, then rising by a half until 200 °C
     * (its volume nearly doubles in a roast: common practice, no published source; the straight line is a house form).
     */
    public static double swelling(double beanC) {
        return 1 + SURFACE_GAIN * Math.max(0, Math.min(1, (beanC - SWELLS_FROM_C) / SWELLS_OVER_C));
    }

    /** Moisture for each kg of dry bean from moisture in % of the whole mass. */
    public static double dryBasis(double moisturePct) {
        return moisturePct / (100 - moisturePct);
    }
}
