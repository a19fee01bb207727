package barrowmist.core.decision.batch;

import barrowmist.core.plan.Aim;
import barrowmist.core.trace.Pattern;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;

/**
 * What every batch is held to: a target and a tolerance for each figure.
 *
 * @param aims by figure; what is left out is not asked for
 */
public record Profile(Map<BatchFigure, Aim> aims) {

    /** So many batches of a day are tasted beside the approved roast (common practice, no published source). */
    public static final int TASTED_OF_A_DAY = 3;

    public Profile {
        EnumMap<BatchFigure, Aim> ordered = new EnumMap<>(BatchFigure.class);
        ordered.putAll(aims);
        aims = ordered;
    }

    /**
     * One figure of a batch.
     *
     * @param value empty where it was not measured
     * @param off value minus target; empty likewise
     * @param within the tolerance; what was not measured is not within
     */
    public record Held(BatchFigure figure, Aim aim, OptionalDouble value, OptionalDouble off, boolean within) {}

    /** Each figure that is asked for, in its own order. */
    public List<Held> of(Batch batch) {
        List<Held> out = new ArrayList<>();
        aims.forEach((figure, aim) -> {
            OptionalDouble value = figure.of(batch);
            OptionalDouble off =
                    value.isPresent() ? OptionalDouble.of(value.getAsDouble() - aim.value()) : OptionalDouble.empty();
            out.add(new Held(figure, aim, value, off, value.isPresent() && aim.reachedBy(value.getAsDouble())));
        });
        return out;
    }

    /** The aim, no wider than up to where this lab has learned that a cup tastes of something. */
    public static Aim asTheCupAllows(BatchFigure figure, Aim aim, List<Pattern> learned) {
        double tolerance = aim.tolerance();
        for (Pattern p : learned) {
            double room = p.above() ? p.threshold() - aim.value() : aim.value() - p.threshold();
            if (p.metric().equals(figure.code()) && room > 0) {
                tolerance = Math.min(tolerance, room);
            }
        }
        return new Aim(aim.value(), tolerance);
    }

    /** A figure is called by what lies outside, and by a drift. */
    private static final int RULES = 2;

    /**
     * A control chart of each figure that is asked for. The limits share out the false calls: with so many rules and figures, each
     * may call so seldom that all of them together call no more often (Bonferroni's bound; figures that move together call less).
     *
     * @param falseCalls share of batches that may be called though nothing changed, above 0
     * @param further whether runs and trends are signals too; their calls come on top
     */
    public List<ControlChart> charts(List<Batch> batches, double falseCalls, boolean further) {
        double each = falseCalls / RULES / Math.max(1, aims.size());
        return aims.keySet().stream()
                .map(f -> ControlChart.of(f, batches, each, further))
                .toList();
    }
}
