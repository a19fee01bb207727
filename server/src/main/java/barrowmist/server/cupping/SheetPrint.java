package barrowmist.server.cupping;

import barrowmist.core.cupping.Cup;
import barrowmist.core.cupping.CuppingForm;
import barrowmist.core.units.Wording;
import barrowmist.server.cupping.FormView.ScaleView;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** A sheet on paper, to be written on or as it was filled. */
final class SheetPrint {

    private SheetPrint() {}

    record Tick(String text, boolean on) {}

    record ScoreLine(String label, List<Tick> ticks, String value) {}

    record CupBox(int number, boolean on) {}

    record CupLine(String label, List<CupBox> boxes, String rule) {}

    record PlaceLine(String label, String words) {}

    record PrintedSheet(
            String code,
            String formName,
            String when,
            String cupper,
            List<ScoreLine> rows,
            List<CupLine> cupRows,
            List<PlaceLine> amounts,
            List<PlaceLine> places,
            String note,
            String sum,
            String score) {}

    /** @param given the sheet as it was filled; an empty one is printed without */
    static PrintedSheet of(
            String title, String when, int cups, CuppingForm form, FormView scales, Optional<SheetEntity> given) {
        Map<String, Double> scores = given.map(e -> e.content().attributes()).orElse(Map.of());
        Optional<Double> score =
                given.flatMap(e -> e.sheet().finalScore().stream().boxed().findFirst());
        return new PrintedSheet(
                title,
                form.label(),
                when,
                given.map(SheetEntity::cupper).orElse(""),
                scales.attributes().stream()
                        .map(a -> line(a, scores.get(a.field())))
                        .toList(),
                cupLines(form, cups, given),
                amounts(scales, given),
                places(scales, given),
                given.flatMap(e -> Optional.ofNullable(e.content().note())).orElse(""),
                form == CuppingForm.TRIAGE ? "out / look again / through" : "Final score",
                score.map(s -> String.format(Locale.ROOT, "%.2f", s)).orElse(""));
    }

    private static ScoreLine line(ScaleView a, @Nullable Double given) {
        boolean whole = a.step() == 1;
        List<Tick> ticks = new ArrayList<>();
        for (double at = a.from(); at <= a.most(); at += whole ? 1 : 0.5) {
            String text = String.format(Locale.ROOT, at == Math.rint(at) ? "%.0f" : "%.1f", at);
            ticks.add(new Tick(text, whole && given != null && given == at));
        }
        return new ScoreLine(
                Wording.capital(a.label()),
                ticks,
                given == null ? "" : String.format(Locale.ROOT, whole ? "%.0f" : "%.2f", given));
    }

    private static List<CupLine> cupLines(CuppingForm form, int cups, Optional<SheetEntity> given) {
        List<Cup> marks = given.map(e -> e.sheet().cups()).orElse(List.of());
        return switch (form) {
            case HUNDRED_POINT ->
                List.of(
                        cupLine("Uniform", cups, marks, c -> !c.uniform(), "cross a cup that is not"),
                        cupLine("Clean", cups, marks, c -> !c.clean(), "cross a cup that is not"),
                        cupLine("Sweet", cups, marks, c -> !c.sweet(), "cross a cup that is not"),
                        cupLine("Taint", cups, marks, c -> c.defect() == Cup.Defect.TAINT, "2 points each"),
                        cupLine("Fault", cups, marks, c -> c.defect() == Cup.Defect.FAULT, "4 points each"));
            case VALUE_ASSESSMENT ->
                List.of(
                        cupLine("Not uniform", cups, marks, c -> !c.uniform(), "2 points each"),
                        cupLine("Defective", cups, marks, c -> c.defect() != Cup.Defect.NONE, "4 points each"));
            case TRIAGE -> List.of();
        };
    }

    private static CupLine cupLine(String label, int cups, List<Cup> marks, Predicate<Cup> crossed, String rule) {
        return new CupLine(
                label,
                IntStream.range(0, cups)
                        .mapToObj(i -> new CupBox(i + 1, i < marks.size() && crossed.test(marks.get(i))))
                        .toList(),
                rule);
    }

    /** How much there is of something, on scales that are named. */
    private static List<PlaceLine> amounts(FormView scales, Optional<SheetEntity> given) {
        Map<String, Integer> marked = given.flatMap(
                        e -> Optional.ofNullable(e.content().intensities()))
                .orElse(Map.of());
        return scales.intensities().stream()
                .map(i -> new PlaceLine(
                        "%s (%.0f to %.0f)".formatted(Wording.capital(i.label()), i.least(), i.most()),
                        Optional.ofNullable(marked.get(i.field()))
                                .map(String::valueOf)
                                .orElse("____")))
                .toList();
    }

    private static List<PlaceLine> places(FormView scales, Optional<SheetEntity> given) {
        List<SheetContent.WordMark> words = given.map(e -> e.content().words()).orElse(List.of());
        Stream<PlaceLine> byPlace = scales.places().stream()
                .map(p -> new PlaceLine(
                        "%s (at most %d)".formatted(Wording.capital(p.label()), p.most()),
                        written(words, w -> p.place() == w.place())));
        PlaceLine rest = new PlaceLine(
                scales.places().isEmpty() ? "Words, and in which cups" : "Other words",
                written(words, w -> scales.places().isEmpty() || w.place() == null));
        return Stream.concat(byPlace, Stream.of(rest)).toList();
    }

    private static String written(List<SheetContent.WordMark> words, Predicate<SheetContent.WordMark> which) {
        return words.stream()
                .filter(which)
                .map(w ->
                        w.word() + " (" + w.cups().stream().map(String::valueOf).collect(Collectors.joining(" ")) + ")")
                .collect(Collectors.joining(", "));
    }
}
