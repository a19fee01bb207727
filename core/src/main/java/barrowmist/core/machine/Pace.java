package barrowmist.core.machine;

import barrowmist.core.machine.OutlookRecord.Miss;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.Milestone;
import barrowmist.core.roast.RoastFigures;
import barrowmist.core.roast.RoastLog;
import barrowmist.core.roast.Series;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A machine's own pace: how long its last roasts took from a bean reading to a later one, by how fast they rose there. What
 * is expected of a roast where no model is believed, and a second opinion beside one that is.
 */
public final class Pace {

    /** With fewer roasts that passed both readings nothing is said (house default). */
    public static final int FEWEST = 3;

    /** A rate that is known live speaks for the middle of its window, so long ago, s. */
    private static final double LIVE_LAG_S = 15;

    /** A roast that rises faster keeps that up for most of the way: the slope of logarithms and its spread (house defaults). */
    private static final double USUAL_SLOPE = -0.8;

    private static final double SLOPE_SD = 0.3;

    /** The spread of logarithms below which no set of roasts is believed to lie. */
    private static final double LEAST_SPREAD = 0.01;

    /** A standard deviation of few is itself uncertain: so much wider, as a share over their number (house default). */
    private static final double FEW = 0.8;

    /** Slower than this a roast does not rise, °C/min. */
    private static final double SLOWEST_C_PER_MIN = 1;

    private final List<Past> pasts;
    private final OutlookRecord record;

    /** A roast: its bean readings from the turning point on, and when its events came. */
    private record Past(Series beanC, double turnS, Optional<Milestone> dryEnd, Optional<Milestone> firstCrack) {

        OptionalDouble rate(double atS) {
            OptionalDouble slope = beanC.slopeAbout(atS - LIVE_LAG_S, LIVE_LAG_S);
            return slope.isPresent() && 60 * slope.getAsDouble() >= SLOWEST_C_PER_MIN
                    ? OptionalDouble.of(60 * slope.getAsDouble())
                    : OptionalDouble.empty();
        }
    }

    /**
     * How long it takes.
     *
     * @param seconds from now
     * @param plusMinus one standard deviation, s
     */
    public record Left(double seconds, double plusMinus) {}

    private Pace(List<Past> pasts, OutlookRecord record) {
        this.pasts = pasts;
        this.record = record;
    }

    /** Nothing is known. */
    public static Pace none() {
        return new Pace(List.of(), OutlookRecord.NONE);
    }

    /** A roast that it can be learned from. */
    public record Roast(RoastLog sinceCharge, RoastFigures figures) {}

    public static Pace of(List<Roast> roasts) {
        List<Past> pasts = roasts.stream()
                .filter(r -> r.figures().turningPoint().isPresent())
                .map(r -> new Past(
                        r.sinceCharge().beanC(),
                        r.figures().turningPoint().get().timeS(),
                        r.figures().dryEnd(),
                        r.figures().firstCrack()))
                .toList();
        List<Miss> misses = new ArrayList<>();
        for (int i = 0; i < pasts.size(); i++) {
            List<Past> others = new ArrayList<>(pasts);
            Past left = others.remove(i);
            misses.addAll(misses(new Pace(others, OutlookRecord.NONE), left, i));
        }
        return new Pace(pasts, OutlookRecord.of(misses));
    }

    private static List<Miss> misses(Pace others, Past left, int roast) {
        List<Miss> misses = new ArrayList<>();
        left.dryEnd.ifPresent(m -> misses.addAll(misses(others, left, roast, EventKind.DRY_END, m)));
        left.firstCrack.ifPresent(m -> misses.addAll(misses(others, left, roast, EventKind.FIRST_CRACK, m)));
        return misses;
    }

    private static List<Miss> misses(Pace others, Past left, int roast, EventKind kind, Milestone came) {
        List<Miss> misses = new ArrayList<>();
        OutlookRecord.looks(left.turnS, came.timeS()).forEach(at -> {
            OptionalDouble rate = left.rate(at);
            if (rate.isPresent()) {
                others.until(left.beanC.interpolated(at), rate.getAsDouble(), came.beanC())
                        .ifPresent(l -> misses.add(new Miss(roast, kind, l.seconds, at + l.seconds - came.timeS())));
            }
        });
        return misses;
    }

    /** How many roasts it is learned from. */
    public int roasts() {
        return pasts.size();
    }

    /** How well it would have told each of these roasts by the others. */
    public OutlookRecord record() {
        return record;
    }

    /**
     * How long until the bean probe reads {@code levelC}.
     *
     * @param beanC what it reads now, °C
     * @param cPerMin rate of rise now, as it is known live, °C/min
     * @return empty when too few roasts passed both readings, or it does not rise
     */
    public Optional<Left> until(double beanC, double cPerMin, double levelC) {
        if (levelC <= beanC || cPerMin < SLOWEST_C_PER_MIN) {
            return Optional.empty();
        }
        List<double[]> points = new ArrayList<>();
        for (Past past : pasts) {
            OptionalDouble from = past.beanC.risesTo(beanC, past.turnS);
            OptionalDouble to = past.beanC.risesTo(levelC, past.turnS);
            if (from.isPresent() && to.isPresent() && to.getAsDouble() > from.getAsDouble()) {
                past.rate(from.getAsDouble())
                        .ifPresent(r -> points.add(
                                new double[] {Math.log(r), Math.log(to.getAsDouble() - from.getAsDouble())}));
            }
        }
        return points.size() < FEWEST ? Optional.empty() : Optional.of(along(points, Math.log(cPerMin)));
    }

    /** The line through the logarithms, its slope held to the usual one. */
    private static Left along(List<double[]> points, double lnRate) {
        int n = points.size();
        double x = points.stream().mapToDouble(p -> p[0]).average().orElseThrow();
        double y = points.stream().mapToDouble(p -> p[1]).average().orElseThrow();
        double xx = 0;
        double xy = 0;
        double spread = LEAST_SPREAD * LEAST_SPREAD;
        for (double[] p : points) {
            xx += (p[0] - x) * (p[0] - x);
            xy += (p[0] - x) * (p[1] - y);
            double off = p[1] - y - USUAL_SLOPE * (p[0] - x);
            spread += off * off / n;
        }
        double hold = spread / (SLOPE_SD * SLOPE_SD);
        double slope = (xy + hold * USUAL_SLOPE) / (xx + hold);
        double left = LEAST_SPREAD * LEAST_SPREAD * n;
        for (double[] p : points) {
            double off = p[1] - y - slope * (p[0] - x);
            left += off * off;
        }
        double sd = Math.sqrt(left / Math.max(1, n - 2) * (1 + 1.0 / n)) * (1 + FEW / n);
        double seconds = Math.exp(y + slope * (lnRate - x));
        return new Left(seconds, seconds * sd);
    }
}
