package barrowmist.core.plan;

import barrowmist.core.check.Checks;
import barrowmist.core.machine.Abilities;
import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.plan.ControlStep.Control;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.KeyFigure;
import java.util.List;

/** What a plan may ask of a roaster at all. What its model is trusted with is narrower. */
public final class PlanLimits {

    /** Events that a move can follow. */
    public static final List<EventKind> FOLLOWED =
            List.of(EventKind.TURNING_POINT, EventKind.DRY_END, EventKind.FIRST_CRACK);

    private static final int MOST_STEPS = 40;
    private static final double LEAST_CHARGE_C = 80;
    private static final double HOTTEST_C = 300;
    private static final double HOTTEST_AIR_C = 600;
    private static final double LEAST_MOVE_C = 20;
    private static final double HIGHEST_PCT = 100;
    private static final double LONGEST_S = 1800;
    private static final double MOST_DEVELOPMENT_PCT = 60;
    private static final double MOST_OVER_CRACK_C = 60;
    private static final double MOST_BEFORE_S = 180;
    private static final double MOST_C_PER_MIN = 40;

    private PlanLimits() {}

    /** The batch, g, between what the roaster takes, and the charge, °C. */
    public static void batch(Checks checks, double greenG, double leastG, double mostG, double chargeC) {
        checks.range("greenG", "Batch", greenG, leastG, mostG, "g")
                .range("chargeC", "Charge", chargeC, LEAST_CHARGE_C, HOTTEST_C, "°C");
    }

    /** Where the controls stand at charge. */
    public static void levels(Checks checks, ControlLevels atCharge) {
        checks.range("atCharge", "Gas at charge", atCharge.gasPct(), 0, HIGHEST_PCT, "%")
                .range("atCharge", "Airflow at charge", atCharge.airflowPct(), 0, HIGHEST_PCT, "%")
                .range("atCharge", "Drum speed at charge", atCharge.drumRpm(), 1, Abilities.MOST_RPM, "1/min");
    }

    /** How many moves there are. */
    public static void count(Checks checks, int moves) {
        if (moves > MOST_STEPS) {
            checks.add("steps", "The plan has " + moves + " moves, at most " + MOST_STEPS);
        }
    }

    /** One move, the {@code index}th from 0. */
    public static void move(Checks checks, int index, ControlStep move) {
        String field = "steps." + index;
        boolean drum = move.control() == Control.DRUM;
        checks.range(
                field,
                "Move " + (index + 1),
                move.value(),
                0,
                drum ? Abilities.MOST_RPM : HIGHEST_PCT,
                drum ? "1/min" : "%");
        if (move.when() instanceof Trigger.AtTime at) {
            checks.range(field, "Time of the move", at.timeS(), 0, LONGEST_S, "s");
        } else if (move.when() instanceof Trigger.AtBean at) {
            checks.range(field, "Bean temperature of the move", at.beanC(), LEAST_MOVE_C, HOTTEST_C, "°C");
        } else if (move.when() instanceof Trigger.AtEvent at) {
            checks.range(field, "Time after the event", at.afterS(), 0, LONGEST_S, "s");
        } else if (move.when() instanceof Trigger.AtEnvironment at) {
            checks.range(
                    field, "Environment temperature of the move", at.environmentC(), LEAST_MOVE_C, HOTTEST_C, "°C");
        } else if (move.when() instanceof Trigger.BeforeEvent before) {
            checks.range(field, "Time before the event", before.beforeS(), 1, MOST_BEFORE_S, "s");
        } else if (move.when() instanceof Trigger.AtRate at) {
            checks.range(field, "Rate of rise of the move", at.cPerMin(), 0, MOST_C_PER_MIN, "°C/min");
        }
    }

    /** What ends the roast. */
    public static void drop(Checks checks, DropRule drop) {
        switch (drop.by()) {
            case BEAN_C -> checks.range("drop", "Drop", drop.value(), LEAST_CHARGE_C, HOTTEST_C, "°C");
            case DEVELOPMENT_PCT -> checks.range("drop", "Drop", drop.value(), 1, MOST_DEVELOPMENT_PCT, "%");
            case OVER_CRACK_C -> checks.range("drop", "Drop", drop.value(), 1, MOST_OVER_CRACK_C, "°C");
            default -> checks.range("drop", "Drop", drop.value(), 1, LONGEST_S, "s");
        }
    }

    /** What a figure may be aimed at, in its unit. */
    public static void aim(Checks checks, String field, KeyFigure figure, double value) {
        String label = "The target for " + figure.label();
        switch (figure.unit()) {
            case SECONDS -> checks.range(field, label, value, 0, LONGEST_S, "s");
            case CELSIUS ->
                checks.range(
                        field,
                        label,
                        value,
                        0,
                        figure == KeyFigure.ENVIRONMENT_DROP_C ? HOTTEST_AIR_C : HOTTEST_C,
                        "°C");
            case PERCENT -> checks.range(field, label, value, 0, HIGHEST_PCT, "%");
            case CELSIUS_PER_MINUTE -> checks.range(field, label, value, 0, MOST_C_PER_MIN, "°C/min");
        }
    }

    /** Whether a figure can be aimed at so: a value of 0 or more, with a tolerance. */
    public static boolean aim(double value, double tolerance) {
        return tolerance > 0 && value >= 0 && value < LONGEST_S;
    }
}
