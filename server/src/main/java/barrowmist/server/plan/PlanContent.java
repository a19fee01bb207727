package barrowmist.server.plan;

import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.plan.Aim;
import barrowmist.core.plan.ControlPlan;
import barrowmist.core.plan.ControlStep;
import barrowmist.core.plan.DropRule;
import barrowmist.core.plan.Finder;
import barrowmist.core.plan.PlanStart;
import barrowmist.core.plan.Targets;
import barrowmist.core.plan.Targets.DevelopmentFrom;
import barrowmist.core.plan.Translator;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.RoastAim;
import barrowmist.server.machine.MachineSettings;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.EnumMap;
import java.util.List;
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
 * @param aim what the roast is made for; a sample by the protocol when it is left out
 * @param changed the one thing in which it differs from an earlier roast; left out when it was not made from a trace
 */
public record PlanContent(
        @Schema(example = "protocol") String schoolId,

        DevelopmentFrom developmentFrom,
        Map<KeyFigure, Aim> targets,
        double greenG,
        double chargeC,
        ControlLevels atCharge,
        List<MoveView> steps,
        DropRule drop,
        @Nullable Long templateRoastId,
        @Nullable RoastAim aim,
        @Nullable ChangedView changed) {

    /** One move. */
    public record MoveView(WhenView when, ControlStep.Control control, double value) {

        static MoveView of(ControlStep s) {
            return new MoveView(WhenView.of(s.when()), s.control(), s.value());
        }
    }

    /** In the order of the figures. */
    static Map<KeyFigure, Aim> aims(Targets targets) {
        return targets.aims().isEmpty() ? Map.of() : new EnumMap<>(targets.aims());
    }

    static Map<KeyFigure, Aim> firstAims() {
        Map<KeyFigure, Aim> out = new EnumMap<>(KeyFigure.class);
        for (KeyFigure figure : KeyFigure.values()) {
            out.put(figure, PlanStart.aim(figure));
        }
        return out;
    }

    /** The same with another batch, charge and moves, changed in one thing from an earlier roast. */
    PlanContent changedFrom(
            double newGreenG,
            double newChargeC,
            ControlPlan plan,
            @Nullable Long fromRoastId,
            @Nullable ChangedView what) {
        return new PlanContent(
                schoolId,
                developmentFrom,
                targets,
                newGreenG,
                newChargeC,
                plan.atCharge(),
                plan.steps().stream().map(MoveView::of).toList(),
                plan.drop(),
                fromRoastId,
                aim,
                what);
    }

    PlanContent with(double newChargeC, ControlPlan plan) {
        return changedFrom(greenG, newChargeC, plan, templateRoastId, changed);
    }

    /** This plan as it is on another roaster: its own aims, charge and moves; all else as it was. */
    PlanContent carried(Translator.Translated there, double newGreenG) {
        Finder.Found found = there.found();
        return new PlanContent(
                        schoolId,
                        there.targets().developmentFrom(),
                        aims(there.targets()),
                        newGreenG,
                        found.batch().chargeC(),
                        atCharge,
                        steps,
                        drop,
                        templateRoastId,
                        aim,
                        null)
                .with(found.batch().chargeC(), found.plan());
    }

    /** Refuses a plan that this roaster cannot roast, with every problem named. */
    void check(MachineSettings machine) {
        PlanReader.check(this, machine);
    }

    /** The targets in the core's terms. */
    public Targets aimedAt() {
        return new PlanReader().targets(targets, developmentFrom).madeFor(made(aim));
    }

    private static RoastAim made(@Nullable RoastAim aim) {
        return aim == null ? RoastAim.PROTOCOL_SAMPLE : aim;
    }

    /** The targets of a style in the core's terms; they were checked when it was kept. */
    static Targets aimedAt(Map<KeyFigure, Aim> targets, @Nullable DevelopmentFrom developmentFrom) {
        return new PlanReader().targets(targets, developmentFrom);
    }

    /** The moves in the core's terms. */
    public ControlPlan controls() {
        return new PlanReader().controls(this);
    }
}
