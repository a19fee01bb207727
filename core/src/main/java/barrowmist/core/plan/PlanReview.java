package barrowmist.core.plan;

import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.RoastFigures;
import barrowmist.core.units.Wording;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import org.hipparchus.stat.StatUtils;

/** A roast held against its plan, and roasts of one plan against each other. */
public final class PlanReview {

    private PlanReview() {}

    /**
     * One figure aimed at.
     *
     * @param actual what came; empty when it cannot be known
     * @param off actual minus aim; empty likewise
     * @param inside whether that lies within the tolerance
     */
    public record Row(KeyFigure figure, Aim aim, OptionalDouble actual, OptionalDouble off, boolean inside) {}

    /** Every figure that the plan aims at, in their own order. */
    public static List<Row> rows(Targets targets, RoastFigures roast) {
        List<Row> rows = new ArrayList<>();
        for (KeyFigure figure : KeyFigure.values()) {
            Aim aim = targets.aims().get(figure);
            if (aim != null) {
                OptionalDouble actual = targets.figure(figure, roast);
                OptionalDouble off = actual.isPresent()
                        ? OptionalDouble.of(actual.getAsDouble() - aim.value())
                        : OptionalDouble.empty();
                boolean inside = off.isPresent() && Math.abs(off.getAsDouble()) <= aim.tolerance();
                rows.add(new Row(figure, aim, actual, off, inside));
            }
        }
        return rows;
    }

    /**
     * How far roasts of one plan stray in a figure.
     *
     * @param values one for each roast, in order; empty where it cannot be known
     * @param mean of those that are known
     * @param sd their standard deviation about it, n − 1 in the denominator
     * @param strays sd as a share of the tolerance: above a half, the figure does not hold
     */
    public record Spread(
            KeyFigure figure, Aim aim, List<OptionalDouble> values, double mean, double sd, double strays) {

        /** Whether the figure holds from roast to roast. */
        public boolean holds() {
            return strays <= HOLDS;
        }
    }

    /** The figures aimed at, what strays most first; empty with fewer than two roasts. */
    public static List<Spread> spreads(Targets targets, List<RoastFigures> roasts) {
        List<Spread> out = new ArrayList<>();
        targets.aims().forEach((figure, aim) -> {
            List<OptionalDouble> values =
                    roasts.stream().map(r -> targets.figure(figure, r)).toList();
            double[] known = values.stream()
                    .filter(OptionalDouble::isPresent)
                    .mapToDouble(OptionalDouble::getAsDouble)
                    .toArray();
            if (known.length >= 2) {
                double mean = StatUtils.mean(known);
                double sd = Math.sqrt(StatUtils.variance(known));
                out.add(new Spread(figure, aim, values, mean, sd, sd / aim.tolerance()));
            }
        });
        out.sort(Comparator.comparingDouble(Spread::strays).reversed());
        return out;
    }

    /** A figure whose spread is above this share of its tolerance does not hold (house default). */
    private static final double HOLDS = 0.5;

    /** What strays most, in a sentence. */
    public static String text(List<Spread> spreads) {
        if (spreads.isEmpty()) {
            return "How well a plan repeats shows from its second roast on.";
        }
        Spread most = spreads.get(0);
        return !most.holds()
                ? "%s strays most: its spread is %.0f %% of its tolerance."
                        .formatted(Wording.capital(most.figure.label()), 100 * most.strays)
                : "Every figure holds: no spread is above half its tolerance.";
    }
}
