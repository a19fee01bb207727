package barrowmist.core.desk;

import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.plan.ControlStep;
import barrowmist.core.plan.Trigger;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.RoastEvents;
import barrowmist.core.roast.RoastLog;
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

    /**
     * What is seen at one moment.
     *
     * @param timeS s since charge
     * @param beanC bean probe, °C
     * @param environmentC environment probe, °C; empty when it does not answer
     * @param rate rate of rise, °C/min; empty before it has a meaning
     * @param falls whether the rate is past its peak
     * @param expected events as they were called, else as they are expected
     * @param ahead the probes as they are expected to go on; empty series without a model
     */
    record Seen(
            double timeS,
            double beanC,
            OptionalDouble environmentC,
            OptionalDouble rate,
            boolean falls,
            RoastEvents expected,
            RoastLog ahead) {}

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
     * @param levels where the controls stand
     */
    Optional<Next> next(Seen now, ControlLevels levels) {
        while (!waiting.isEmpty()) {
            ControlStep step = soonest(now);
            OptionalDouble due = dueS(step.when(), now);
            if (step != head) {
                head = step;
                headDueS = Double.POSITIVE_INFINITY;
            }
            // a trigger that has come stays where it came
            headDueS = Math.min(
                    headDueS, due.isPresent() && due.getAsDouble() <= now.timeS ? due.getAsDouble() : headDueS);
            double inS = Double.isFinite(headDueS)
                    ? headDueS - now.timeS
                    : due.isPresent() ? due.getAsDouble() - now.timeS : Double.POSITIVE_INFINITY;
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

    private ControlStep soonest(Seen now) {
        ControlStep best = waiting.get(0);
        double bestS = Double.POSITIVE_INFINITY;
        for (ControlStep step : waiting) {
            double due = dueS(step.when(), now).orElse(Double.POSITIVE_INFINITY);
            if (due < bestS) {
                best = step;
                bestS = due;
            }
        }
        return best;
    }

    private static OptionalDouble dueS(Trigger when, Seen now) {
        if (when instanceof Trigger.AtTime at) {
            return OptionalDouble.of(at.timeS());
        }
        if (when instanceof Trigger.AtEvent at) {
            return later(now.expected.timeS(at.event()), at.afterS());
        }
        if (when instanceof Trigger.BeforeEvent before) {
            return later(now.expected.timeS(before.event()), -before.beforeS());
        }
        if (when instanceof Trigger.AtEnvironment at) {
            return environment(at, now);
        }
        boolean rising = now.expected.find(EventKind.TURNING_POINT).isPresent();
        if (when instanceof Trigger.AtRate at) {
            boolean here = rising && now.falls && now.rate.orElse(Double.POSITIVE_INFINITY) <= at.cPerMin();
            return here ? OptionalDouble.of(now.timeS) : OptionalDouble.empty();
        }
        double level = ((Trigger.AtBean) when).beanC();
        if (rising && now.beanC >= level) {
            return OptionalDouble.of(now.timeS);
        }
        return now.ahead.beanC().risesTo(level, Double.NEGATIVE_INFINITY);
    }

    private static OptionalDouble later(OptionalDouble atS, double byS) {
        return atS.isPresent() ? OptionalDouble.of(atS.getAsDouble() + byS) : atS;
    }

    private static OptionalDouble environment(Trigger.AtEnvironment at, Seen now) {
        boolean rising = now.expected.find(EventKind.TURNING_POINT).isPresent();
        double here = now.environmentC.orElse(Double.NaN);
        boolean there = at.falling() ? here <= at.environmentC() : rising && here >= at.environmentC();
        if (there) {
            return OptionalDouble.of(now.timeS);
        }
        return at.falling() ? OptionalDouble.empty() : now.ahead.environmentC().risesTo(at.environmentC(), now.timeS);
    }
}
