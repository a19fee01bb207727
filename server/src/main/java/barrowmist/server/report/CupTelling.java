package barrowmist.server.report;

import barrowmist.core.cupping.CupCounting;
import barrowmist.core.cupping.CupTrait;
import barrowmist.core.cupping.CupUse;
import barrowmist.core.cupping.CuppingSheet;
import barrowmist.core.cupping.Drink.Serving;
import barrowmist.core.cupping.FormScores;
import barrowmist.core.cupping.TasteNote;
import barrowmist.core.cupping.Vocabulary;
import barrowmist.core.cupping.WordGroup;
import barrowmist.core.decision.Uses.CupProfile;
import barrowmist.server.cupping.CupReading;
import barrowmist.server.cupping.ToldSheet;
import barrowmist.server.report.ReportViews.ScoreAtTable;
import barrowmist.server.report.ReportViews.ScoresApart;
import barrowmist.server.report.ReportViews.ScoresView;
import barrowmist.server.report.ReportViews.WordCups;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.ToLongFunction;
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
    static CupProfile profile(List<ToldSheet> sheets, Set<Serving> served) {
        Map<WordGroup, Double> share = new EnumMap<>(WordGroup.class);
        for (WordCups w : words(sheets)) {
            Vocabulary.find(w.word())
                    .ifPresent(v -> share.merge(v.group(), (double) w.cups() / Math.max(1, w.ofCups()), Math::max));
        }
        return new CupProfile(scores(sheets).mean(), share, ToldSheet.marked(sheets, "acidity"), body(sheets), served);
    }

    /** Body by its mark on the one form, mouthfeel on the other. */
    private static OptionalDouble body(List<ToldSheet> sheets) {
        OptionalDouble body = ToldSheet.marked(sheets, "body");
        return body.isPresent() ? body : ToldSheet.marked(sheets, "mouthfeel");
    }

    private static FormScores scores(List<ToldSheet> sheets) {
        return FormScores.of(sheets.stream().map(ToldSheet::sheet).toList());
    }

    /** @param stage of which sample a roast is, by its number */
    static ScoresView scores(CupReading reading, Map<Long, String> stage) {
        List<ToldSheet> sheets = reading.counted();
        double[] values = sheets.stream().mapToDouble(s -> score(s.sheet())).toArray();
        return new ScoresView(
                values.length,
                (int) distinct(sheets, ToldSheet::cuppingId),
                (int) sheets.stream().map(ToldSheet::cupper).distinct().count(),
                values.length == 0 ? null : StatUtils.mean(values),
                values.length < 2 ? null : Math.sqrt(StatUtils.variance(values)),
                sheets.stream().map(s -> at(s, stage)).toList(),
                apart(reading.apart()),
                reading.leftOut());
    }

    private static ScoreAtTable at(ToldSheet s, Map<Long, String> stage) {
        return new ScoreAtTable(
                s.cuppingId(), s.cuppedAt(), s.cupper(), stage.getOrDefault(s.roastId(), ""), score(s.sheet()));
    }

    /** A mean for each reason that keeps sheets apart, form by form. */
    private static List<ScoresApart> apart(List<ToldSheet> sheets) {
        Map<CupTrait, List<ToldSheet>> by = new EnumMap<>(CupTrait.class);
        sheets.forEach(s -> CupCounting.reason(s.traits(), CupUse.REPORT)
                .ifPresent(
                        why -> by.computeIfAbsent(why, w -> new ArrayList<>()).add(s)));
        List<ScoresApart> out = new ArrayList<>();
        by.forEach((why, of) -> scores(of)
                .byForm()
                .forEach((form, values) -> out.add(new ScoresApart(
                        why.label(),
                        values.size(),
                        values.stream().mapToDouble(v -> v).average().orElseThrow()))));
        return out;
    }

    private static long distinct(List<ToldSheet> sheets, ToLongFunction<ToldSheet> of) {
        return sheets.stream().mapToLong(of).distinct().count();
    }

    public static double score(CuppingSheet sheet) {
        return sheet.finalScore().orElseThrow();
    }
}
