package barrowmist.core.roast;

import java.util.OptionalDouble;

/**
 * What was lately done at gas and air, and how much of a change of the rate of rise that explains.
 *
 * @param cut by what share of itself the gas was cut; negative when it was raised
 * @param opened how far the air was opened, as a share of its whole range; negative when it was closed
 */
public record HeatChange(double cut, double opened) {

    /**
     * How a drum's rate of rise answers within some 45 s.
     *
     * @param gas share of the rate that is lost for each share of the gas that is cut
     * @param air the same for each share of its range that the air is opened
     */
    public record Answer(double gas, double air) {

        /** Where nothing is known of the drum (house defaults). */
        public static final Answer USUAL = new Answer(1, 0.8);
    }

    /**
     * A small step is meant; the more a change goes beyond this share, the less of it is explained away, and one of twice
     * that explains nothing: a fall that deep is one whoever made it (house default).
     */
    private static final double MOST = 0.25;

    /** What was done at the controls so long before a change of the rate belongs to it, s (house default). */
    public static final double BELONGS_S = 60;

    private static final double LEAST = 0.01;
    private static final double PERCENT = 100;

    /** Of a roast under way, from {@code fromS} until now. */
    public static HeatChange since(LiveCurve curve, double fromS) {
        return of(curve.gasPct(fromS), curve.gasPct(), curve.airflowPct(fromS), curve.airflowPct());
    }

    /** Of a logged one, from one time to another. */
    public static HeatChange between(Series gasPct, Series airflowPct, double fromS, double toS) {
        return of(held(gasPct, fromS), held(gasPct, toS), held(airflowPct, fromS), held(airflowPct, toS));
    }

    private static OptionalDouble held(Series series, double atS) {
        return series.isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(series.held(atS));
    }

    private static HeatChange of(
            OptionalDouble gasFrom, OptionalDouble gas, OptionalDouble airFrom, OptionalDouble air) {
        double before = gasFrom.orElse(0);
        return new HeatChange(
                before > 0 ? (before - gas.orElse(before)) / before : 0,
                (air.orElse(0) - airFrom.orElse(air.orElse(0))) / PERCENT);
    }

    /** How much of the rate of rise it takes, as a share. */
    public double share(Answer answer) {
        return answer.gas * Math.max(0, cut) + answer.air * Math.max(0, opened);
    }

    /** The share of the rate of rise that is taken away on purpose. */
    public double takenShare(Answer answer) {
        return Math.max(0, Math.min(share(answer), 2 * MOST - share(answer)));
    }

    /** Whether heat was put in on purpose. */
    public boolean putIn() {
        return cut < -LEAST || opened < -LEAST;
    }
}
