package barrowmist.server.batch;

import barrowmist.core.decision.batch.ControlChart;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Profiles and batches on the wire. */
public final class BatchViews {

    private BatchViews() {}

    /** A figure with its target. */
    public record AimedFigure(
            @Schema(example = "dropC") String name,
            @Nullable String label,
            @Nullable String unit,
            double target,
            double tolerance) {}

    /**
     * A plan to be approved.
     *
     * @param name what the profile is called; after its lot and roaster when it is left out
     * @param figures what batches are held to; from the plan and its roasts when it is left out
     * @param replaces the profile of which this is the next version
     */
    public record ProfileEntry(
            @Nullable Long planId,
            @Nullable String name,
            @Nullable List<AimedFigure> figures,
            @Nullable Long replaces,
            @Nullable Long referenceId,
            @Nullable String note) {}

    /**
     * A profile.
     *
     * @param version from 1
     * @param replacedBy the version that took its place
     * @param outturn how many batches were held, with kilos and causes
     */
    public record ProfileView(
            long id,
            String name,
            int version,
            long planId,
            long machineId,
            String machineName,
            long lotId,
            String lotName,
            @Nullable Long referenceId,
            List<AimedFigure> figures,
            @Nullable String note,
            String approvedBy,
            Instant approvedAt,
            @Nullable Long replacedBy,
            int batches,
            int held,
            String outturn) {}

    /** A figure of a batch; {@code value} is left out where it was not measured, and such a figure is not in. */
    public record BatchFigureView(String name, @Nullable Double value, double target, double tolerance, boolean in) {}

    /**
     * A batch.
     *
     * @param released left out while nobody has decided
     */
    public record ProfileBatch(
            long roastId,
            String title,
            Instant roastedAt,
            @Nullable String person,
            List<BatchFigureView> figures,
            @Nullable Boolean released,
            @Nullable String reason,
            List<String> bags) {}

    /**
     * A control chart.
     *
     * @param centre left out, with the limits, while there are too few batches
     * @param limitsFrom from how many batches the limits are
     * @param text what it says: how well the tolerance is held, how often chance alone calls
     * @param changed what goes along with it: where to look, and no proof
     */
    public record ChartView(
            String name,
            String label,
            String unit,
            double target,
            double tolerance,
            @Nullable Double centre,
            @Nullable Double lower,
            @Nullable Double upper,
            int limitsFrom,
            List<ControlChart.Point> points,
            List<ControlChart.Signal> signals,
            boolean driftsNow,
            String text,
            List<String> changed) {}

    /**
     * All batches of a profile, oldest first, and a chart of each figure.
     *
     * @param falseCallsPct share of batches that may be called though nothing changed, %, over all charts together
     */
    public record ProfileBatches(
            List<ProfileBatch> batches, List<ChartView> charts, double falseCallsPct, String outturn) {}

    /**
     * What became of a batch: let go or held back, why, and into which bags it went.
     *
     * @param version of what is changed; one that names none is taken
     */
    public record ReleaseEntry(
            @Nullable Boolean released,
            @Nullable String reason,
            @Nullable List<BagEntry> bags,
            @Nullable Long version) {}

    /** Into a bucket or a bag. */
    public record BagEntry(
            @Schema(example = "B-0412") @Nullable String bag,
            @Nullable Double kg) {}

    /** What became of a batch. */
    public record ReleaseView(
            long roastId,
            @Nullable Boolean released,
            @Nullable String reason,
            @Nullable String by,
            @Nullable Instant at,
            long version,
            List<BagEntry> bags,
            List<HeldTo> profiles) {}

    /** A profile that a roast is held to, and what of it is out. */
    public record HeldTo(long profileId, String name, int version, List<BatchFigureView> figures) {}

    /** A batch and a bag that some of it went into. */
    public record PackedView(
            String bag,
            long roastId,
            String title,
            Instant roastedAt,
            long lotId,
            String lotName,
            @Nullable Double kg,
            @Nullable Boolean released) {}

    /** Which batches are laid beside the approved roast; the newest three of one day when it is left out. */
    record TasterEntry(@Nullable List<Long> roastIds) {}

    /**
     * A batch at such a table.
     *
     * @param passes left out where it was not scored beside the approved roast
     */
    record TastedBatch(long roastId, String title, @Nullable Boolean passes, String text) {}

    /** A table of a batch taster; without batches until it is revealed. */
    record TastedTable(long cuppingId, Instant laidAt, String laidBy, List<TastedBatch> batches) {}

    /** The profile that was made. */
    record ProfileId(long id) {}

    /**
     * A profile that came from elsewhere, and what of ours it is to be adapted to.
     *
     * @param file the open file, CSV or JSON, as text
     */
    record TemplateEntry(
            @Nullable String file,
            @Nullable Long greenSampleId,
            @Nullable Long machineId) {}

    /** The plan that was begun from it. */
    record TemplatePlan(long planId) {}

    /** The table that was laid. */
    record TasterTable(long cuppingId) {}
}
