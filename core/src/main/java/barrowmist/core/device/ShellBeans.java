package barrowmist.core.device;

import barrowmist.core.machine.thermal.BeanPhysics;

/**
 * A batch of beans as equal spheres of five shells of the same volume: heat is conducted inwards, water diffuses outwards
 * and leaves at the surface, browning gives heat, and each bean cracks at a core temperature of its own, which lets steam
 * go. On purpose none of it is the law of drying that the model of the machine uses. Invented, of the size that
 * measurements have: no published source. Mutable.
 */
final class ShellBeans {

    private static final int SHELLS = 5;

    /** Conduction between neighbouring shells of a bean of the usual size, as a rate, 1/s. */
    private static final double CONDUCTION_PER_S = 0.35;

    /** Diffusion of water between neighbouring shells at 200 °C, 1/s, and how it falls when colder, K. */
    private static final double DIFFUSION_PER_S = 0.035;

    private static final double DIFFUSION_K = 3600;

    /** Water leaving the outer shell at 200 °C, 1/s. */
    private static final double LEAVING_PER_S = 0.022;

    private static final double LEAVING_K = 4300;
    private static final double HOT_K = 473.15;
    private static final double KELVIN = 273.15;

    /** Browning: all the heat that it gives, J/kg, its pace at 200 °C, 1/s, and how it falls when colder, K. */
    private static final double BROWNING_J_PER_KG = 150_000;

    private static final double BROWNING_PER_S = 0.0019;
    private static final double BROWNING_K = 9500;

    /** Cracks are spread by this about the crack temperature, °C. */
    private static final double CRACK_SD_C = 2.6;

    private static final double GROWN_BY_CRACK = 0.12;
    private static final double USUAL_MM = 6.5;

    private final double[] c = new double[SHELLS];
    private final double[] water = new double[SHELLS];
    private final double[] browned = new double[SHELLS];
    private final Drum.Batch batch;
    private final double steamJPerKg;
    private final double dryKg;
    private double cracked;

    /** @param steamJPerKg heat that the steam of first crack takes in all, J for each kg of dry bean */
    ShellBeans(Drum.Batch batch, double roomC, double steamJPerKg) {
        this.batch = batch;
        this.steamJPerKg = steamJPerKg;
        dryKg = batch.greenG() / 1000 * (1 - batch.moisturePct() / 100);
        java.util.Arrays.fill(c, roomC);
        java.util.Arrays.fill(water, BeanPhysics.dryBasis(batch.moisturePct()));
    }

    /** Temperature of what touches the air, °C. */
    double surfaceC() {
        return c[SHELLS - 1] + (c[SHELLS - 1] - c[SHELLS - 2]) / 2;
    }

    double meanC() {
        double sum = 0;
        for (double each : c) {
            sum += each / SHELLS;
        }
        return sum;
    }

    /** Surface that it offers against a usual bean before roasting, for each kg. */
    double surface() {
        double swollen = 1 + 0.45 / (1 + Math.exp((165 - meanC()) / 18)) + GROWN_BY_CRACK * cracked;
        return batch.uptake() * USUAL_MM / batch.diameterMm() * swollen;
    }

    /** Green coffee that went in, kg. */
    double kg() {
        return batch.greenG() / 1000;
    }

    /** Lets time pass while {@code heatW} reach the surface. */
    void step(double heatW, double dt) {
        double size = Math.pow(USUAL_MM / batch.diameterMm(), 2);
        double steamW = steamW(dt);
        double[] gain = new double[SHELLS];
        double[] dry = new double[SHELLS];
        for (int i = 0; i < SHELLS; i++) {
            double pace = BROWNING_PER_S * arrhenius(BROWNING_K, c[i]) * (1 - browned[i]);
            browned[i] += pace * dt;
            gain[i] += BROWNING_J_PER_KG * pace - steamW / dryKg;
            if (i > 0) {
                // an inner boundary is smaller
                double area = Math.cbrt((double) i * i / (SHELLS * SHELLS)) * size;
                double conducted = CONDUCTION_PER_S * 1600 * area * (c[i] - c[i - 1]);
                gain[i] -= conducted;
                gain[i - 1] += conducted;
                double diffused = DIFFUSION_PER_S * arrhenius(DIFFUSION_K, c[i]) * area * (water[i - 1] - water[i]);
                dry[i] += diffused;
                dry[i - 1] -= diffused;
            }
        }
        int out = SHELLS - 1;
        double leaving = LEAVING_PER_S * arrhenius(LEAVING_K, c[out]) * water[out] * Math.sqrt(size) * SHELLS;
        dry[out] -= leaving;
        gain[out] += SHELLS * heatW / dryKg - BeanPhysics.EVAPORATION_J_PER_KG * leaving;
        for (int i = 0; i < SHELLS; i++) {
            c[i] += gain[i] / (1350 + 4.2 * c[i] + 4186 * Math.max(0, water[i])) * dt;
            water[i] = Math.max(0, water[i] + dry[i] * dt);
        }
    }

    /** What the steam of the beans that crack now takes, W; a bean cracks once. */
    private double steamW(double dt) {
        double share = 1 / (1 + Math.exp(-1.702 * (c[1] - batch.crackC()) / CRACK_SD_C));
        double now = Math.max(0, share - cracked);
        cracked += now;
        return steamJPerKg * dryKg * now / dt;
    }

    private static double arrhenius(double k, double atC) {
        return Math.exp(k / HOT_K - k / (atC + KELVIN));
    }
}
