package barrowmist.core.rest;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.OptionalInt;

/**
 * How the score of one coffee goes with its age.
 *
 * @param points scores by age, youngest first
 */
public record Ageing(List<Point> points) {

    /** A coffee has fallen off when it scores so much below its best (house default). */
    public static final double FALLEN = 1.0;

    /** Kept back of a roast for cupping it again, g (one roaster's, no published source). */
    public static final double USUAL_KEPT_G = 80;

    /** One, two and three weeks after the roast (common practice, no published source). */
    public static final List<Integer> USUAL_DAYS = List.of(7, 14, 21);

    private static final double GIVE_DAYS = 1.5;

    /** A score, 0 to 100, at an age in days. */
    public record Point(double day, double score) {}

    public Ageing {
        points = points.stream().sorted(Comparator.comparingDouble(Point::day)).toList();
    }

    /** The first planned day that has no score near it; empty when all are done. */
    public OptionalInt nextDue(List<Integer> days) {
        return days.stream()
                .sorted()
                .mapToInt(d -> d)
                .filter(d -> points.stream().noneMatch(p -> Math.abs(p.day - d) <= GIVE_DAYS))
                .findFirst();
    }

    /** When it was best, and whether it has fallen off since. */
    public String text() {
        if (points.size() < 2) {
            return points.isEmpty() ? "Not cupped yet." : "Cupped once: age shows from the second cupping on.";
        }
        Point best =
                points.stream().max(Comparator.comparingDouble(Point::score)).orElseThrow();
        Point fallen = points.stream()
                .filter(p -> p.day > best.day && best.score - p.score >= FALLEN)
                .findFirst()
                .orElse(null);
        String top = String.format(Locale.ROOT, "Best on day %.0f with %.2f", best.day, best.score);
        return fallen == null
                ? top + "; it has not fallen off yet."
                : top
                        + String.format(
                                Locale.ROOT, "; by day %.0f it has lost %.2f.", fallen.day, best.score - fallen.score);
    }
}
