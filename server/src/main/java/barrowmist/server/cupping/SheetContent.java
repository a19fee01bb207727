package barrowmist.server.cupping;

import barrowmist.core.cupping.Attribute;
import barrowmist.core.cupping.Cup;
import barrowmist.core.cupping.HundredPointSheet;
import barrowmist.core.cupping.TasteNote;
import barrowmist.server.web.InputProblems;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.annotation.JsonDeserialize;

/**
 * What a sheet says, as it travels and as it is kept.
 *
 * @param attributes scores by attribute name; one not scored yet is left out
 * @param cups marks cup by cup
 * @param words tastes with the cups they were found in
 */
public record SheetContent(
        @Schema(
                example = "{\"fragranceAroma\":7.5,\"flavour\":7.5,\"aftertaste\":7.25,\"acidity\":7.5,\"body\":7.5,"
                        + "\"balance\":7.5,\"overall\":7.5}")
        Map<String, Double> attributes,

        List<CupMark> cups,
        List<WordMark> words) {

    /** One cup; a mark left out is sound. */
    public record CupMark(
            @Nullable Boolean uniform,
            @Nullable Boolean clean,
            @Nullable Boolean sweet,

            @Schema(allowableValues = {"none", "taint", "fault"}) @Nullable
            String defect) {

        Cup cup() {
            return new Cup(sound(uniform), sound(clean), sound(sweet), defect(defect));
        }

        static CupMark of(Cup c) {
            return new CupMark(
                    c.uniform(), c.clean(), c.sweet(), c.defect().name().toLowerCase(Locale.ROOT));
        }

        private static boolean sound(@Nullable Boolean mark) {
            return mark == null || mark;
        }

        private static Cup.Defect defect(@Nullable String name) {
            return name == null
                    ? Cup.Defect.NONE
                    : Arrays.stream(Cup.Defect.values())
                            .filter(d -> d.name().equalsIgnoreCase(name))
                            .findFirst()
                            .orElseThrow(() -> new InputProblems(
                                    "cups", "defect is \"" + name + "\", expected none, taint or fault"));
        }
    }

    /**
     * A taste word.
     *
     * @param cups numbers of the cups, from 1; a single number n is read as the first n cups
     */
    public record WordMark(
            @Schema(example = "flat") String word,

            @Schema(example = "[1,2,3,4,5]") @JsonDeserialize(using = CupNumbers.class)
            List<Integer> cups) {}

    /** The sheet in the core's terms. */
    HundredPointSheet sheet(int cupsOfSession) {
        Map<Attribute, Double> scores = new EnumMap<>(Attribute.class);
        attributes.forEach((name, score) -> {
            if (score != null) {
                scores.put(attribute(name), score);
            }
        });
        List<Cup> marks = cups.isEmpty()
                ? Collections.nCopies(cupsOfSession, Cup.SOUND)
                : cups.stream().map(CupMark::cup).toList();
        List<TasteNote> notes = words.stream()
                .map(w -> TasteNote.of(w.word() == null ? "" : w.word(), w.cups() == null ? List.of() : w.cups()))
                .toList();
        return new HundredPointSheet(scores, marks, notes);
    }

    static SheetContent of(HundredPointSheet sheet) {
        Map<String, Double> attributes = new LinkedHashMap<>();
        sheet.scores().forEach((a, score) -> attributes.put(a.field(), score));
        return new SheetContent(
                attributes,
                sheet.cups().stream().map(CupMark::of).toList(),
                sheet.words().stream()
                        .map(n -> new WordMark(n.word(), List.copyOf(n.cups())))
                        .toList());
    }

    private static Attribute attribute(String name) {
        return Arrays.stream(Attribute.values())
                .filter(a -> a.field().equals(name))
                .findFirst()
                .orElseThrow(() -> new InputProblems(
                        "attributes." + name,
                        name + " is not an attribute of the form, expected one of "
                                + String.join(
                                        ", ",
                                        Arrays.stream(Attribute.values())
                                                .map(Attribute::field)
                                                .toList())));
    }
}
