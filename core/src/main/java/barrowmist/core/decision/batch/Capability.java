package barrowmist.core.decision.batch;

import barrowmist.core.plan.Aim;
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
    private static final double NEVER = 100_000;

    static Capability of(BatchFigure figure, ControlLimits limits, Aim aim) {
        double above = (aim.most() - limits.centre()) / limits.sigma();
        double below = (limits.centre() - aim.least()) / limits.sigma();
        NormalDistribution normal = new NormalDistribution();
        double misses = normal.cumulativeProbability(-above) + normal.cumulativeProbability(-below);
        double ratio = Math.min(above, below) / SPREADS;
        double oneIn = Math.min(NEVER, 1 / Math.max(misses, 1 / NEVER));
        return new Capability(ratio, oneIn, text(figure, ratio, oneIn, limits, aim));
    }

    private static String text(BatchFigure figure, double ratio, double oneIn, ControlLimits limits, Aim aim) {
        if (ratio >= ROOM) {
            return "Holds its tolerance with room to spare.";
        }
        String off = String.format(
                Locale.ROOT,
                "%.1f %s %s its target",
                Math.abs(limits.centre() - aim.value()),
                figure.unit(),
                limits.centre() > aim.value() ? "above" : "below");
        boolean beside = Math.abs(limits.centre() - aim.value()) > limits.sigma();
        String why = beside ? "It lies " + off : "It spreads";
        if (ratio >= JUST) {
            return "Just holds its tolerance. " + why + ": about 1 batch in " + round(oneIn) + " would miss it.";
        }
        return "Does not hold its tolerance. " + why + ": about 1 batch in " + round(oneIn) + " misses it.";
    }

    private static String round(double oneIn) {
        return String.format(Locale.ROOT, oneIn < 10 ? "%.1f" : "%.0f", oneIn);
    }
}
