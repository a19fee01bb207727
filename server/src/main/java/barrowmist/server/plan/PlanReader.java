package barrowmist.server.plan;

import barrowmist.core.check.Checks;
import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.plan.Aim;
import barrowmist.core.plan.ControlPlan;
import barrowmist.core.plan.ControlStep;
import barrowmist.core.plan.ControlStep.Control;
import barrowmist.core.plan.DropRule;
import barrowmist.core.plan.PlanLimits;
import barrowmist.core.plan.PlanStart;
import barrowmist.core.plan.Targets;
import barrowmist.core.plan.Targets.DevelopmentFrom;
import barrowmist.core.plan.Trigger;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.KeyFigure;
import barrowmist.server.machine.MachineSettings;
import barrowmist.server.plan.PlanContent.AimView;
import barrowmist.server.plan.PlanContent.DropView;
import barrowmist.server.plan.PlanContent.LevelsView;
import barrowmist.server.plan.PlanContent.MoveView;
import barrowmist.server.plan.PlanContent.OtherDropView;
import barrowmist.server.plan.PlanViews.DropEntry;
import barrowmist.server.web.Codes;
import barrowmist.server.web.InputProblems;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Reads a plan that travelled in the core's terms, and gathers what is wrong with it. */
final class PlanReader {

    private final Checks checks = new Checks();

    /** Refuses a plan that this roaster cannot roast, with every problem named. */
    static void check(PlanContent plan, MachineSettings machine) {
        PlanReader reader = new PlanReader();
        PlanLimits.batch(reader.checks, plan.greenG(), machine.batchMinG(), machine.batchMaxG(), plan.chargeC());
        reader.checks.present("atCharge", "Controls at charge", plan.atCharge()).present("drop", "Drop", plan.drop());
        InputProblems.refuseIfAny(reader.checks.problems());
        reader.targets(plan.targets(), plan.developmentFrom());
        reader.controls(plan);
        InputProblems.refuseIfAny(reader.checks.problems());
    }

    /** What ends a roast of these targets when it is ended by this. */
    static DropView drop(DropEntry entry) {
        PlanReader reader = new PlanReader();
        Targets targets = reader.targets(entry.targets(), entry.developmentFrom());
        Optional<DropRule.By> by = reader.by(entry.by());
        InputProblems.refuseIfAny(reader.checks.problems());
        return DropView.of(PlanStart.drop(by.orElseThrow(), targets));
    }

    Targets targets(@Nullable Map<String, AimView> targets, @Nullable String developmentFrom) {
        Map<KeyFigure, Aim> aims = new EnumMap<>(KeyFigure.class);
        (targets == null ? Map.<String, @Nullable AimView>of() : targets).forEach((field, aim) -> {
            KeyFigure figure = KeyFigure.parse(field).orElse(null);
            if (figure == null) {
                checks.add("targets." + field, field + " is not a figure that can be aimed at");
            } else if (aim == null || !PlanLimits.aim(aim.value(), aim.tolerance())) {
                checks.add(
                        "targets." + field,
                        "The target for " + figure.label() + " needs a value of 0 or more and a tolerance above 0");
            } else {
                PlanLimits.aim(checks, "targets." + field, figure, aim.value());
                aims.put(figure, new Aim(aim.value(), aim.tolerance()));
            }
        });
        return new Targets(
                aims, Codes.parse(DevelopmentFrom.class, developmentFrom).orElse(DevelopmentFrom.FIRST_CRACK));
    }

    ControlPlan controls(PlanContent plan) {
        LevelsView at = plan.atCharge();
        ControlLevels levels = new ControlLevels(at.gasPct(), at.airflowPct(), at.drumRpm());
        PlanLimits.levels(checks, levels);
        List<MoveView> given = plan.steps() == null ? List.of() : plan.steps();
        PlanLimits.count(checks, given.size());
        List<ControlStep> moves = new ArrayList<>();
        for (int i = 0; i < given.size(); i++) {
            move(i, given.get(i)).ifPresent(moves::add);
        }
        return new ControlPlan(levels, moves, drop(plan.drop()));
    }

    private Optional<ControlStep> move(int index, @Nullable MoveView given) {
        String field = "steps." + index;
        Optional<Control> control = given == null ? Optional.empty() : Codes.parse(Control.class, given.control());
        if (given == null || given.when() == null || control.isEmpty()) {
            checks.add(field, "A move needs a time and a control: gas, air or drum");
            return Optional.empty();
        }
        ControlStep move = new ControlStep(trigger(field, given.when()), control.get(), given.value());
        PlanLimits.move(checks, index, move);
        return Optional.of(move);
    }

    private Trigger trigger(String field, WhenView when) {
        switch (when.kind() == null ? "" : when.kind()) {
            case "time":
                return new Trigger.AtTime(or(when.timeS()));
            case "bean":
                return new Trigger.AtBean(or(when.beanC()));
            case "event":
                return new Trigger.AtEvent(followed(field, when.event()), or(when.afterS()));
            case "before":
                return new Trigger.BeforeEvent(foretold(field, when.event()), or(when.beforeS()));
            case "environment-falling", "environment-rising":
                return new Trigger.AtEnvironment(
                        or(when.environmentC()), when.kind().endsWith("falling"));
            case "rate":
                return new Trigger.AtRate(or(when.cPerMin()));
            default:
                checks.add(
                        field,
                        "A move comes at a time, a temperature, a rate of rise or an event, not \"" + when.kind()
                                + "\"");
                return new Trigger.AtTime(0);
        }
    }

    private EventKind foretold(String field, @Nullable String code) {
        EventKind event = followed(field, code);
        if (event == EventKind.TURNING_POINT) {
            checks.add(field, "A move comes before dry_end or first_crack: a turning point is not foretold");
        }
        return event;
    }

    private EventKind followed(String field, @Nullable String code) {
        Optional<EventKind> event = code == null ? Optional.empty() : EventKind.parse(code);
        if (event.filter(PlanLimits.FOLLOWED::contains).isEmpty()) {
            checks.add(field, "A move follows turning_point, dry_end or first_crack, not " + code);
            return EventKind.FIRST_CRACK;
        }
        return event.get();
    }

    private DropRule drop(DropView given) {
        Optional<DropRule.By> by = by(given.by());
        DropRule rule = new DropRule(by.orElse(DropRule.By.BEAN_C), given.value(), other(given));
        if (by.isPresent()) {
            rule.parts().forEach(part -> PlanLimits.drop(checks, part));
        }
        return rule;
    }

    private Optional<DropRule.Other> other(DropView given) {
        OtherDropView other = given.other();
        if (other == null) {
            return Optional.empty();
        }
        if (given.by() != null && given.by().equals(other.by())) {
            checks.add("drop", "The drop is ruled twice by the same: choose two that differ, or one");
        }
        return by(other.by()).map(by -> new DropRule.Other(other.last(), by, other.value()));
    }

    private Optional<DropRule.By> by(@Nullable String code) {
        Optional<DropRule.By> by = Codes.parse(DropRule.By.class, code);
        if (by.isEmpty()) {
            checks.add("drop", "The drop is ruled by bean-c, total-s, development-s or development-pct, not " + code);
        }
        return by;
    }

    private static double or(@Nullable Double value) {
        return value == null ? Double.NaN : value;
    }
}
