package barrowmist.server.report;

import java.util.List;

/** What the templates of reports are filled with. */
final class PageModels {

    private PageModels() {}

    /** A name and what stands behind it. */
    record Fact(String name, String text) {}

    /** A reason with the shape of its source. */
    record ReasonLine(String shape, String says, String text, String source) {}

    /** Two stages side by side. */
    record StageTable(String earlier, String later, List<StageLine> figures) {}

    record StageLine(String figure, String earlier, String later, String text) {}

    /** A roast with its curve. */
    record RoastPart(
            String title,
            String what,
            String degree,
            CurveDrawing.Drawn curve,
            List<Fact> figures,
            boolean hasFaults,
            String faults,
            boolean hasCup,
            String cup,
            boolean hasCause,
            String cause,
            boolean hasPhotos,
            List<String> photos) {}

    record LotPage(
            String title,
            String what,
            List<Fact> facts,
            String decided,
            boolean hasWhy,
            String why,
            String proposed,
            List<ReasonLine> reasons,
            boolean hasMissing,
            List<String> missing,
            boolean hasScores,
            String scores,
            List<Fact> each,
            List<String> leftOut,
            boolean hasWords,
            String words,
            List<Fact> measured,
            boolean hasPhotos,
            List<String> photos,
            boolean hasDetails,
            List<StageTable> stages,
            boolean hasRoasts,
            List<RoastPart> roasts,
            String told) {}

    /** A roast by itself. */
    record RoastsPage(String title, List<RoastPart> roasts, List<Fact> each, boolean hasScores, String told) {}
}
