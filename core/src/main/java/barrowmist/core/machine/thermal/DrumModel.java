package barrowmist.core.machine.thermal;

import org.hipparchus.ode.OrdinaryDifferentialEquation;

/**
 * The heat balance of a drum for one batch while its controls stand still: a state and its change in time. Heat comes
 * from the burner into the air and the drum; the air gives it to beans and drum, the drum to the beans and to the room. The air holds
 * no heat of its own, so its temperature follows from the balance at each moment.
 *
 * <p>State: {@link #BEAN} °C, {@link #MOISTURE} kg/kg dry, {@link #REACTED} J/kg dry, {@link #DRUM} °C, {@link #PROBE} °C,
 * {@link #ENVIRONMENT} °C, {@link #FLAME} W, then heat passed since charge, J: {@link #FROM_BURNER}, {@link #TO_EXHAUST}, {@link #TO_ROOM},
 * {@link #TO_VAPOUR}.
 */
final class DrumModel implements OrdinaryDifferentialEquation {

    static final int BEAN = 0;
    static final int MOISTURE = 1;
    static final int REACTED = 2;
    static final int DRUM = 3;
    static final int PROBE = 4;
    static final int ENVIRONMENT = 5;
    static final int FLAME = 6;
    static final int FROM_BURNER = 7;
    static final int TO_EXHAUST = 8;
    static final int TO_ROOM = 9;
    static final int TO_VAPOUR = 10;
    static final int SIZE = 11;

    /** Heat capacity of air at constant pressure, J/(kg K) (handbook value, from memory). */
    private static final double AIR_J_PER_KG_K = 1006;

    /** Air that is drawn through with the damper closed, share of full (house default). */
    private static final double LEAK = 0.4;

    /** Heat transfer grows with the flow to this power (usual for packed and tumbled beds; house default). */
    private static final double FLOW_POWER = 0.6;

    /** A faster drum keeps the beans off the metal: contact falls with speed to this power (house default). */
    private static final double SPEED_POWER = 0.3;

    private final MachineConstants machine;
    private final BatchConditions batch;
    private final double dryKg;

    private double burnerW;
    private double exhaustWPerK;
    private double beanAirWPerK;
    private double beanDrumWPerK;
    private double airDrumWPerK;

    DrumModel(MachineConstants machine, BatchConditions batch) {
        this.machine = machine;
        this.batch = batch;
        this.dryKg = batch.greenG() / 1000 * (1 - batch.moisturePct() / 100);
    }

    double dryKg() {
        return dryKg;
    }

    /** Sets the controls for the steps to come. */
    void set(ControlLevels levels) {
        set(levels, 1, 1);
    }

    /**
     * The same for a drum that is found to be a little otherwise than its constants say.
     *
     * @param heat factor on the heat of the burner
     * @param uptake factor on what the beans take up
     */
    void set(ControlLevels levels, double heat, double uptake) {
        double flow = LEAK + (1 - LEAK) * levels.airflowPct() / 100;
        double transfer = Math.pow(flow, FLOW_POWER);
        double kg = batch.greenG() / 1000;
        burnerW = heat * machine.burnerW() * levels.gasPct() / 100;
        exhaustWPerK = machine.airKgPerS() * flow * AIR_J_PER_KG_K;
        double taken = uptake * (batch.natural() ? machine.naturalUptake() : 1) * kg;
        beanAirWPerK = machine.beanAirWPerKKg() * taken * MachineConstants.DIAMETER_MM / batch.diameterMm() * transfer;
        beanDrumWPerK =
                machine.beanDrumWPerKKg() * taken * Math.pow(machine.usualRpm() / levels.drumRpm(), SPEED_POWER);
        airDrumWPerK = machine.airDrumWPerK() * transfer;
    }

    /** The state at charge: cold beans in a hot drum, the heat as it still flows. */
    double[] atCharge() {
        double[] y = new double[SIZE];
        y[BEAN] = batch.roomC();
        y[MOISTURE] = BeanPhysics.dryBasis(batch.moisturePct());
        y[DRUM] = batch.chargeC() + machine.drumOffsetC();
        y[PROBE] = batch.chargeC();
        y[FLAME] = burnerW * machine.flameAtCharge();
        y[ENVIRONMENT] = batch.environmentC().orElse(batch.chargeC() + machine.environmentOffsetC());
        return y;
    }

    /** Air in the drum, °C. */
    double airC(double[] y) {
        double beans = BeanPhysics.swelling(y[BEAN]) * beanAirWPerK;
        double toAirW = y[FLAME] * (1 - machine.flameToDrum());
        return (toAirW + exhaustWPerK * batch.roomC() + beans * y[BEAN] + airDrumWPerK * y[DRUM])
                / (exhaustWPerK + beans + airDrumWPerK);
    }

    @Override
    public int getDimension() {
        return SIZE;
    }

    @Override
    public double[] computeDerivatives(double t, double[] y) {
        double airC = airC(y);
        double swelling = BeanPhysics.swelling(y[BEAN]);
        double airToBeanW = swelling * beanAirWPerK * (airC - y[BEAN]);
        double drumToBeanW = swelling * beanDrumWPerK * (y[DRUM] - y[BEAN]);
        double lossW = machine.lossWPerK() * (y[DRUM] - batch.roomC());
        double drying = BeanPhysics.dryingPerS(y[BEAN], y[MOISTURE], batch.diameterMm());
        double reaction = BeanPhysics.reactionWPerKg(y[BEAN], y[REACTED]);
        double heatCapacity = BeanPhysics.heatCapacityPerDryKg(y[BEAN], y[MOISTURE]);
        double felt = y[BEAN] + machine.probeAirShare() * (airC - y[BEAN]);

        double[] d = new double[SIZE];
        d[BEAN] = ((airToBeanW + drumToBeanW) / dryKg + reaction + BeanPhysics.EVAPORATION_J_PER_KG * drying)
                / heatCapacity;
        d[MOISTURE] = drying;
        d[REACTED] = reaction;
        d[DRUM] = (y[FLAME] * machine.flameToDrum() + airDrumWPerK * (airC - y[DRUM]) - drumToBeanW - lossW)
                / machine.drumJPerK();
        d[PROBE] = (felt - y[PROBE]) / machine.probeS();
        d[ENVIRONMENT] = (airC - y[ENVIRONMENT]) / machine.environmentS();
        d[FLAME] = (burnerW - y[FLAME]) / machine.burnerS();
        d[FROM_BURNER] = y[FLAME];
        d[TO_EXHAUST] = exhaustWPerK * (airC - batch.roomC());
        d[TO_ROOM] = lossW;
        d[TO_VAPOUR] = -drying * dryKg * (BeanPhysics.EVAPORATION_J_PER_KG + BeanPhysics.waterEnthalpy(y[BEAN]));
        return d;
    }
}
