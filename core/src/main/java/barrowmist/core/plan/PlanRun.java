package barrowmist.core.plan;

import barrowmist.core.machine.EventTemperatures;
import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.machine.thermal.Controls;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.RoastEvents;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/** Moves the controls of one roast as planned, and knows when its events come. For one run only. */
public final class PlanRun implements Controls {

    private final EventTemperatures events;
    private static final double SECONDS = 60;

    private final DropRule drop;
    private final List<ControlStep> waiting;
    private ControlLevels levels;
    private double lastC = Double.POSITIVE_INFINITY;
    private boolean rising;
    private double turnS = Double.POSITIVE_INFINITY;
    private double dryS = Double.POSITIVE_INFINITY;
    private double crackS = Double.POSITIVE_INFINITY;
    private double crackC = Double.NaN;
    private double environmentC = Double.NaN;
    private double lastS = Double.NEGATIVE_INFINITY;
    private double perS = Double.NaN;
    private double highestPerS = Double.NEGATIVE_INFINITY;

    public PlanRun(ControlPlan plan, EventTemperatures events) {
        this.events = events;
        this.drop = plan.drop();
        this.waiting = new ArrayList<>(plan.steps());
        this.levels = plan.atCharge();
    }

    /**
     * The rest of a plan while its roast is under way.
     *
     * @param waiting moves that are still to be made
     * @param levels where the controls stand now
     * @param called events that were called, s since charge; the turning point among them once it is known
     * @param calledCrackC bean probe where first crack was called, °C; empty before
     */
    public PlanRun(
            DropRule drop,
            EventTemperatures events,
            List<ControlStep> waiting,
            ControlLevels levels,
            RoastEvents called,
            OptionalDouble calledCrackC) {
        this.events = events;
        this.drop = drop;
        this.waiting = new ArrayList<>(waiting);
        this.levels = levels;
        this.rising = called.find(EventKind.TURNING_POINT).isPresent();
        this.turnS = called.timeS(EventKind.TURNING_POINT).orElse(turnS);
        this.dryS = called.timeS(EventKind.DRY_END).orElse(dryS);
        this.crackS = called.timeS(EventKind.FIRST_CRACK).orElse(crackS);
        this.crackC = Double.isFinite(crackS) ? calledCrackC.orElse(events.firstCrackC()) : crackC;
    }

    @Override
    public ControlLevels at(double timeS, double probeC) {
        return at(timeS, probeC, Double.NaN);
    }

    @Override
    public ControlLevels at(double timeS, double probeC, double nowEnvironmentC) {
        environmentC = nowEnvironmentC;
        notice(timeS, probeC);
        for (var steps = waiting.iterator(); steps.hasNext(); ) {
            ControlStep step = steps.next();
            if (due(step.when(), timeS, probeC)) {
                levels = step.applied(levels);
                steps.remove();
            }
        }
        return levels;
    }

    private void notice(double timeS, double probeC) {
        perS = timeS > lastS ? (probeC - lastC) / (timeS - lastS) : perS;
        highestPerS = rising ? Math.max(highestPerS, perS) : highestPerS;
        lastS = timeS;
        if (!rising && probeC > lastC) {
            rising = true;
            turnS = timeS;
        }
        lastC = probeC;
        dryS = rising && Double.isInfinite(dryS) && probeC >= events.dryEndC() ? timeS : dryS;
        if (rising && Double.isInfinite(crackS) && probeC >= events.firstCrackC()) {
            crackS = timeS;
            crackC = probeC;
        }
    }

    private boolean due(Trigger when, double timeS, double probeC) {
        if (when instanceof Trigger.AtTime at) {
            return timeS >= at.timeS();
        }
        if (when instanceof Trigger.AtBean at) {
            return rising && probeC >= at.beanC();
        }
        if (when instanceof Trigger.AtEnvironment at) {
            return at.falling() ? environmentC <= at.environmentC() : rising && environmentC >= at.environmentC();
        }
        if (when instanceof Trigger.BeforeEvent before) {
            double level = before.event() == EventKind.DRY_END ? events.dryEndC() : events.firstCrackC();
            return rising && perS > 0 && probeC + perS * before.beforeS() >= level;
        }
        if (when instanceof Trigger.AtRate at) {
            return rising && perS < highestPerS && SECONDS * perS <= at.cPerMin();
        }
        Trigger.AtEvent at = (Trigger.AtEvent) when;
        return timeS - eventS(at.event()) >= at.afterS();
    }

    /** Whether the plan drops here. */
    public boolean dropped(double timeS, double probeC) {
        return drop.reached(timeS, probeC, crackS, crackC, rising);
    }

    private double eventS(EventKind kind) {
        return switch (kind) {
            case CHARGE -> 0;
            case TURNING_POINT -> turnS;
            case DRY_END -> dryS;
            case FIRST_CRACK -> crackS;
            default -> Double.POSITIVE_INFINITY;
        };
    }

    /** Steps that never came to be due. */
    public List<ControlStep> waiting() {
        return List.copyOf(waiting);
    }
}
