package barrowmist.server.plan;

import barrowmist.core.check.Checks;
import barrowmist.core.check.FieldProblem;
import barrowmist.core.plan.Aim;
import barrowmist.core.plan.ControlPlan;
import barrowmist.core.plan.ControlStep;
import barrowmist.core.plan.ControlStep.Control;
import barrowmist.core.plan.DropRule;
import barrowmist.core.plan.PlanFigure;
import barrowmist.core.plan.Targets;
import barrowmist.core.plan.Targets.DevelopmentFrom;
import barrowmist.core.plan.Trigger;
import barrowmist.core.plan.thermal.ControlLevels;
import barrowmist.core.roast.EventKind;
import barrowmist.server.roast.MachineSettings;
import barrowmist.server.web.Codes;
import barrowmist.server.web.InputProblems;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A plan as it travels and as it is kept.
 *
 * @param schoolId the school it began with
 * @param targets aims by figure
 * @param greenG batch, g
 * @param chargeC bean probe at charge, °C
 * @param atCharge where the controls stand at charge
 * @param steps how they move
 * @param drop what ends the roast
 * @param templateRoastId the roast whose moves it began with
 */
public record PlanContent(
        @Schema(example = "protocol") String schoolId,

        @Schema(allowableValues = {"first-crack", "dry-end"})
        String developmentFrom,

        Map<String, AimView> targets,
        double greenG,
        double chargeC,
        LevelsView atCharge,
        List<MoveView> steps,
        DropView drop,
        @Nullable Long templateRoastId) {

    private static final int MOST_STEPS = 40;
    private static final double LEAST_CHARGE_C = 80;
    private static final double MOST_CHARGE_C = 300;
    private static final double MOST_RPM = 200;
    private static final double LONGEST_S = 1800;

    /** What a figure is to be. */
    public record AimView(double value, double tolerance) {}

    /** Where the controls stand. */
    public record LevelsView(double gasPct, double airflowPct, double drumRpm) {
        static LevelsView of(ControlLevels l) {
            return new LevelsView(l.gasPct(), l.airflowPct(), l.drumRpm());
        }
    }

    /**
     * When a control is moved.
     *
     * @param timeS for {@code time}: s since charge
     * @param beanC for {@code bean}: rising probe, °C
     * @param event for {@code event}: turning_point, dry_end or first_crack
     * @param afterS for {@code event}: s after it
     */
    public record WhenView(
            @Schema(allowableValues = {"time", "bean", "event"})
            String kind,

            @Nullable Double timeS,
            @Nullable Double beanC,
            @Nullable String event,
            @Nullable Double afterS) {

        static WhenView of(Trigger trigger) {
            if (trigger instanceof Trigger.AtTime at) {
                return new WhenView("time", at.timeS(), null, null, null);
            }
            if (trigger instanceof Trigger.AtBean at) {
                return new WhenView("bean", null, at.beanC(), null, null);
            }
            Trigger.AtEvent at = (Trigger.AtEvent) trigger;
            return new WhenView("event", null, null, at.event().code(), at.afterS());
        }

        private Trigger trigger(String field, List<FieldProblem> problems) {
            Checks checks = new Checks();
            EventKind kindOfEvent =
                    event == null ? null : EventKind.parse(event).orElse(null);
            Trigger trigger = new Trigger.AtTime(0);
            switch (kind == null ? "" : kind) {
                case "time" -> {
                    checks.range(field, "Time of the move", or(timeS), 0, LONGEST_S, "s");
                    trigger = new Trigger.AtTime(or(timeS));
                }
                case "bean" -> {
                    checks.range(field, "Bean temperature of the move", or(beanC), 20, MOST_CHARGE_C, "°C");
                    trigger = new Trigger.AtBean(or(beanC));
                }
                case "event" -> {
                    checks.range(field, "Time after the event", or(afterS), 0, LONGEST_S, "s");
                    if (kindOfEvent == null || !EVENTS.contains(kindOfEvent)) {
                        checks.add(field, "A move follows turning_point, dry_end or first_crack, not " + event);
                        kindOfEvent = EventKind.FIRST_CRACK;
                    }
                    trigger = new Trigger.AtEvent(kindOfEvent, or(afterS));
                }
                default ->
                    checks.add(field, "A move comes at a time, a bean temperature or an event, not \"" + kind + "\"");
            }
            problems.addAll(checks.problems());
            return trigger;
        }
    }

    private static final List<EventKind> EVENTS =
            List.of(EventKind.TURNING_POINT, EventKind.DRY_END, EventKind.FIRST_CRACK);

    /** One move. */
    public record MoveView(
            WhenView when,

            @Schema(allowableValues = {"gas", "air", "drum"})
            String control,

            double value) {
        static MoveView of(ControlStep s) {
            return new MoveView(WhenView.of(s.when()), s.control().name().toLowerCase(Locale.ROOT), s.value());
        }
    }

    /** What ends the roast. */
    public record DropView(
            @Schema(allowableValues = {"bean-c", "total-s", "development-s", "development-pct"})
            String by,

            double value) {
        static DropView of(DropRule d) {
            return new DropView(Codes.of(d.by()), d.value());
        }
    }

    static Map<String, AimView> aims(Targets targets) {
        Map<String, AimView> out = new LinkedHashMap<>();
        for (PlanFigure figure : PlanFigure.values()) {
            Aim aim = targets.aims().get(figure);
            if (aim != null) {
                out.put(figure.field(), new AimView(aim.value(), aim.tolerance()));
            }
        }
        return out;
    }

    static String from(DevelopmentFrom from) {
        return Codes.of(from);
    }

    PlanContent with(double newChargeC, ControlPlan plan) {
        return new PlanContent(
                schoolId,
                developmentFrom,
                targets,
                greenG,
                newChargeC,
                LevelsView.of(plan.atCharge()),
                plan.steps().stream().map(MoveView::of).toList(),
                DropView.of(plan.drop()),
                templateRoastId);
    }

    /** Refuses a plan that this roaster cannot roast, with every problem named. */
    void check(MachineSettings machine) {
        List<FieldProblem> problems = new ArrayList<>(new Checks()
                .range("greenG", "Batch", greenG, machine.batchMinG(), machine.batchMaxG(), "g")
                .range("chargeC", "Charge", chargeC, LEAST_CHARGE_C, MOST_CHARGE_C, "°C")
                .present("atCharge", "Controls at charge", atCharge)
                .present("drop", "Drop", drop)
                .problems());
        InputProblems.refuseIfAny(problems);
        Checks levels = new Checks()
                .range("atCharge", "Gas at charge", atCharge.gasPct, 0, 100, "%")
                .range("atCharge", "Airflow at charge", atCharge.airflowPct, 0, 100, "%")
                .range("atCharge", "Drum speed at charge", atCharge.drumRpm, 1, MOST_RPM, "1/min");
        problems.addAll(levels.problems());
        if (steps != null && steps.size() > MOST_STEPS) {
            problems.add(new FieldProblem("steps", "The plan has " + steps.size() + " moves, at most " + MOST_STEPS));
        }
        aimedAt(problems);
        controls(problems);
        InputProblems.refuseIfAny(problems);
    }

    /** The targets in the core's terms. */
    Targets aimedAt() {
        return aimedAt(new ArrayList<>());
    }

    private Targets aimedAt(List<FieldProblem> problems) {
        Map<PlanFigure, Aim> aims = new EnumMap<>(PlanFigure.class);
        (targets == null ? Map.<String, AimView>of() : targets).forEach((field, aim) -> {
            PlanFigure figure = PlanFigure.parse(field).orElse(null);
            if (figure == null) {
                problems.add(new FieldProblem("targets." + field, field + " is not a figure that can be aimed at"));
            } else if (aim == null || !(aim.tolerance > 0) || !(aim.value >= 0 && aim.value < LONGEST_S)) {
                problems.add(new FieldProblem(
                        "targets." + field,
                        "The target for " + figure.label() + " needs a value of 0 or more and a tolerance above 0"));
            } else {
                aims.put(figure, new Aim(aim.value, aim.tolerance));
            }
        });
        DevelopmentFrom from =
                "dry-end".equals(developmentFrom) ? DevelopmentFrom.DRY_END : DevelopmentFrom.FIRST_CRACK;
        return new Targets(aims, from);
    }

    ControlPlan controls() {
        return controls(new ArrayList<>());
    }

    private ControlPlan controls(List<FieldProblem> problems) {
        List<ControlStep> moves = new ArrayList<>();
        List<MoveView> given = steps == null ? List.of() : steps;
        for (int i = 0; i < given.size(); i++) {
            MoveView step = given.get(i);
            String field = "steps." + i;
            Control control = Arrays.stream(Control.values())
                    .filter(c -> c.name().equalsIgnoreCase(step.control))
                    .findFirst()
                    .orElse(null);
            if (control == null || step.when == null) {
                problems.add(new FieldProblem(field, "A move needs a time and a control: gas, air or drum"));
                continue;
            }
            double most = control == Control.DRUM ? MOST_RPM : 100;
            problems.addAll(new Checks()
                    .range(field, "Move " + (i + 1), step.value, 0, most, control == Control.DRUM ? "1/min" : "%")
                    .problems());
            moves.add(new ControlStep(step.when.trigger(field, problems), control, step.value));
        }
        return new ControlPlan(
                new ControlLevels(atCharge.gasPct, atCharge.airflowPct, atCharge.drumRpm), moves, dropRule(problems));
    }

    private DropRule dropRule(List<FieldProblem> problems) {
        String wanted = drop.by == null ? "" : drop.by.toUpperCase(Locale.ROOT).replace('-', '_');
        DropRule.By by = Arrays.stream(DropRule.By.values())
                .filter(b -> b.name().equals(wanted))
                .findFirst()
                .orElse(null);
        if (by == null) {
            problems.add(new FieldProblem(
                    "drop", "The drop is ruled by bean-c, total-s, development-s or development-pct, not " + drop.by));
            return new DropRule(DropRule.By.BEAN_C, drop.value);
        }
        problems.addAll(new Checks()
                .range("drop", "Drop", drop.value, 1, by == DropRule.By.DEVELOPMENT_PCT ? 60 : LONGEST_S, "")
                .problems());
        return new DropRule(by, drop.value);
    }

    private static double or(@Nullable Double value) {
        return value == null ? Double.NaN : value;
    }
}
