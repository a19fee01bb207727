package barrowmist.core.decision.batch;

import barrowmist.core.plan.Aim;
import barrowmist.core.units.Wording;
import java.util.Locale;
import org.hipparchus.distribution.continuous.NormalDistribution;

/**
 * How well a figure holds its tolerance, said in words.
 *
 * @param ratio room between the mean and the nearer side of the tolerance, in three standard deviations (Cpk)
 * @param missesOneIn one batch of how many misses its tolerance by the usual spread alone
 * @param text a sentence
 */
public record Capability(double ratio, double missesOneIn, String text) {

    private static final double SPREADS = 3;

    /** From here on there is room to spare (common practice: 1.33). */
    private static final double ROOM = 1.33;

    private static final double JUST = 1;
    private static final double SOMETIMES = 0.67;
    private static final double NEARLY_ALL = 1.5;
    private static final double NEVER = 100_000;

    static Capability of(BatchFigure figure, ControlLimits limits, Aim aim, Wording wording) {
        double above = (aim.most() - limits.centre()) / limits.sigma();
        double below = (limits.centre() - aim.least()) / limits.sigma();
        NormalDistribution normal = new NormalDistribution();
        double misses = normal.cumulativeProbability(-above) + normal.cumulativeProbability(-below);
        double ratio = Math.min(above, below) / SPREADS;
        double oneIn = Math.min(NEVER, 1 / Math.max(misses, 1 / NEVER));
        return new Capability(ratio, oneIn, text(figure, ratio, oneIn, limits, aim, wording));
    }

    /** What a chart says of its figure: how well the tolerance is held, and what its limits come from. */
    public static String said(ControlChart chart, Aim aim, Wording wording) {
        if (chart.limits().isEmpty()) {
            return chart.points().size() < ControlLimits.FEWEST
                    ? "Limits come with " + ControlLimits.FEWEST + " batches; there are "
                            + chart.points().size() + "."
                    : "All values are the same: there is no spread to make limits of.";
        }
        ControlLimits l = chart.limits().get();
        String drifted = chart.driftsNow().isEmpty() ? "" : drifted(chart, l, wording);
        String chance = String.format(
                Locale.ROOT, "Limits from %d batches, %.1f standard deviations either side.", l.n(), l.spreads());
        return of(chart.figure(), l, aim, wording).text() + " " + drifted + chance;
    }

    private static String drifted(ControlChart chart, ControlLimits l, Wording wording) {
        double mean = chart.points().get(chart.points().size() - 1).mean();
        return "Since then it has drifted: the weighted mean lies %s %s. "
                .formatted(
                        chart.figure().apart(Math.abs(mean - l.centre()), wording),
                        mean > l.centre() ? "higher" : "lower");
    }

    private static String text(
            BatchFigure figure, double ratio, double oneIn, ControlLimits limits, Aim aim, Wording wording) {
        if (ratio >= ROOM) {
            return "Holds its tolerance with room to spare.";
        }
        String off = figure.apart(Math.abs(limits.centre() - aim.value()), wording)
                + (limits.centre() > aim.value() ? " above its target" : " below its target");
        boolean beside = Math.abs(limits.centre() - aim.value()) > limits.sigma();
        String why = beside ? "It lies " + off : "It spreads";
        if (ratio >= JUST) {
            return "Just holds its tolerance. " + why + ": about 1 batch in " + round(oneIn) + " would miss it.";
        }
        String misses = oneIn < NEARLY_ALL
                ? "nearly every batch misses it."
                : "about 1 batch in " + round(oneIn) + " misses it.";
        return (ratio >= SOMETIMES ? "Misses its tolerance now and then. " : "Does not hold its tolerance. ") + why
                + ": " + misses;
    }

    private static String round(double oneIn) {
        return String.format(Locale.ROOT, oneIn < 10 ? "%.1f" : "%.0f", oneIn);
    }
}
