package barrowmist.core.device;

import barrowmist.core.machine.thermal.BeanPhysics;
import barrowmist.core.machine.thermal.ControlLevels;
import org.jspecify.annotations.Nullable;

/**
 * A gas drum. It roasts three sizes of bean at once, its flame heats the drum as well as the air, its burner and both its probes
 * answer late, its loss to the room drifts, and first crack lets steam go.
 */
public final class SimulatedDrum implements Drum {

    private static final double[] SIZE_SHARES = {0.25, 0.5, 0.25};
    private static final double[] SIZE_FACTORS = {0.9, 1, 1.1};
    private static final double AIR_J_PER_KG_K = 1006;
    private static final double LEAK = 0.4;
    private static final double BURNER_LAG_S = 18;
    private static final double VALVE_LAG_S = 4;
    private static final double FLAME_TO_DRUM = 0.5;
    private static final double PROBE_FIRST_S = 19;
    private static final double PROBE_SECOND_S = 6;
    private static final double PROBE_AIR_SHARE = 0.12;
    private static final double ENVIRONMENT_S = 9;
    private static final double FLOW_POWER = 0.65;
    private static final double SPEED_POWER = 0.25;
    private static final double AIR_S = 2;
    private static final double SWELLING = 0.7;
    private static final double SWELLS_FROM_C = 110;
    private static final double SWELLS_OVER_C = 95;
    private static final double STEAM_WIDTH_C = 4;
    private static final double USUAL_DIAMETER_MM = 6.5;
    private static final double USUAL_RPM = 60;
    private static final double OPEN_DOOR = 14;

    /** How much of the air the probe feels in an empty drum. */
    private static final double EMPTY_AIR_SHARE = 0.1;

    /**
     * What the drum is like.
     *
     * @param burnerW burner at full gas, W
     * @param airKgPerS air at full airflow, kg/s
     * @param beanAirWPerKKg air to beans, W/K for each kg
     * @param beanDrumWPerKKg drum to beans, W/K for each kg
     * @param airDrumWPerK air to drum, W/K
     * @param drumJPerK heat taken up by the metal, J/K
     * @param lossWPerK drum to room, W/K
     * @param steamJPerKg heat that the steam of first crack takes, J for each kg of dry bean
     */
    public record Build(
            double burnerW,
            double airKgPerS,
            double beanAirWPerKKg,
            double beanDrumWPerKKg,
            double airDrumWPerK,
            double drumJPerK,
            double lossWPerK,
            double steamJPerKg) {

        /** A sample roaster for about 150 g. */
        public static Build sampleRoaster() {
            return new Build(900, 0.0016, 5.0, 3.8, 1.0, 2000, 0.5, 1000);
        }

        /** The same, larger by the ratio of the capacities. */
        public Build scaled(double ratio) {
            return new Build(
                    burnerW * ratio,
                    airKgPerS * ratio,
                    beanAirWPerKKg,
                    beanDrumWPerKKg,
                    airDrumWPerK * ratio,
                    drumJPerK * ratio,
                    lossWPerK * ratio,
                    steamJPerKg);
        }
    }

    private final Build build;
    private double roomC;
    private double lossDrift = 1;
    private @Nullable Batch batch;
    private boolean doorOpen;
    private double dryKg;
    private final double[] beanC = new double[SIZE_SHARES.length];
    private final double[] moisture = new double[SIZE_SHARES.length];
    private final double[] reacted = new double[SIZE_SHARES.length];
    private double drumC;
    private double airC;
    private double valveW;
    private double flameW;
    private double firstStageC;
    private double probeC;
    private double environmentC;

    public SimulatedDrum(Build build, double roomC) {
        this.build = build;
        this.roomC = roomC;
        drumC = roomC;
        airC = roomC;
        probeC = roomC;
        firstStageC = roomC;
        environmentC = roomC;
    }

    @Override
    public void setRoomC(double next) {
        roomC = next;
    }

    @Override
    public void setLossDrift(double factor) {
        lossDrift = factor;
    }

    @Override
    public void preheated(double chargeC) {
        drumC = chargeC - 10;
        airC = chargeC + 24;
        probeC = chargeC;
        firstStageC = chargeC;
        environmentC = chargeC + 22;
    }

    @Override
    public void charge(Batch next, double gasPct) {
        valveW = build.burnerW * gasPct / 100;
        flameW = valveW;
        charge(next);
    }

    @Override
    public void charge(Batch next) {
        batch = next;
        dryKg = next.greenG() / 1000 * (1 - next.moisturePct() / 100);
        for (int i = 0; i < beanC.length; i++) {
            beanC[i] = roomC;
            moisture[i] = BeanPhysics.dryBasis(next.moisturePct());
            reacted[i] = 0;
        }
    }

    @Override
    public void drop() {
        batch = null;
    }

    @Override
    public boolean charged() {
        return batch != null;
    }

    @Override
    public void setDoorOpen(boolean open) {
        doorOpen = open;
    }

    @Override
    public void step(double dt, ControlLevels levels) {
        if (batch == null) {
            stepEmpty(dt, levels);
        } else {
            stepCharged(batch, dt, levels);
        }
    }

    private void stepEmpty(double dt, ControlLevels levels) {
        double flow = LEAK + (1 - LEAK) * levels.airflowPct() / 100 + (doorOpen ? OPEN_DOOR : 0);
        burn(dt, levels);
        double exhaust = build.airKgPerS * flow * AIR_J_PER_KG_K;
        double airDrum = build.airDrumWPerK * Math.pow(flow, FLOW_POWER);
        double balanceC = ((1 - FLAME_TO_DRUM) * flameW + exhaust * roomC + airDrum * drumC) / (exhaust + airDrum);
        airC += (balanceC - airC) * Math.min(1, dt / AIR_S);
        double lossW = build.lossWPerK * lossDrift * (drumC - roomC);
        drumC += (FLAME_TO_DRUM * flameW + airDrum * (airC - drumC) - lossW) / build.drumJPerK * dt;
        feel(drumC + EMPTY_AIR_SHARE * (airC - drumC), dt);
    }

    private void burn(double dt, ControlLevels levels) {
        valveW += (build.burnerW * levels.gasPct() / 100 - valveW) * dt / VALVE_LAG_S;
        flameW += (valveW - flameW) * dt / BURNER_LAG_S;
    }

    private void feel(double feltC, double dt) {
        firstStageC += (feltC - firstStageC) * dt / PROBE_FIRST_S;
        probeC += (firstStageC - probeC) * dt / PROBE_SECOND_S;
        environmentC += (airC - environmentC) * dt / ENVIRONMENT_S;
    }

    private void stepCharged(Batch batch, double dt, ControlLevels levels) {
        double flow = LEAK + (1 - LEAK) * levels.airflowPct() / 100;
        double transfer = Math.pow(flow, FLOW_POWER);
        double kg = batch.greenG() / 1000;
        burn(dt, levels);
        double exhaust = build.airKgPerS * flow * AIR_J_PER_KG_K;
        double airDrum = build.airDrumWPerK * transfer;
        double fromDrumW = 0;
        double beanAirTotal = 0;
        double beanAirTimesC = 0;
        for (int i = 0; i < beanC.length; i++) {
            double d = batch.diameterMm() * SIZE_FACTORS[i];
            double area = SIZE_SHARES[i] * kg * batch.uptake() * USUAL_DIAMETER_MM / d * swelling(beanC[i]);
            double air = build.beanAirWPerKKg * area * transfer;
            double contact = build.beanDrumWPerKKg * area * Math.pow(USUAL_RPM / levels.drumRpm(), SPEED_POWER);
            beanAirTotal += air;
            beanAirTimesC += air * beanC[i];
            double contactW = contact * (drumC - beanC[i]);
            fromDrumW += contactW;
            roast(batch, i, d, air * (airC - beanC[i]) + contactW, dt);
        }
        double balanceC = ((1 - FLAME_TO_DRUM) * flameW + exhaust * roomC + beanAirTimesC + airDrum * drumC)
                / (exhaust + beanAirTotal + airDrum);
        airC += (balanceC - airC) * Math.min(1, dt / AIR_S);
        double lossW = build.lossWPerK * lossDrift * (drumC - roomC);
        drumC += (FLAME_TO_DRUM * flameW + airDrum * (airC - drumC) - fromDrumW - lossW) / build.drumJPerK * dt;
        double mean = meanC();
        feel(mean + PROBE_AIR_SHARE * (airC - mean), dt);
    }

    /** A bean swells as it dries and browns, and offers more surface. */
    private static double swelling(double beanC) {
        double x = Math.max(0, Math.min(1, (beanC - SWELLS_FROM_C) / SWELLS_OVER_C));
        return 1 + SWELLING * x * x * (3 - 2 * x);
    }

    private void roast(Batch batch, int i, double diameterMm, double heatW, double dt) {
        double drying = BeanPhysics.dryingPerS(beanC[i], moisture[i], diameterMm);
        double reaction = BeanPhysics.reactionWPerKg(beanC[i], reacted[i]);
        double share = dryKg * SIZE_SHARES[i];
        double gain = heatW / share + reaction + BeanPhysics.EVAPORATION_J_PER_KG * drying;
        double z = (beanC[i] - batch.crackC()) / STEAM_WIDTH_C;
        double steamPerC = build.steamJPerKg / (STEAM_WIDTH_C * Math.sqrt(2 * Math.PI)) * Math.exp(-z * z / 2);
        beanC[i] += gain / (BeanPhysics.heatCapacityPerDryKg(beanC[i], moisture[i]) + steamPerC) * dt;
        moisture[i] += drying * dt;
        reacted[i] += reaction * dt;
    }

    @Override
    public double meanC() {
        double sum = 0;
        for (int i = 0; i < beanC.length; i++) {
            sum += SIZE_SHARES[i] * beanC[i];
        }
        return sum;
    }

    @Override
    public double probeC() {
        return probeC;
    }

    @Override
    public double environmentC() {
        return environmentC;
    }
}
