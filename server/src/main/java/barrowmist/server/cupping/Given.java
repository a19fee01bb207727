package barrowmist.server.cupping;

import barrowmist.core.cupping.HouseLines;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** Who joined a table, and what people have given at it, by what it was laid for; and what the house asks of a cup. */
record Given(
        List<SheetEntity> sheets,
        List<CupSetEntity> sets,
        List<RankingEntity> rankings,
        List<SeatEntity> seats,
        HouseLines lines) {

    /** Who has ranked the samples of a roast-off. */
    List<String> rankers() {
        return rankings.stream().map(RankingEntity::cupper).toList();
    }

    /** Who sits at the table with a device of their own. */
    List<String> joined() {
        return seats.stream().filter(SeatEntity::taken).map(SeatEntity::cupper).toList();
    }

    /** How much is still to be given before the table is revealed without a word. */
    int unfinished(CuppingEntity table) {
        return switch (table.kind()) {
            case SCORING, TRIAGE -> unscored(table);
            case TRIANGLE ->
                (int) sets.stream().filter(s -> s.answered().isEmpty()).count();
            case ROAST_OFF -> rankings.isEmpty() ? 1 : 0;
        };
    }

    /** The same in words, such as "4 sheets are not finished"; to be asked only where something is. */
    String missing(CuppingEntity table) {
        int count = unfinished(table);
        return switch (table.kind()) {
            case SCORING, TRIAGE -> count + (count == 1 ? " sheet is not finished" : " sheets are not finished");
            case TRIANGLE -> count + (count == 1 ? " set has no answer yet" : " sets have no answer yet");
            case ROAST_OFF -> "Nobody has kept an order yet";
        };
    }

    /**
     * Sheets that were begun and lack a score, and those that somebody at the table has not begun. Whoever got up owes nothing
     * more.
     */
    private int unscored(CuppingEntity table) {
        Set<String> left =
                seats.stream().filter(s -> !s.taken()).map(SeatEntity::cupper).collect(Collectors.toSet());
        List<SheetEntity> theirs =
                sheets.stream().filter(s -> !left.contains(s.cupper())).toList();
        long cuppers = theirs.stream().map(SheetEntity::cupper).distinct().count();
        long finished = theirs.stream().filter(s -> s.sheet().finished()).count();
        long least = left.isEmpty() || sheets.isEmpty() ? 1 : 0;
        return (int) Math.max(0, Math.max(least, cuppers) * table.samples().size() - finished);
    }
}
