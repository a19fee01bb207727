package barrowmist.server.plan;

import barrowmist.core.check.Checks;
import barrowmist.core.plan.Aim;
import barrowmist.core.plan.ControlPlan;
import barrowmist.core.plan.ControlStep;
import barrowmist.core.plan.DropRule;
import barrowmist.core.plan.PlanLimits;
import barrowmist.core.plan.PlanStart;
import barrowmist.core.plan.Targets;
import barrowmist.core.plan.Targets.DevelopmentFrom;
import barrowmist.core.plan.Trigger;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.KeyFigure;
import barrowmist.server.machine.MachineSettings;
import barrowmist.server.plan.PlanContent.MoveView;
import barrowmist.server.plan.PlanViews.DropEntry;
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
    static DropRule drop(DropEntry entry) {
        PlanReader reader = new PlanReader();
        Targets targets = reader.targets(entry.targets(), entry.developmentFrom());
        reader.checks.chosen("by", DropRule.By.class, entry.by());
        InputProblems.refuseIfAny(reader.checks.problems());
        return PlanStart.drop(entry.by(), targets);
    }

    Targets targets(@Nullable Map<KeyFigure, Aim> targets, @Nullable DevelopmentFrom developmentFrom) {
        Map<KeyFigure, Aim> aims = new EnumMap<>(KeyFigure.class);
        (targets == null ? Map.<KeyFigure, @Nullable Aim>of() : targets).forEach((figure, aim) -> {
            String field = "targets." + figure.code();
            if (aim == null || !PlanLimits.aim(aim.value(), aim.tolerance())) {
                checks.add(
                        field,
                        "The target for " + figure.label() + " needs a value of 0 or more and a tolerance above 0");
            } else {
                PlanLimits.aim(checks, field, figure, aim.value());
                aims.put(figure, aim);
            }
        });
        return new Targets(aims, developmentFrom == null ? DevelopmentFrom.FIRST_CRACK : developmentFrom);
    }

    ControlPlan controls(PlanContent plan) {
        PlanLimits.levels(checks, plan.atCharge());
        List<MoveView> given = plan.steps() == null ? List.of() : plan.steps();
        PlanLimits.count(checks, given.size());
        List<ControlStep> moves = new ArrayList<>();
        for (int i = 0; i < given.size(); i++) {
            move(i, given.get(i)).ifPresent(moves::add);
        }
        check(plan.drop());
        return new ControlPlan(plan.atCharge(), moves, plan.drop());
    }

    private Optional<ControlStep> move(int index, @Nullable MoveView given) {
        String field = "steps." + index;
        if (given == null || given.when() == null || given.control() == null) {
            checks.add(field, "A move needs a time and a control: gas, air or drum");
            return Optional.empty();
        }
        ControlStep move = new ControlStep(trigger(field, given.when()), given.control(), given.value());
        PlanLimits.move(checks, index, move);
        return Optional.of(move);
    }

    private Trigger trigger(String field, WhenView when) {
        if (when.kind() == null) {
            checks.add(field, "A move comes at a time, a temperature, a rate of rise or an event");
            return new Trigger.AtTime(0);
        }
        return switch (when.kind()) {
            case TIME -> new Trigger.AtTime(or(when.timeS()));
            case BEAN -> new Trigger.AtBean(or(when.beanC()));
            case EVENT -> new Trigger.AtEvent(followed(field, when.event()), or(when.afterS()));
            case BEFORE -> new Trigger.BeforeEvent(foretold(field, when.event()), or(when.beforeS()));
            case ENVIRONMENT_FALLING -> new Trigger.AtEnvironment(or(when.environmentC()), true);
            case ENVIRONMENT_RISING -> new Trigger.AtEnvironment(or(when.environmentC()), false);
            case RATE -> new Trigger.AtRate(or(when.cPerMin()));
        };
    }

    private EventKind foretold(String field, @Nullable EventKind kind) {
        EventKind event = followed(field, kind);
        if (event == EventKind.TURNING_POINT) {
            checks.add(field, "A move comes before dry_end or first_crack: a turning point is not foretold");
        }
        return event;
    }

    private EventKind followed(String field, @Nullable EventKind event) {
        if (event == null || !PlanLimits.FOLLOWED.contains(event)) {
            checks.add(
                    field,
                    "A move follows turning_point, dry_end or first_crack, not " + (event == null ? "" : event.code()));
            return EventKind.FIRST_CRACK;
        }
        return event;
    }

    private void check(DropRule drop) {
        DropRule.By also = drop.other().map(DropRule.Other::by).orElse(null);
        checks.chosen("drop", DropRule.By.class, drop.by());
        if (drop.other().isPresent()) {
            checks.chosen("drop", DropRule.By.class, also);
        }
        if (also != null && also == drop.by()) {
            checks.add("drop", "The drop is ruled twice by the same: choose two that differ, or one");
        }
        drop.parts().stream().filter(p -> p.by() != null).forEach(part -> PlanLimits.drop(checks, part));
    }

    private static double or(@Nullable Double value) {
        return value == null ? Double.NaN : value;
    }
}
