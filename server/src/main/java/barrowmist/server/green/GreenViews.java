package barrowmist.server.green;

import barrowmist.core.green.Defect;
import barrowmist.core.green.DefectCount;
import barrowmist.core.green.Grade;
import barrowmist.core.green.GreenJudgement;
import barrowmist.core.green.GreenLimits;
import barrowmist.core.green.Inspection;
import barrowmist.core.green.Process;
import barrowmist.core.green.SampleStage;
import barrowmist.core.green.ScreenAnalysis;
import barrowmist.core.green.Sieve;
import barrowmist.core.green.StageComparison;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;

/** Samples and inspections on the wire. */
public final class GreenViews {

    private GreenViews() {}

    /** Limits as edited; {@code version} is the one they were changed from. */
    public record KeptGreenLimits(
            @JsonUnwrapped GreenLimits limits, @Nullable Long version) {}

    /** A sample to be added to a lot. */
    public record GreenSampleEntry(
            SampleStage stage,

            @Schema(example = "2026-02-20") @Nullable LocalDate receivedOn) {}

    /** A sample of a lot. */
    public record GreenSampleView(
            long id,
            long lotId,
            String lotName,
            Process process,
            SampleStage stage,
            LocalDate receivedOn,
            boolean inspected,
            long roasts,
            OptionalDouble moisturePct,
            OptionalDouble densityGPerL,
            @Nullable String grade,
            boolean stopped) {}

    /** An inspection to be kept; {@code version} is the one it was made from. */
    public record InspectionEntry(@Nullable Long version, Inspection content) {}

    /** An inspection with all that follows from it. */
    public record InspectionView(
            GreenSampleView sample,
            long version,
            Inspection content,
            OptionalDouble densityGPerL,
            Optional<ScreenAnalysis> screens,
            List<GreenJudgement> judgements,
            List<DefectView> defects,
            @Nullable GradeView grade) {}

    /** One kind of defect: counted, scaled to 350 g, and what it comes to. */
    public record DefectView(
            String code,
            String label,
            int category,
            int beansPerFullDefect,
            @Nullable Integer counted,
            int scaled,
            int fullDefects) {

        static List<DefectView> of(Inspection inspection, @Nullable DefectCount count) {
            return Arrays.stream(Defect.values())
                    .map(kind -> new DefectView(
                            kind.code(),
                            kind.label(),
                            kind.category(),
                            kind.beansPerFullDefect(),
                            inspection.defects().map(d -> d.get(kind)).orElse(null),
                            count == null ? 0 : count.scaled(kind),
                            count == null ? 0 : count.fullDefects(kind)))
                    .toList();
        }
    }

    /** What the defects come to. */
    public record GradeView(
            String name, String reason, int primary, int secondary, boolean estimated, OptionalInt quakers) {
        static GradeView of(DefectCount count) {
            Grade grade = count.grade();
            return new GradeView(
                    grade.name().label(),
                    grade.reason(),
                    count.fullDefects(1),
                    count.fullDefects(2),
                    count.estimated(),
                    count.quakers());
        }
    }

    /** Words to choose from. */
    public record GreenWordsView(List<String> smells, List<String> colours, List<SieveView> sieves) {
        static GreenWordsView all() {
            return new GreenWordsView(
                    Inspection.SMELLS,
                    Inspection.COLOURS,
                    Sieve.STACK.stream().map(n -> new SieveView(n, Sieve.mm(n))).toList());
        }
    }

    /** A sieve of the stack, largest first, with its hole. */
    public record SieveView(int screen, double mm) {}

    /** Two stages of a lot side by side. */
    public record StagesView(SampleStage earlier, SampleStage later, List<StageComparison> figures) {}

    /** What came of importing a table. */
    public record GreenImportView(
            int lots, int samples, @Nullable String note) {}
}
