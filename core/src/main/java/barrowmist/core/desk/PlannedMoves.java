package barrowmist.core.desk;

import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.plan.ControlStep;
import barrowmist.core.plan.Trigger;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.RoastEvents;
import barrowmist.core.roast.Series;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** The control moves of a plan while its roast is under way: which are made, which is next, and when. Mutable. */
public final class PlannedMoves {

    /** A control stands where it was to go when it is this near, % or 1/min (house default). */
    private static final double NEAR = 1.5;

    /** A move made so long before its time is that move already, s (house default). */
    private static final double EARLY_S = 30;

    /** A move that is so late is taken to be left out on purpose, s (house default). */
    private static final double FORGOTTEN_S = 60;

    private final List<ControlStep> waiting;
    private @Nullable ControlStep head;
    private double headDueS = Double.POSITIVE_INFINITY;

    /**
     * The next move.
     *
     * @param inS s until it is due; negative when it is late; empty when its trigger cannot be foreseen
     */
    public record Next(ControlStep step, OptionalDouble inS) {}

    PlannedMoves(List<ControlStep> steps) {
        waiting = new ArrayList<>(steps);
    }

    /** Moves that are still to be made. */
    public List<ControlStep> waiting() {
        return List.copyOf(waiting);
    }

    /**
     * Drops what was made or is forgotten, and says what comes next.
     *
     * @param expected events as they were called, else as they are expected
     * @param ahead the bean probe as it is expected to go on; empty without a model
     */
    Optional<Next> next(double nowS, double beanC, ControlLevels levels, RoastEvents expected, Series ahead) {
        while (!waiting.isEmpty()) {
            ControlStep step = soonest(nowS, beanC, expected, ahead);
            OptionalDouble due = dueS(step.when(), nowS, beanC, expected, ahead);
            if (step != head) {
                head = step;
                headDueS = Double.POSITIVE_INFINITY;
            }
            // a trigger that has come stays where it came
            headDueS = Math.min(headDueS, due.isPresent() && due.getAsDouble() <= nowS ? due.getAsDouble() : headDueS);
            double inS = Double.isFinite(headDueS)
                    ? headDueS - nowS
                    : due.isPresent() ? due.getAsDouble() - nowS : Double.POSITIVE_INFINITY;
            boolean made = Math.abs(step.control().of(levels) - step.value()) <= NEAR && inS <= EARLY_S;
            if (!made && inS > -FORGOTTEN_S) {
                return Optional.of(
                        new Next(step, Double.isFinite(inS) ? OptionalDouble.of(inS) : OptionalDouble.empty()));
            }
            waiting.remove(step);
        }
        return Optional.empty();
    }

    /** Leaves a move out. */
    void leaveOut(ControlStep step) {
        waiting.remove(step);
    }

    private ControlStep soonest(double nowS, double beanC, RoastEvents expected, Series ahead) {
        ControlStep best = waiting.get(0);
        double bestS = Double.POSITIVE_INFINITY;
        for (ControlStep step : waiting) {
            double due = dueS(step.when(), nowS, beanC, expected, ahead).orElse(Double.POSITIVE_INFINITY);
            if (due < bestS) {
                best = step;
                bestS = due;
            }
        }
        return best;
    }

    private static OptionalDouble dueS(Trigger when, double nowS, double beanC, RoastEvents expected, Series ahead) {
        if (when instanceof Trigger.AtTime at) {
            return OptionalDouble.of(at.timeS());
        }
        if (when instanceof Trigger.AtEvent at) {
            OptionalDouble event = expected.timeS(at.event());
            return event.isPresent() ? OptionalDouble.of(event.getAsDouble() + at.afterS()) : event;
        }
        double level = ((Trigger.AtBean) when).beanC();
        boolean rising = expected.find(EventKind.TURNING_POINT).isPresent();
        if (rising && beanC >= level) {
            return OptionalDouble.of(nowS);
        }
        return ahead.risesTo(level, Double.NEGATIVE_INFINITY);
    }
}
