package barrowmist.server.cupping;

import barrowmist.core.cupping.TableProtocol;
import barrowmist.server.cupping.CuppingViews.SheetView;
import barrowmist.server.web.Codes;
import barrowmist.server.web.Optionals;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Tables on the wire. */
public final class TableViews {

    static final String SCORING = "scoring";

    private TableViews() {}

    /** A coffee without a log of ours. */
    public record OutsideCoffee(
            @Schema(example = "Bag from the corner shop") String name,
            @Schema(example = "another roastery") @Nullable String from,
            @Nullable LocalDate roastedOn) {}

    /**
     * A sample as it is laid: a roast or a coffee from outside.
     *
     * @param times under how many codes; 2 makes a hidden pair
     * @param treatment what was done to it, such as "quakers picked out"
     */
    public record LaidSample(
            @Schema(example = "1") @Nullable Long roastId,
            @Nullable OutsideCoffee outside,
            @Schema(example = "1") @Nullable Integer times,
            @Nullable String treatment) {}

    /** How the cups are prepared; what is left out is not known. */
    public record Preparation(
            @Schema(example = "8.25") @Nullable Double doseG,
            @Schema(example = "150") @Nullable Double waterMl,
            @Schema(example = "93") @Nullable Double waterC,
            @Schema(example = "150") @Nullable Double tdsPpm) {

        TableProtocol protocol() {
            return new TableProtocol(
                    Optionals.of(doseG), Optionals.of(waterMl), Optionals.of(waterC), Optionals.of(tdsPpm));
        }
    }

    /** A table as it is laid; all may be left out: now, 5 cups, open, no sample yet. {@code roastIds} alone is an open table. */
    public record CuppingEntry(
            @Nullable Instant cuppedAt,
            @Schema(example = "5") @Nullable Integer cups,
            @Schema(example = "[1]") @Nullable List<Long> roastIds,

            @Schema(allowableValues = {"scoring"}) @Nullable String kind,

            @Schema(allowableValues = {"hundred-point"}) @Nullable
            String form,

            @Schema(allowableValues = {"open", "coded"}) @Nullable
            String blind,

            @Nullable Preparation protocol,
            @Nullable List<LaidSample> samples) {

        public static CuppingEntry open(@Nullable Instant cuppedAt, @Nullable Integer cups, List<Long> roastIds) {
            return new CuppingEntry(cuppedAt, cups, roastIds, null, null, null, null, null);
        }
    }

    /** A sample that is on the table too early or too late, and by how much. */
    public record RestWarning(long roastId, String text) {}

    /** What stands on the table; only the code of a coded one that is not revealed. */
    public record TableSampleView(
            String code,
            @Nullable Long roastId,
            @Nullable OutsideCoffee outside,
            @Nullable String treatment) {

        static TableSampleView of(CuppingSampleEntity s) {
            return new TableSampleView(s.code(), s.roastId(), s.outside(), s.treatment());
        }

        static TableSampleView coded(CuppingSampleEntity s) {
            return new TableSampleView(s.code(), null, null, null);
        }
    }

    /** How far a cupper is with a sample, and no more than that. */
    public record CupperProgress(long sheetId, String cupper, String code, int unscored) {
        static CupperProgress of(SheetEntity s) {
            return new CupperProgress(
                    s.id(), s.cupper(), s.sample().code(), s.sheet().unscored().size());
        }
    }

    /**
     * A table. On a coded one that is not revealed {@code roastIds} and {@code sheets} are empty and the samples say their
     * codes alone.
     *
     * @param unfinished how many sheets of those who sit at it lack a score
     * @param told whether what is in the cups may be told
     * @param keySeenAt when the key was first looked at before the reveal
     * @param warnings rest of the samples; left out in lists and on coded tables that are not revealed
     * @param preparation what is to be said of dose and water before the pour; left out in lists
     */
    public record CuppingView(
            long id,
            Instant cuppedAt,
            int cups,
            @Schema(allowableValues = {"scoring"}) String kind,
            String form,

            @Schema(allowableValues = {"open", "coded"}) String blind,

            boolean told,
            @Nullable String joinCode,
            @Nullable Instant revealedAt,
            @Nullable String revealReason,
            @Nullable Instant keySeenAt,
            @Nullable Preparation protocol,
            List<TableSampleView> samples,
            List<CupperProgress> progress,
            int unfinished,
            List<Long> roastIds,
            List<SheetView> sheets,
            @Nullable List<RestWarning> warnings,
            @Nullable List<String> preparation) {

        static CuppingView of(CuppingEntity c, List<SheetEntity> sheets) {
            boolean told = c.told();
            return new CuppingView(
                    c.id(),
                    c.cuppedAt(),
                    c.cups(),
                    SCORING,
                    CuppingViews.HUNDRED_POINT,
                    Codes.of(c.blind()),
                    told,
                    c.joinCode(),
                    c.revealedAt(),
                    c.revealReason(),
                    c.keySeenAt(),
                    c.protocol(),
                    c.samples().stream()
                            .map(told ? TableSampleView::of : TableSampleView::coded)
                            .toList(),
                    sheets.stream().map(CupperProgress::of).toList(),
                    unfinished(c, sheets),
                    told ? c.roastIds() : List.of(),
                    told ? sheets.stream().map(SheetView::of).toList() : List.of(),
                    null,
                    null);
        }

        /** Sheets that were begun and lack a score, and those that somebody at the table has not begun. */
        private static int unfinished(CuppingEntity c, List<SheetEntity> sheets) {
            long cuppers = sheets.stream().map(SheetEntity::cupper).distinct().count();
            long finished = sheets.stream()
                    .filter(s -> s.sheet().finalScore().isPresent())
                    .count();
            return (int) Math.max(0, Math.max(1, cuppers) * c.samples().size() - finished);
        }

        CuppingView with(List<RestWarning> newWarnings, List<String> newPreparation) {
            return new CuppingView(
                    id,
                    cuppedAt,
                    cups,
                    kind,
                    form,
                    blind,
                    told,
                    joinCode,
                    revealedAt,
                    revealReason,
                    keySeenAt,
                    protocol,
                    samples,
                    progress,
                    unfinished,
                    roastIds,
                    sheets,
                    newWarnings,
                    newPreparation);
        }
    }

    /** What stands under which code. */
    public record TableKey(List<TableSampleView> samples) {}

    /** Why a table is revealed although something is unfinished. */
    public record RevealEntry(@Nullable String reason) {}
}
