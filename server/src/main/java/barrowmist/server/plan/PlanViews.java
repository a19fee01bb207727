package barrowmist.server.plan;

import barrowmist.core.green.Process;
import barrowmist.core.plan.ChargeAdvice;
import barrowmist.core.plan.School;
import barrowmist.server.plan.PlanContent.AimView;
import barrowmist.server.plan.PredictionViews.PredictionView;
import barrowmist.server.web.Optionals;
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
            String stage,
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
                    sample.stage().label(),
                    p.machine().id(),
                    p.machine().name(),
                    p.changedAt(),
                    p.content());
        }
    }

    /** What is to end a roast, and what it aims at. */
    public record DropEntry(
            @Schema(allowableValues = {"bean-c", "total-s", "development-s", "development-pct", "over-crack-c"})
            String by,

            Map<String, AimView> targets,

            @Schema(allowableValues = {"first-crack", "dry-end"})
            String developmentFrom) {}

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

    /** Where to charge, and why. */
    public record ChargeAdviceView(
            double chargeC,
            LineView base,
            List<LineView> addends,
            @Nullable Double spreadC) {
        static ChargeAdviceView of(ChargeAdvice a) {
            return new ChargeAdviceView(
                    a.chargeC(),
                    LineView.of(a.base()),
                    a.addends().stream().map(LineView::of).toList(),
                    Optionals.orNull(a.spreadC()));
        }
    }

    /** One line of the sum; without roasts it is a house default. */
    public record LineView(String text, double c, int roasts) {
        static LineView of(ChargeAdvice.Line l) {
            return new LineView(l.text(), l.c(), l.roasts());
        }
    }

    /** A school on the wire. */
    public record SchoolView(
            String id,
            String name,
            String note,

            @Schema(allowableValues = {"first-crack", "dry-end"})
            String developmentFrom,

            Map<String, AimView> targets,
            @Nullable String aim) {
        static SchoolView of(School s) {
            return new SchoolView(
                    s.id(),
                    s.name(),
                    s.note(),
                    PlanContent.from(s.targets().developmentFrom()),
                    PlanContent.aims(s.targets()),
                    s.targets().aim().code());
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
