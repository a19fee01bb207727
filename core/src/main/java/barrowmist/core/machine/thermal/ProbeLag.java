package barrowmist.core.machine.thermal;

import barrowmist.core.roast.Band;
import barrowmist.core.roast.Series;
import java.util.List;
import java.util.OptionalDouble;

/**
 * The lag of a bean probe, read off the fall after the charge: a probe of one lag has made 63 % of its way to what it feels
 * when that lag is over, and what it feels are cold beans.
 */
public final class ProbeLag {

    /** What a probe feels in the first half minute: beans on their way up, a little of the air, °C (house default). */
    private static final double FELT_C = 48;

    private static final double LEFT = 1 / Math.E;

    /** Later than this it is no longer the probe that is seen, s. */
    private static final double LATEST_S = 90;

    private static final double SHORTEST_S = 3;

    private ProbeLag() {}

    /** The lag in the middle of these logs, s; empty when none shows a fall. */
    public static OptionalDouble of(List<FitRoast> roasts) {
        double[] lags = roasts.stream()
                .flatMapToDouble(r -> of(r.log().beanC(), r.batch().chargeC()).stream())
                .toArray();
        return lags.length == 0 ? OptionalDouble.empty() : OptionalDouble.of(Band.median(lags));
    }

    private static OptionalDouble of(Series bean, double chargeC) {
        double asked = FELT_C + LEFT * (chargeC - FELT_C);
        for (int i = 1; i < bean.size() && bean.timeS(i) <= LATEST_S; i++) {
            if (bean.value(i) <= asked && bean.value(i - 1) > asked) {
                double share = (bean.value(i - 1) - asked) / (bean.value(i - 1) - bean.value(i));
                double at = bean.timeS(i - 1) + share * (bean.timeS(i) - bean.timeS(i - 1));
                return OptionalDouble.of(Math.max(SHORTEST_S, at));
            }
        }
        return OptionalDouble.empty();
    }
}
