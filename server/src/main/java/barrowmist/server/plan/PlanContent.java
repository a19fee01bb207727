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
import barrowmist.server.web.Codes;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
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

        @Schema(allowableValues = {"first-crack", "dry-end"})
        String developmentFrom,

        Map<String, AimView> targets,
        double greenG,
        double chargeC,
        LevelsView atCharge,
        List<MoveView> steps,
        DropView drop,
        @Nullable Long templateRoastId,
        @Nullable String aim,
        @Nullable ChangedView changed) {

    /** What a figure is to be. */
    public record AimView(double value, double tolerance) {}

    /** Where the controls stand. */
    public record LevelsView(double gasPct, double airflowPct, double drumRpm) {
        static LevelsView of(ControlLevels l) {
            return new LevelsView(l.gasPct(), l.airflowPct(), l.drumRpm());
        }
    }

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
            @Schema(allowableValues = {"bean-c", "total-s", "development-s", "development-pct", "over-crack-c"})
            String by,

            double value,
            @Nullable OtherDropView other) {
        static DropView of(DropRule d) {
            OtherDropView second = d.other()
                    .map(o -> new OtherDropView(o.last(), Codes.of(o.by()), o.value()))
                    .orElse(null);
            return new DropView(Codes.of(d.by()), d.value(), second);
        }
    }

    /**
     * What ends it as well.
     *
     * @param last whether both are waited for; else the first of the two ends the roast
     */
    public record OtherDropView(
            boolean last,

            @Schema(allowableValues = {"bean-c", "total-s", "development-s", "development-pct", "over-crack-c"})
            String by,

            double value) {}

    static Map<String, AimView> aims(Targets targets) {
        Map<String, AimView> out = new LinkedHashMap<>();
        for (KeyFigure figure : KeyFigure.values()) {
            Aim aim = targets.aims().get(figure);
            if (aim != null) {
                out.put(figure.field(), new AimView(aim.value(), aim.tolerance()));
            }
        }
        return out;
    }

    static Map<String, AimView> firstAims() {
        Map<String, AimView> out = new LinkedHashMap<>();
        for (KeyFigure figure : KeyFigure.values()) {
            Aim aim = PlanStart.aim(figure);
            out.put(figure.field(), new AimView(aim.value(), aim.tolerance()));
        }
        return out;
    }

    static String from(DevelopmentFrom from) {
        return Codes.of(from);
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
                LevelsView.of(plan.atCharge()),
                plan.steps().stream().map(MoveView::of).toList(),
                DropView.of(plan.drop()),
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
                        from(there.targets().developmentFrom()),
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

    static RoastAim made(@Nullable String aim) {
        return Optional.ofNullable(aim).flatMap(RoastAim::parse).orElse(RoastAim.PROTOCOL_SAMPLE);
    }

    /** The targets of a style in the core's terms; they were checked when it was kept. */
    static Targets aimedAt(Map<String, AimView> targets, String developmentFrom) {
        return new PlanReader().targets(targets, developmentFrom);
    }

    /** The moves in the core's terms. */
    public ControlPlan controls() {
        return new PlanReader().controls(this);
    }
}
