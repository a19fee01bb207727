package barrowmist.core.machine;

import barrowmist.core.machine.thermal.FitRoast;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.KeyFigure.Unit;
import barrowmist.core.roast.Milestone;
import barrowmist.core.roast.Series;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/**
 * What a figure is likely missed by, before roasts were left out: six that were met by luck do not make a narrow band, nor
 * six that were not a wide one. It is a share of what the usual value misses; where a figure is read off the bean curve, what
 * that curve misses is asked too, in degrees, or in seconds by how fast the bean rises there: the later in the roast, the more.
 *
 * @param ofCurve what the bean curves miss of a figure that is read off them, in its unit; none where that is not known
 */
record LikelyMiss(Map<KeyFigure, Double> ofCurve) {

    /** Nothing is known of the curves. */
    static final LikelyMiss OF_THE_USUAL = new LikelyMiss(Map.of());

    /** What models of other drums miss, as a share of what the usual value misses (house defaults, as on the stand-in drums). */
    private static final double TIME_SHARE = 0.45;

    private static final double TEMPERATURE_SHARE = 0.3;

    /** How much the curve tells of when an event comes; the usual value tells the rest (house defaults, as on the stand-in drums). */
    private static final double CURVE_TELLS_OF_DRY_END = 1 / 3.0;

    private static final double CURVE_TELLS_OF_CRACK = 2 / 3.0;

    /**
     * What models of other drums miss, as a share of what their curves do: of when an event comes; of when the bean comes to a
     * temperature late in the roast; and of how hot it is so long after first crack, where what they miss until then is taken
     * off (house defaults, as on the stand-in drums).
     */
    private static final double EVENT_SHARE = 0.9;

    private static final double TOTAL_SHARE = 1.25;

    private static final double DROP_SHARE = 0.65;

    /** It counts as so many roasts left out, fewer where nothing but the usual value tells of it (house defaults). */
    private static final double COUNTS_OF_DEGREES = 6;

    private static final double COUNTS_OF_SECONDS = 2;
    private static final double COUNTS_OF_THE_USUAL = 1;

    /** A slope is taken over so long to either side, s; one slower than the least is held to it, °C/s. */
    private static final double HALF_S = 15;

    private static final double SLOWEST_C_PER_S = 0.02;

    LikelyMiss {
        ofCurve = Map.copyOf(ofCurve);
    }

    /**
     * @param curveC what the bean curves leave unexplained once the probe reads the beans, °C; NaN where nothing is to compare
     * @param roasts those that the curves were fitted to: of another one more is left
     */
    static LikelyMiss of(double curveC, List<FitRoast> roasts) {
        if (Double.isNaN(curveC)) {
            return OF_THE_USUAL;
        }
        double anotherC = curveC * Math.sqrt(roasts.size() / Math.max(1, roasts.size() - Calibration.USED_UP));
        Map<KeyFigure, Double> missed = new EnumMap<>(KeyFigure.class);
        missed.put(KeyFigure.DROP_C, anotherC);
        put(missed, KeyFigure.DRY_END_S, anotherC, roasts, r -> r.figures().dryEnd());
        put(missed, KeyFigure.FIRST_CRACK_S, anotherC, roasts, r -> r.figures().firstCrack());
        put(missed, KeyFigure.TOTAL_S, anotherC, roasts, r -> r.figures().drop());
        return new LikelyMiss(missed);
    }

    private static void put(
            Map<KeyFigure, Double> missed,
            KeyFigure figure,
            double curveC,
            List<FitRoast> roasts,
            Function<FitRoast, Optional<Milestone>> milestone) {
        roasts.stream()
                .flatMap(r -> milestone.apply(r).stream().map(m -> slope(r.log().beanC(), m.timeS())))
                .mapToDouble(s -> Math.max(SLOWEST_C_PER_S, s))
                .average()
                .ifPresent(mean -> missed.put(figure, curveC / mean));
    }

    /** Up to the last reading: there is nothing after the drop. */
    private static double slope(Series bean, double atS) {
        double last = bean.timeS(bean.size() - 1);
        return bean.slopeAbout(Math.min(atS, last - HALF_S), HALF_S).orElse(0);
    }

    /**
     * @param usual standard deviation of what the usual value misses, in the figure's unit
     * @return standard deviation, in the figure's unit
     */
    double of(KeyFigure figure, double usual) {
        double share = usual * (figure.unit() == Unit.CELSIUS ? TEMPERATURE_SHARE : TIME_SHARE);
        Double curve = ofCurve.get(figure);
        if (curve == null) {
            return share;
        }
        return switch (figure) {
            case DROP_C -> DROP_SHARE * curve;
            case TOTAL_S -> TOTAL_SHARE * curve;
            case DRY_END_S -> between(share, EVENT_SHARE * curve, CURVE_TELLS_OF_DRY_END);
            default -> between(share, EVENT_SHARE * curve, CURVE_TELLS_OF_CRACK);
        };
    }

    /** The second counts for so much of the two, the first for the rest: their weighted geometric mean. */
    private static double between(double first, double second, double much) {
        return Math.pow(first, 1 - much) * Math.pow(second, much);
    }

    /** As how many roasts left out it counts. */
    double counts(KeyFigure figure) {
        if (!ofCurve.containsKey(figure)) {
            return COUNTS_OF_THE_USUAL;
        }
        return figure == KeyFigure.DROP_C ? COUNTS_OF_DEGREES : COUNTS_OF_SECONDS;
    }
}
