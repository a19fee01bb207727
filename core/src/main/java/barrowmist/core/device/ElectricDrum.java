package barrowmist.core.device;

import barrowmist.core.machine.thermal.ControlLevels;

/**
 * A small drum with electric elements: they heat a thick wall, the wall heats an inner drum, and only that and a little air
 * heat the beans, so that a change of power is felt a minute later. Its bean probe is buried, slow and reads too much. The
 * airflow cools rather than heats. What it calls gas is the power of its elements.
 */
public final class ElectricDrum extends BeanDrum {

    private static final double ELEMENT_W = 1400;
    private static final double ELEMENT_S = 25;
    private static final double WALL_J_PER_K = 900;
    private static final double WALL_TO_DRUM_W_PER_K = 9;
    private static final double DRUM_J_PER_K = 520;
    private static final double LOSS_W_PER_K = 0.8;
    private static final double CONTACT_W_PER_K_KG = 7.5;
    private static final double AIR_TO_BEANS_W_PER_K_KG = 4.5;
    private static final double DRUM_TO_AIR_W_PER_K = 1.6;
    private static final double AIR_W_PER_K_OPEN = 1.1;
    private static final double AIR_LEAST = 0.15;
    private static final double AIR_S = 4;
    private static final double OPEN_DOOR = 12;
    private static final double STEAM_J_PER_KG = 4500;
    private static final double PROBE_FEELS_METAL = 0.1;
    private static final double USUAL_RPM = 60;

    private final Probe bean = new Probe(17, 3, 2.5);
    private final Probe environment = new Probe(20, 2, -3);
    private double wallC;
    private double drumC;
    private double airC;

    public ElectricDrum(double roomC) {
        super(roomC, ELEMENT_W, STEAM_J_PER_KG);
        wallC = roomC;
        drumC = roomC;
        airC = roomC;
        bean.setReading(roomC);
        environment.setReading(roomC);
    }

    @Override
    public void preheated(double chargeC) {
        wallC = chargeC + 38;
        drumC = chargeC + 12;
        airC = chargeC;
        bean.setReading(chargeC);
        environment.setReading(chargeC + 6);
    }

    @Override
    public void step(double dt, ControlLevels levels) {
        heat(levels.gasPct(), ELEMENT_S, dt);
        double flow = flow(levels.airflowPct(), AIR_LEAST, OPEN_DOOR);
        double through = AIR_W_PER_K_OPEN * flow;
        double toAir = DRUM_TO_AIR_W_PER_K * Math.sqrt(flow);
        double toBeansW = 0;
        double beanAir = 0;
        double beanC = airC;
        if (beans != null) {
            double surface = beans.surface() * beans.kg();
            double contact = CONTACT_W_PER_K_KG * surface * Math.pow(USUAL_RPM / levels.drumRpm(), 0.2);
            beanAir = AIR_TO_BEANS_W_PER_K_KG * surface * Math.sqrt(flow);
            beanC = beans.surfaceC();
            toBeansW = contact * (drumC - beanC);
            beans.step(toBeansW + beanAir * (airC - beanC), dt);
        }
        double balanceC = (through * roomC + toAir * drumC + beanAir * beanC) / (through + toAir + beanAir);
        airC += (balanceC - airC) * Math.min(1, dt / AIR_S);
        double wallToDrumW = WALL_TO_DRUM_W_PER_K * (wallC - drumC);
        wallC += (heatW - wallToDrumW - LOSS_W_PER_K * lossDrift * (wallC - roomC)) / WALL_J_PER_K * dt;
        drumC += (wallToDrumW - toBeansW - toAir * (drumC - airC)) / DRUM_J_PER_K * dt;
        double bedC = beans == null ? airC : beans.meanC();
        bean.feel(bedC + PROBE_FEELS_METAL * (drumC - bedC), dt);
        environment.feel(airC, dt);
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
