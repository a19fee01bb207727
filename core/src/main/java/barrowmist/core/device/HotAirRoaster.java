package barrowmist.core.device;

import barrowmist.core.machine.thermal.ControlLevels;

/**
 * A roaster that heats by a stream of hot air with hardly any metal about it: the air is heated before it enters, gives its
 * heat on its way through the bed, and gathers above it. Its bean probe is quick, stands half in the stream and reads too
 * little; a change of gas is felt within seconds.
 */
public final class HotAirRoaster extends BeanDrum {

    private static final double BURNER_W = 1500;
    private static final double BURNER_S = 5;
    private static final double AIR_KG_PER_S = 0.0052;
    private static final double AIR_J_PER_KG_K = 1006;
    private static final double AIR_LEAST = 0.35;
    private static final double BED_W_PER_K_KG = 34;
    private static final double WALL_J_PER_K = 210;
    private static final double WALL_W_PER_K = 1.1;
    private static final double LOSS_W_PER_K = 0.35;
    private static final double HEAD_S = 3;
    private static final double OPEN_DOOR = 4;
    private static final double STEAM_J_PER_KG = 3500;
    private static final double PROBE_FEELS_STREAM = 0.16;

    private final Probe bean = new Probe(4, 1, -1.5);
    private final Probe environment = new Probe(6, 1, 0);
    private double inletC;
    private double headC;
    private double wallC;

    public HotAirRoaster(double roomC) {
        super(roomC, BURNER_W, STEAM_J_PER_KG);
        inletC = roomC;
        headC = roomC;
        wallC = roomC;
        bean.setReading(roomC);
        environment.setReading(roomC);
    }

    @Override
    public void preheated(double chargeC) {
        wallC = chargeC - 15;
        headC = chargeC + 4;
        inletC = chargeC + 25;
        bean.setReading(chargeC);
        environment.setReading(chargeC + 4);
    }

    @Override
    public void step(double dt, ControlLevels levels) {
        heat(levels.gasPct(), BURNER_S, dt);
        double flow = flow(levels.airflowPct(), AIR_LEAST, OPEN_DOOR);
        double stream = AIR_KG_PER_S * flow * AIR_J_PER_KG_K;
        inletC = roomC + heatW / stream;
        double intoC = inletC + (wallC - inletC) * (1 - Math.exp(-WALL_W_PER_K / stream));
        double wallW = stream * (inletC - intoC) - LOSS_W_PER_K * lossDrift * (wallC - roomC);
        double leavesC = intoC;
        if (beans != null) {
            double exchange = BED_W_PER_K_KG * beans.surface() * beans.kg() * Math.pow(flow, 0.8);
            double givenShare = 1 - Math.exp(-exchange / stream);
            double toBeansW = stream * givenShare * (intoC - beans.surfaceC());
            leavesC = intoC - toBeansW / stream;
            beans.step(toBeansW, dt);
        }
        wallC += wallW / WALL_J_PER_K * dt;
        headC += (leavesC - headC) * Math.min(1, dt / HEAD_S);
        double bedC = beans == null ? wallC : beans.meanC();
        bean.feel(bedC + PROBE_FEELS_STREAM * ((intoC + leavesC) / 2 - bedC), dt);
        environment.feel(headC, dt);
    }

    @Override
    public double probeC() {
        return bean.readsC();
    }

    @Override
    public double environmentC() {
        return environment.readsC();
    }
}
