package barrowmist.core.decision;

import java.util.List;
import java.util.Locale;

/**
 * A blend as it was scored beside its parts at one table.
 *
 * @param scored mean of its sheets, points
 * @param expected the parts' means by their shares, points
 * @param reach difference that so many sheets leave to chance, points, one side of 95 %
 * @param sheets of the blend
 */
public record BlendTrial(double scored, double expected, double reach, int sheets) {

    /** A part: its share of the blend, per cent, and its sheets at that table, at least one. */
    public record Scored(double share, List<Double> scores) {}

    /**
     * @param blend scores of the blend, at least one
     * @param parts whose shares come to about 100
     */
    public static BlendTrial of(List<Double> blend, List<Scored> parts, DecisionRules rules) {
        double whole = parts.stream().mapToDouble(Scored::share).sum();
        double expected = 0;
        double variance = 1.0 / blend.size();
        for (Scored p : parts) {
            double share = p.share() / whole;
            expected += share * ScoreDifference.mean(p.scores());
            variance += share * share / p.scores().size();
        }
        return new BlendTrial(ScoreDifference.mean(blend), expected, rules.reach(variance), blend.size());
    }

    /** A sentence. */
    public String text() {
        double more = scored - expected;
        String said = Math.abs(more) <= reach
                ? "as its parts suggest, as far as so few sheets can tell"
                : more > 0 ? "more than its parts suggest" : "less than its parts suggest";
        return String.format(
                Locale.ROOT,
                "%.2f on %d %s, %.2f of its parts at the same table: %s.",
                scored,
                sheets,
                sheets == 1 ? "sheet" : "sheets",
                expected,
                said);
    }
}
