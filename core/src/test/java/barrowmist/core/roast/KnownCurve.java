package barrowmist.core.roast;

import java.util.Random;
import java.util.function.DoubleUnaryOperator;

/**
 * A bean curve whose true rate of rise is known, and readings of it with noise, gaps and uneven spacing. Invented for
 * the tests: charge at 0, a fall to the turning point near 1:15, then the given rate of rise.
 */
public final class KnownCurve {

    public static final double DRY_END_S = 285;
    public static final double FIRST_CRACK_S = 480;
    public static final double DROP_S = 600;

    private static final double STEP_S = 0.25;
    private static final double START_C = 61;
    private static final double CHARGE_C = 195;
    private static final double PROBE_S = 24;

    private final DoubleUnaryOperator trueRor;
    private final double[] integralC = new double[(int) (DROP_S / STEP_S) + 200];

    private KnownCurve(DoubleUnaryOperator trueRor) {
        this.trueRor = trueRor;
        integralC[0] = START_C;
        for (int i = 1; i < integralC.length; i++) {
            integralC[i] = integralC[i - 1] + trueRor.applyAsDouble((i - 0.5) * STEP_S) / 60 * STEP_S;
        }
    }

    /** A curve that rises as {@code ror} says, °C/min at s since charge, once the charge has sunk in. */
    public static KnownCurve of(DoubleUnaryOperator ror) {
        return new KnownCurve(ror);
    }

    /** A steady decline: 22 °C/min until 2:00, then straight down to 4.5 °C/min at 10:00. */
    public static KnownCurve steady() {
        return of(KnownCurve::steadyRor);
    }

    public static double steadyRor(double t) {
        return t < 120 ? 22 : 22 - (t - 120) / (DROP_S - 120) * 17.5;
    }

    /** Steady until {@code fromS}, then from 8 to 2 °C/min in 25 s, then 2. */
    public static KnownCurve crash(double fromS) {
        return of(t -> {
            double before = t < 120 ? 22 : 22 - (t - 120) / (fromS - 120) * 14;
            return t < fromS ? before : Math.max(2, 8 - (t - fromS) / 25 * 6);
        });
    }

    /** True slope of the curve as a probe would see it without noise, °C/min. */
    public double trueRor(double t) {
        return trueRor.applyAsDouble(t) - (CHARGE_C - START_C) / PROBE_S * Math.exp(-t / PROBE_S) * 60;
    }

    public double trueC(double t) {
        double at = t / STEP_S;
        int i = (int) at;
        double rising = integralC[i] + (at - i) * (integralC[i + 1] - integralC[i]);
        return rising + (CHARGE_C - START_C) * Math.exp(-t / PROBE_S);
    }

    /** Readings at 1 Hz with normal noise. */
    public Series readings(double noiseC, long seed) {
        return readings(noiseC, seed, 0, false);
    }

    /**
     * Readings with normal noise.
     *
     * @param lostShare share of readings lost, [0, 1)
     * @param uneven whether times jitter by up to 0.4 s
     */
    public Series readings(double noiseC, long seed, double lostShare, boolean uneven) {
        Random random = new Random(seed);
        double[] t = new double[(int) DROP_S + 1];
        double[] v = new double[t.length];
        int n = 0;
        for (int s = 0; s <= DROP_S; s++) {
            boolean lost = s > 0 && s < DROP_S && random.nextDouble() < lostShare;
            double at = uneven && s > 0 && s < DROP_S ? s + 0.8 * (random.nextDouble() - 0.5) : s;
            double value = trueC(at) + noiseC * random.nextGaussian();
            if (!lost) {
                t[n] = at;
                v[n++] = value;
            }
        }
        return new Series(java.util.Arrays.copyOf(t, n), java.util.Arrays.copyOf(v, n));
    }

    public static RoastLog log(Series bean) {
        return new RoastLog(bean, Series.empty(), Series.empty(), Series.empty(), Series.empty());
    }

    public static RoastEvents events() {
        return RoastEvents.of(
                RoastEvent.at(EventKind.CHARGE, 0),
                RoastEvent.at(EventKind.DRY_END, DRY_END_S),
                RoastEvent.at(EventKind.FIRST_CRACK, FIRST_CRACK_S),
                RoastEvent.at(EventKind.DROP, DROP_S));
    }

    public static RoastAnalysis analyze(Series bean) {
        return new RoastAnalyzer(FaultSettings.DEFAULTS).analyze(log(bean), events(), Band.NONE);
    }
}
