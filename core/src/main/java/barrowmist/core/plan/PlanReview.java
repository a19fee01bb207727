package barrowmist.core.plan;

import barrowmist.core.roast.RoastFigures;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;

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
    public record Row(PlanFigure figure, Aim aim, OptionalDouble actual, OptionalDouble off, boolean inside) {}

    /** Every figure that the plan aims at, in their own order. */
    public static List<Row> rows(Targets targets, RoastFigures roast) {
        List<Row> rows = new ArrayList<>();
        for (PlanFigure figure : PlanFigure.values()) {
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
            PlanFigure figure, Aim aim, List<OptionalDouble> values, double mean, double sd, double strays) {}

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
                double mean = 0;
                for (double v : known) {
                    mean += v / known.length;
                }
                double squares = 0;
                for (double v : known) {
                    squares += (v - mean) * (v - mean);
                }
                double sd = Math.sqrt(squares / (known.length - 1));
                out.add(new Spread(figure, aim, values, mean, sd, sd / aim.tolerance()));
            }
        });
        out.sort(Comparator.comparingDouble(Spread::strays).reversed());
        return out;
    }
}
