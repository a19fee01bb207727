package barrowmist.server.cupping;

import barrowmist.core.cupping.Cup;
import barrowmist.core.cupping.TriageSheet;
import barrowmist.core.cupping.WordPlace;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.annotation.JsonDeserialize;

/**
 * What a sheet says, as it travels and as it is kept.
 *
 * @param attributes scores by attribute name; one not scored yet is left out
 * @param cups marks cup by cup
 * @param words tastes with the cups they were found in
 * @param intensities how much there is of something, by name
 * @param scales the house's own scales, 0 to 10, by name
 * @param note whatever else is to be said of the sample
 * @param verdict of a triage: out, again or through
 */
public record SheetContent(
        @Schema(
                example = "{\"fragranceAroma\":7.5,\"flavour\":7.5,\"aftertaste\":7.25,\"acidity\":7.5,\"body\":7.5,"
                        + "\"balance\":7.5,\"overall\":7.5}")
        Map<String, Double> attributes,

        List<CupMark> cups,
        List<WordMark> words,
        @Nullable Map<String, Integer> intensities,
        @Nullable Map<String, Integer> scales,
        @Nullable String note,
        TriageSheet.@Nullable Verdict verdict) {

    /** One cup; a mark left out is sound. */
    public record CupMark(
            @Nullable Boolean uniform,
            @Nullable Boolean clean,
            @Nullable Boolean sweet,

            Cup.@Nullable Defect defect,

            @Nullable String note) {

        Cup cup() {
            return new Cup(sound(uniform), sound(clean), sound(sweet), defect == null ? Cup.Defect.NONE : defect);
        }

        static CupMark of(Cup c, @Nullable String note) {
            return new CupMark(c.uniform(), c.clean(), c.sweet(), c.defect(), kept(note));
        }

        private static boolean sound(@Nullable Boolean mark) {
            return mark == null || mark;
        }
    }

    /**
     * A taste word.
     *
     * @param word one of the vocabulary, or any other
     * @param cups numbers of the cups, from 1; a single number n is read as the first n cups
     * @param place where it belongs on the value-assessment form
     */
    public record WordMark(
            @Schema(example = "flat") String word,

            @Schema(example = "[1,2,3,4,5]") @JsonDeserialize(using = CupNumbers.class)
            List<Integer> cups,

            @Nullable WordPlace place) {}

    /** Whether anything was written down, or it was opened only. */
    boolean isWritten() {
        return !attributes.isEmpty()
                || !words.isEmpty()
                || verdict != null
                || note != null
                || intensities != null && !intensities.isEmpty()
                || scales != null && !scales.isEmpty()
                || cups.stream().anyMatch(c -> c.note() != null || !c.cup().equals(Cup.SOUND));
    }

    private static @Nullable String kept(@Nullable String text) {
        return SheetReader.kept(text);
    }
}
