package barrowmist.server.cupping;

import barrowmist.core.cupping.Blindness;
import barrowmist.core.cupping.CuppingForm;
import barrowmist.core.cupping.TableKind;
import barrowmist.server.access.Member;
import barrowmist.server.cupping.CuppingViews.SheetView;
import barrowmist.server.cupping.KeyViews.SealView;
import barrowmist.server.cupping.SensoryViews.SetView;
import barrowmist.server.cupping.TableEntries.OutsideCoffee;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Tables on the wire. */
public final class TableViews {

    private TableViews() {}

    /** A sample that is on the table too early or too late, and by how much. */
    public record RestWarning(long roastId, String text) {}

    /**
     * What stands on the table; only the code of a coded one that is not revealed.
     *
     * @param mark what stands under its cups; left out where they are not shuffled
     * @param entrant whose entry it is
     */
    public record TableSampleView(
            String code,
            @Nullable String mark,
            @Nullable Long roastId,
            @Nullable OutsideCoffee outside,
            @Nullable String treatment,
            @Nullable String entrant) {

        static TableSampleView of(CuppingSampleEntity s) {
            return new TableSampleView(s.code(), s.mark(), s.roastId(), s.outside(), s.treatment(), s.entrant());
        }

        static TableSampleView coded(CuppingSampleEntity s) {
            return new TableSampleView(s.code(), null, null, null, null, null);
        }
    }

    /** How far a cupper is with a sample, and no more than that. */
    public record CupperProgress(long sheetId, String cupper, String code, int unscored, boolean written) {
        static CupperProgress of(SheetEntity s) {
            return new CupperProgress(
                    s.id(),
                    s.cupper(),
                    s.sample().code(),
                    s.sheet().open().size(),
                    s.content().isWritten());
        }
    }

    /**
     * A table. On a coded one that is not revealed {@code roastIds} and {@code sheets} are empty and the samples say their
     * codes alone.
     *
     * @param form left out where nothing is written down
     * @param note whatever is to be said of the whole table
     * @param unfinished how many sheets of those who sit at it lack a score, or sets their answer
     * @param missing the same in words; left out when nothing is
     * @param sets of a triangle
     * @param joinCode by which cuppers join; for those who run the table
     * @param joined who sits at it with a device of their own
     * @param ranked who has ranked the samples of a roast-off
     * @param unmatched whether its cups, shuffled by hand, are still to be turned over
     * @param counted whether the answers of a triangle were counted, and are fixed
     * @param told whether what is in the cups may be told
     * @param keySeenAt when the key was first looked at before the reveal
     * @param seal of a key that somebody put away from themselves; left out where nobody did
     * @param choice what is asked at a roast-off: all in order, or the best alone
     * @param marks what stands under shuffled cups, in an order that says nothing; left out elsewhere and when told
     * @param warnings rest of the samples; left out in lists and on coded tables that are not revealed
     * @param preparation what is to be said of dose and water before the pour; left out in lists
     */
    public record CuppingView(
            long id,
            Instant cuppedAt,
            int cups,
            TableKind kind,

            @Nullable CuppingForm form,

            @Nullable String note,
            Blindness blind,
            boolean told,
            boolean unmatched,
            boolean counted,
            @Nullable String joinCode,
            @Nullable Instant revealedAt,
            @Nullable String revealReason,
            @Nullable Instant keySeenAt,
            @Nullable SealView seal,

            @Nullable Choice choice,
            List<String> marks,
            @Nullable Preparation protocol,
            List<TableSampleView> samples,
            List<CupperProgress> progress,
            int unfinished,
            @Nullable String missing,
            List<SetView> sets,
            List<String> ranked,
            List<String> joined,
            List<Long> roastIds,
            List<SheetView> sheets,
            @Nullable List<RestWarning> warnings,
            @Nullable List<String> preparation) {

        /** In a list: nothing is worked out of its samples and its preparation. */
        static CuppingView of(CuppingEntity c, Given given) {
            return of(c, given, null, null);
        }

        static CuppingView of(
                CuppingEntity c,
                Given given,
                @Nullable List<RestWarning> warnings,
                @Nullable List<String> preparation) {
            List<SheetEntity> sheets = given.sheets();
            boolean told = c.told();
            return new CuppingView(
                    c.id(),
                    c.cuppedAt(),
                    c.cups(),
                    c.kind(),
                    formOf(c, sheets).orElse(null),
                    c.note(),
                    c.blinding().blind(),
                    told,
                    c.blinding().unmatched(),
                    c.blinding().countedAt() != null,
                    codeShown(c),
                    c.blinding().revealedAt(),
                    c.blinding().revealReason(),
                    c.blinding().keySeenAt(),
                    SealView.of(c.blinding()),
                    c.kind() == TableKind.ROAST_OFF ? c.choice() : null,
                    told ? List.of() : c.marks(),
                    c.protocol(),
                    c.samples().stream()
                            .map(told ? TableSampleView::of : TableSampleView::coded)
                            .toList(),
                    sheets.stream().map(CupperProgress::of).toList(),
                    given.unfinished(c),
                    given.unfinished(c) == 0 ? null : given.missing(c),
                    given.sets().stream().map(s -> SetView.of(s, told)).toList(),
                    given.rankers(),
                    given.joined(),
                    told ? c.roastIds() : List.of(),
                    told
                            ? sheets.stream()
                                    .map(s -> SheetView.of(s, given.lines()))
                                    .toList()
                            : List.of(),
                    warnings,
                    preparation);
        }
    }

    /** Whoever knows the code may sit down under any name that is free. */
    private static @Nullable String codeShown(CuppingEntity c) {
        return Member.runsTables() ? c.blinding().joinCode() : null;
    }

    /** On which form a table is written down; empty where nothing is. */
    static Optional<CuppingForm> formOf(CuppingEntity c, List<SheetEntity> sheets) {
        return !c.kind().onSheets()
                ? Optional.empty()
                : c.form()
                        .or(() -> sheets.stream().map(SheetEntity::form).findFirst())
                        .or(() -> Optional.of(CuppingForm.HUNDRED_POINT));
    }

    /** How many samples a table of a kind may hold. */
    public record TableKindView(TableKind kind, int fewest, int most) {
        static TableKindView of(TableKind k) {
            return new TableKindView(k, k.fewest(), k.most());
        }
    }
}
