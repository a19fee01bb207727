package barrowmist.server.report;

import barrowmist.core.cupping.Attribute;
import barrowmist.core.cupping.CuppingForm;
import barrowmist.core.cupping.CuppingSheet;
import barrowmist.core.cupping.TasteNote;
import barrowmist.core.cupping.Vocabulary;
import barrowmist.core.cupping.WordGroup;
import barrowmist.core.decision.Uses.CupProfile;
import barrowmist.server.cupping.CuppedSheets.ToldSheet;
import barrowmist.server.report.ReportViews.ScoreAtTable;
import barrowmist.server.report.ReportViews.ScoresView;
import barrowmist.server.report.ReportViews.WordCups;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.function.ToLongFunction;
import java.util.stream.Collectors;
import org.hipparchus.stat.StatUtils;

/** What told sheets come to. */
public final class CupTelling {

    private CupTelling() {}

    /** Each word with its cups, what was found most first. */
    public static List<WordCups> words(List<ToldSheet> sheets) {
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

    /** The cup of a lot, by which its use is suggested. */
    static CupProfile profile(List<ToldSheet> sheets) {
        Map<WordGroup, Double> share = new EnumMap<>(WordGroup.class);
        for (WordCups w : words(sheets)) {
            Vocabulary.find(w.word())
                    .ifPresent(v -> share.merge(v.group(), (double) w.cups() / Math.max(1, w.ofCups()), Math::max));
        }
        return new CupProfile(
                sheets.stream().mapToDouble(s -> score(s.sheet())).average(),
                share,
                attribute(sheets, Attribute.ACIDITY),
                attribute(sheets, Attribute.BODY),
                sheets.stream().map(ToldSheet::serving).collect(Collectors.toSet()));
    }

    private static OptionalDouble attribute(List<ToldSheet> sheets, Attribute attribute) {
        return sheets.stream()
                .filter(s -> s.sheet().form() == CuppingForm.HUNDRED_POINT)
                .map(s -> s.sheet().attributes().get(attribute.field()))
                .filter(Objects::nonNull)
                .mapToDouble(Double::doubleValue)
                .average();
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

    public static double score(CuppingSheet sheet) {
        return sheet.finalScore().orElseThrow();
    }
}
