package barrowmist.core.roast;

import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;

/** A {@link KnownCurve} written as a log file, for tests that go in by the front door. */
public final class KnownLog {

    /** The events of {@link KnownCurve#events()}, by second. */
    public static final Map<Integer, String> EVENTS = new TreeMap<>(Map.of(
            0,
            "charge",
            (int) KnownCurve.DRY_END_S,
            "dry_end",
            (int) KnownCurve.FIRST_CRACK_S,
            "first_crack",
            (int) KnownCurve.DROP_S,
            "drop"));

    /** Gas is cut from 65 to 30 % here, s. */
    public static final int GAS_CUT_S = 465;

    private KnownLog() {}

    /** The steady roast, or the one that crashes from 480 s on. */
    public static String csv(boolean crash) {
        return csv(crash ? KnownCurve.crash(KnownCurve.FIRST_CRACK_S) : KnownCurve.steady(), EVENTS, 0);
    }

    /**
     * A log at 1 Hz with a little noise.
     *
     * @param events event names by second
     * @param hotterC added to every reading up to the turning point, fading away, °C: a hotter charge
     */
    public static String csv(KnownCurve curve, Map<Integer, String> events, double hotterC) {
        Series bean = curve.readings(0.1, 17);
        StringBuilder csv = new StringBuilder("time,bean_c,gas_pct,drum_rpm,event\n");
        for (int i = 0; i < bean.size(); i++) {
            int s = (int) bean.timeS(i);
            double c = bean.value(i) + hotterC * Math.exp(-s / 24.0);
            String event = events.getOrDefault(s, "");
            csv.append(String.format(Locale.ROOT, "%d,%.2f,%d,60,%s%n", s, c, s < GAS_CUT_S ? 65 : 30, event));
        }
        return csv.toString();
    }
}
