package barrowmist.core.decision;

import java.util.List;

/**
 * How far two sets of final scores lie apart, and whether so few sheets can tell it. One sheet is taken to lie from another of the
 * same coffee as the rules say: too few are laid to learn it from themselves.
 *
 * @param before mean of the first, points
 * @param after mean of the second, points
 * @param reach difference that so many sheets leave to chance, points, one side of 95 %
 * @param found true difference that so many sheets find in eight of ten cases, points: their power
 */
public record ScoreDifference(double before, double after, double reach, double found) {

    /** Both with at least one score. */
    public static ScoreDifference of(List<Double> before, List<Double> after, DecisionRules rules) {
        double variance = 1.0 / before.size() + 1.0 / after.size();
        double reach = rules.reach(variance);
        return new ScoreDifference(mean(before), mean(after), reach, reach + EIGHT_OF_TEN * rules.error(variance));
    }

    /** So many standard errors further off, a true difference is found in eight of ten cases (normal table). */
    private static final double EIGHT_OF_TEN = 0.84;

    /** After minus before, points. */
    public double difference() {
        return after - before;
    }

    /** Whether the second is worse, as far as so many sheets can tell. */
    public boolean worse() {
        return -difference() > reach;
    }

    /** Whether they differ at all, as far as so many sheets can tell. */
    public boolean sure() {
        return Math.abs(difference()) > reach;
    }

    static double mean(List<Double> scores) {
        return scores.stream().mapToDouble(Double::doubleValue).average().orElseThrow();
    }
}
