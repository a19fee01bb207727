package barrowmist.server.cupping;

import barrowmist.core.check.Checks;
import barrowmist.core.check.FieldProblem;
import barrowmist.core.cupping.Attribute;
import barrowmist.core.cupping.Cup;
import barrowmist.core.cupping.CuppingForm;
import barrowmist.core.cupping.CuppingSheet;
import barrowmist.core.cupping.HouseScales;
import barrowmist.core.cupping.HundredPointSheet;
import barrowmist.core.cupping.Intensity;
import barrowmist.core.cupping.TasteNote;
import barrowmist.core.cupping.TriageSheet;
import barrowmist.core.cupping.ValueScore.Section;
import barrowmist.core.cupping.ValueSheet;
import barrowmist.core.cupping.Vocabulary;
import barrowmist.core.cupping.WordPlace;
import barrowmist.server.web.InputProblems;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Reads what a sheet says into the core's terms, or says what is wrong with it. */
final class SheetReader {

    static final int LONGEST_NOTE = 2000;
    private static final int LONGEST_CUP_NOTE = 400;

    private final SheetContent content;

    SheetReader(SheetContent content) {
        this.content = content;
    }

    /** The sheet in the core's terms. */
    CuppingSheet sheet(CuppingForm form, int cupsOfSession) {
        List<Cup> marks = content.cups().isEmpty()
                ? Collections.nCopies(cupsOfSession, Cup.SOUND)
                : content.cups().stream().map(SheetContent.CupMark::cup).toList();
        List<TasteNote> notes = content.words().stream()
                .map(w -> TasteNote.of(plain(w.word()), w.cups() == null ? List.of() : w.cups()))
                .toList();
        return switch (form) {
            case HUNDRED_POINT ->
                new HundredPointSheet(given(Attribute.class, Attribute::code, (name, score) -> score), marks, notes);
            case VALUE_ASSESSMENT ->
                new ValueSheet(given(Section.class, Section::field, SheetReader::whole), marks, notes);
            case TRIAGE -> new TriageSheet(Optional.ofNullable(content.verdict()), marks, notes);
        };
    }

    /** A word as it is kept: one of the vocabulary as it stands there, a synonym as its word, any other in small letters. */
    private static String plain(@Nullable String word) {
        return word == null ? "" : Vocabulary.plain(word);
    }

    private <K extends Enum<K>, V> Map<K, V> given(
            Class<K> type, Function<K, String> field, BiFunction<String, Double, V> read) {
        Map<K, V> out = new EnumMap<>(type);
        content.attributes().forEach((name, score) -> {
            if (score != null) {
                K key = Arrays.stream(type.getEnumConstants())
                        .filter(a -> field.apply(a).equals(name))
                        .findFirst()
                        .orElseThrow(() -> new InputProblems(
                                "attributes." + name,
                                name + " is not an attribute of the form, expected one of "
                                        + String.join(
                                                ", ",
                                                Arrays.stream(type.getEnumConstants())
                                                        .map(field)
                                                        .toList())));
                out.put(key, read.apply(name, score));
            }
        });
        return out;
    }

    private static int whole(String name, double score) {
        if (score != Math.rint(score)) {
            throw new InputProblems("attributes." + name, "%s is %s, allowed are whole numbers".formatted(name, score));
        }
        return (int) score;
    }

    /** What is wrong with all that the core's sheet does not hold. */
    List<FieldProblem> problemsBeside(CuppingForm form) {
        Checks checks = new Checks();
        checkNote(checks, "note", content.note(), LONGEST_NOTE);
        content.cups().forEach(c -> checkNote(checks, "cups", c.note(), LONGEST_CUP_NOTE));
        List<FieldProblem> problems = new ArrayList<>(checks.problems());
        problems.addAll(Intensity.problems(form, numbers(content.intensities())));
        problems.addAll(HouseScales.problems(numbers(content.scales())));
        problems.addAll(WordPlace.problems(content.words().stream()
                .flatMap(w -> Stream.ofNullable(w.place()))
                .toList()));
        return problems;
    }

    private static void checkNote(Checks checks, String field, @Nullable String text, int longest) {
        if (text != null && text.length() > longest) {
            checks.add(field, "A note has " + text.length() + " characters, at most " + longest + " are kept");
        }
    }

    private static Map<String, Integer> numbers(@Nullable Map<String, Integer> given) {
        Map<String, Integer> out = new LinkedHashMap<>();
        if (given != null) {
            given.forEach((name, value) -> {
                if (value != null) {
                    out.put(name, value);
                }
            });
        }
        return out;
    }

    /** The same as it is kept: with every cup, in the core's reading of it. */
    SheetContent settled(CuppingSheet sheet) {
        List<SheetContent.CupMark> marks = IntStream.range(0, sheet.cups().size())
                .mapToObj(i -> SheetContent.CupMark.of(
                        sheet.cups().get(i),
                        i < content.cups().size() ? content.cups().get(i).note() : null))
                .toList();
        List<SheetContent.WordMark> notes = IntStream.range(0, sheet.words().size())
                .mapToObj(i -> new SheetContent.WordMark(
                        sheet.words().get(i).word(),
                        List.copyOf(sheet.words().get(i).cups()),
                        content.words().get(i).place()))
                .toList();
        return new SheetContent(
                sheet.attributes(),
                marks,
                notes,
                numbers(content.intensities()),
                numbers(content.scales()),
                kept(content.note()),
                content.verdict());
    }

    static @Nullable String kept(@Nullable String text) {
        return text == null || text.isBlank() ? null : text.strip();
    }
}
