package barrowmist.server.plan;

import barrowmist.core.green.Process;
import barrowmist.core.green.SampleStage;
import barrowmist.core.plan.Aim;
import barrowmist.core.plan.DropRule;
import barrowmist.core.plan.School;
import barrowmist.core.plan.Targets.DevelopmentFrom;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.RoastAim;
import barrowmist.server.plan.PredictionViews.PredictionView;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Plans and predictions on the wire. */
public final class PlanViews {

    private PlanViews() {}

    /** A plan to be begun. Without a school, one that suits the process; without a template, the newest sound roast. */
    public record PlanEntry(
            @Schema(example = "1") long greenSampleId,
            @Schema(example = "1") @Nullable Long machineId,
            @Schema(example = "protocol") @Nullable String schoolId,
            @Nullable Long templateRoastId,
            @Nullable Double greenG) {}

    /** A plan to be kept; {@code version} is the one it was made from. */
    public record PlanChange(@Nullable Long version, PlanContent content) {}

    /** A plan. */
    public record PlanView(
            long id,
            long version,
            long greenSampleId,
            long lotId,
            String lotName,
            Process process,
            SampleStage stage,
            long machineId,
            String machineName,
            Instant changedAt,
            PlanContent content) {

        static PlanView of(PlanEntity p) {
            var sample = p.greenSample();
            return new PlanView(
                    p.id(),
                    p.version(),
                    sample.id(),
                    sample.lot().id(),
                    sample.lot().name(),
                    sample.lot().process(),
                    sample.stage(),
                    p.machine().id(),
                    p.machine().name(),
                    p.changedAt(),
                    p.content());
        }
    }

    /** What is to end a roast, and what it aims at. */
    public record DropEntry(
            DropRule.By by,
            Map<KeyFigure, Aim> targets,
            @Nullable DevelopmentFrom developmentFrom) {}

    /** A plan to be tried on the model. */
    public record WhatIf(long greenSampleId, long machineId, PlanContent content) {}

    /** A plan to be carried to another roaster. */
    public record TranslationEntry(
            long greenSampleId, long machineId, long toMachineId, double greenG, PlanContent content) {}

    /** What the search found. */
    public record FoundView(
            boolean reached,
            PlanContent content,
            PredictionView prediction,
            List<String> changes,
            List<String> missed) {}

    /** A profile carried to another roaster. */
    public record TranslationView(PlanContent content, PredictionView prediction, List<String> notCarried) {}

    /** A school on the wire. */
    public record SchoolView(
            String id,
            String name,
            String note,
            DevelopmentFrom developmentFrom,
            Map<KeyFigure, Aim> targets,
            @Nullable RoastAim aim) {
        static SchoolView of(School s) {
            return new SchoolView(
                    s.id(),
                    s.name(),
                    s.note(),
                    s.targets().developmentFrom(),
                    PlanContent.aims(s.targets()),
                    s.targets().aim());
        }
    }

    /** All schools, as kept; {@code version} is the one they were changed from. */
    public record SchoolsView(
            List<SchoolView> schools, @Nullable Long version) {

        SchoolsView with(long newVersion) {
            return new SchoolsView(schools, newVersion);
        }
    }
}
