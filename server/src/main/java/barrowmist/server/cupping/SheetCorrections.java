package barrowmist.server.cupping;

import barrowmist.server.access.Member;
import barrowmist.server.cupping.CuppingViews.SheetEntry;
import barrowmist.server.cupping.CuppingViews.SheetView;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Mends a sheet after the reveal: what was given blind stays to be read beside it, with the reason. */
@Service
@KeptInTurn
class SheetCorrections {

    private static final int LONGEST_REASON = 400;

    private final SheetService sheets;
    private final SheetCorrectionRepository corrections;
    private final Tables tables;
    private final Clock clock;

    SheetCorrections(SheetService sheets, SheetCorrectionRepository corrections, Tables tables, Clock clock) {
        this.sheets = sheets;
        this.corrections = corrections;
        this.tables = tables;
        this.clock = clock;
    }

    /** A sheet as it should have been, and why. */
    record MendedSheetEntry(
            @Nullable String reason, @Nullable SheetEntry sheet) {}

    /**
     * One correction.
     *
     * @param was the scores of the form as they were given, by attribute
     */
    record MendedSheetView(
            long sheetId,
            @Nullable Double wasScore,
            @Nullable Double nowScore,
            Map<String, Double> was,
            String reason,
            String by,
            Instant at) {

        static MendedSheetView of(SheetCorrectionEntity c) {
            return new MendedSheetView(
                    c.sheetId(),
                    c.wasScore(),
                    c.nowScore(),
                    c.was().attributes(),
                    c.reason(),
                    c.correctedBy(),
                    c.correctedAt());
        }
    }

    /**
     * @throws InputProblems without a reason
     * @throws Conflict before the reveal: then the sheet itself is changed
     */
    SheetView correct(long cuppingId, long sheetId, MendedSheetEntry entry) {
        String why = entry.reason() == null ? "" : entry.reason().strip();
        if (why.isEmpty() || why.length() > LONGEST_REASON) {
            throw new InputProblems("reason", "A reason is wanted, of 1 to " + LONGEST_REASON + " characters");
        }
        if (entry.sheet() == null) {
            throw new InputProblems("sheet", "The sheet as it should be is missing");
        }
        String who = Member.nameOfCaller();
        return sheets.correct(cuppingId, sheetId, entry.sheet(), (sheet, change) -> {
            SheetCorrectionEntity kept = corrections.save(new SheetCorrectionEntity(sheet, why, who, clock.instant()));
            change.run();
            kept.became(sheet.finalScore());
        });
    }

    /** All of a table, the newest first. */
    @Transactional(readOnly = true)
    List<MendedSheetView> of(long cuppingId) {
        if (!tables.get(cuppingId).told()) {
            return List.of();
        }
        return corrections.ofTable(cuppingId).stream().map(MendedSheetView::of).toList();
    }
}
