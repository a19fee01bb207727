package barrowmist.server.report;

import barrowmist.core.cupping.CuppingSheet;
import barrowmist.core.cupping.TasteNote;
import barrowmist.server.cupping.CuppedSheets.ToldSheet;
import barrowmist.server.report.ReportViews.ScoreAtTable;
import barrowmist.server.report.ReportViews.ScoresView;
import barrowmist.server.report.ReportViews.WordCups;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.ToLongFunction;
import org.hipparchus.stat.StatUtils;

/** What told sheets come to. */
final class CupTelling {

    private CupTelling() {}

    /** Each word with its cups, what was found most first. */
    static List<WordCups> words(List<ToldSheet> sheets) {
        int of = sheets.stream().mapToInt(s -> s.sheet().cups().size()).sum();
        Map<String, Integer> cups = new TreeMap<>();
        for (ToldSheet s : sheets) {
            for (TasteNote note : s.sheet().words()) {
                cups.merge(note.word(), note.cups().size(), Integer::sum);
            }
        }
        return cups.entrySet().stream()
                .map(e -> new WordCups(e.getKey(), e.getValue(), of))
                .sorted(Comparator.comparingInt(WordCups::cups).reversed())
                .toList();
    }

    /** @param stage of which sample a roast is, by its number */
    static ScoresView scores(List<ToldSheet> sheets, Map<Long, String> stage) {
        List<ScoreAtTable> each = sheets.stream()
                .map(s -> new ScoreAtTable(
                        s.cuppingId(), s.cuppedAt(), s.cupper(), stage.getOrDefault(s.roastId(), ""), score(s.sheet())))
                .toList();
        double[] values = each.stream().mapToDouble(ScoreAtTable::score).toArray();
        return new ScoresView(
                values.length,
                (int) distinct(sheets, ToldSheet::cuppingId),
                (int) sheets.stream().map(ToldSheet::cupper).distinct().count(),
                values.length == 0 ? null : StatUtils.mean(values),
                values.length < 2 ? null : Math.sqrt(StatUtils.variance(values)),
                each);
    }

    private static long distinct(List<ToldSheet> sheets, ToLongFunction<ToldSheet> of) {
        return sheets.stream().mapToLong(of).distinct().count();
    }

    static double score(CuppingSheet sheet) {
        return sheet.finalScore().orElseThrow();
    }
}
