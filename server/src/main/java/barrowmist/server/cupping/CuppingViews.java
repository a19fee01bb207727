package barrowmist.server.cupping;

import barrowmist.core.cupping.Attribute;
import barrowmist.core.cupping.HundredPointSheet;
import barrowmist.core.cupping.QualityClass;
import barrowmist.core.cupping.Vocabulary;
import barrowmist.server.web.Optionals;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Cuppings and sheets on the wire. */
public final class CuppingViews {

    private CuppingViews() {}

    /** A cupping as entered; all may be left out: now, 5 cups, no roast yet. */
    public record CuppingEntry(
            @Nullable Instant cuppedAt,
            @Schema(example = "5") @Nullable Integer cups,
            @Schema(example = "[1]") @Nullable List<Long> roastIds) {}

    /** A sheet as entered. */
    public record SheetEntry(
            @Schema(example = "1") @Nullable Long roastId,
            @Schema(example = "Ines K.") @Nullable String cupper,

            @Schema(
                    example = "hundred-point",
                    allowableValues = {"hundred-point"})
            @Nullable
            String form,

            @Schema(
                    example = "{\"fragranceAroma\":7.5,\"flavour\":7.5,\"aftertaste\":7.25,\"acidity\":7.5,"
                            + "\"body\":7.5,\"balance\":7.5,\"overall\":7.5}")
            @Nullable
            Map<String, Double> attributes,

            @Nullable List<SheetContent.CupMark> cups,
            @Nullable List<SheetContent.WordMark> words,
            @Nullable Long version) {}

    /** A sheet with its sums. Without {@code finalScore} it is half filled. */
    public record SheetView(
            long id,
            long cuppingId,
            long roastId,
            String cupper,
            String form,
            Map<String, Double> attributes,
            List<SheetContent.CupMark> cups,
            List<SheetContent.WordMark> words,
            double uniformity,
            double cleanCup,
            double sweetness,
            double defects,
            double runningTotal,
            @Nullable Double finalScore,
            @Nullable String qualityClass,
            boolean scaled,
            List<String> unscored,
            Instant updatedAt,
            long version) {

        static SheetView of(SheetEntity e) {
            HundredPointSheet s = e.sheet();
            return new SheetView(
                    e.id(),
                    e.cupping().id(),
                    e.roastId(),
                    e.cupper(),
                    e.form(),
                    e.content().attributes(),
                    e.content().cups(),
                    e.content().words(),
                    s.uniformity(),
                    s.cleanCup(),
                    s.sweetness(),
                    s.defects(),
                    s.runningTotal(),
                    Optionals.orNull(s.finalScore()),
                    s.qualityClass().map(QualityClass::label).orElse(null),
                    s.scaled(),
                    s.unscored().stream().map(Attribute::field).toList(),
                    e.updatedAt(),
                    e.version());
        }
    }

    /** A sample that is on the table too early or too late, and by how much. */
    public record RestWarning(long roastId, String text) {}

    /** A cupping with its sheets; {@code warnings} are left out in lists. */
    public record CuppingView(
            long id,
            Instant cuppedAt,
            int cups,
            List<Long> roastIds,
            List<SheetView> sheets,
            @Nullable List<RestWarning> warnings) {

        CuppingView with(List<RestWarning> newWarnings) {
            return new CuppingView(id, cuppedAt, cups, roastIds, sheets, newWarnings);
        }
    }

    /** A word of the vocabulary. */
    public record WordView(String word, String group, String pointsTo, List<String> alsoFoundBy) {
        static WordView of(Vocabulary.Word w) {
            return new WordView(w.word(), w.group().label(), w.group().pointsTo(), w.alsoFoundBy());
        }
    }
}
