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

/** Sheets on the wire. */
public final class CuppingViews {

    static final String HUNDRED_POINT = "hundred-point";

    private CuppingViews() {}

    /** A sheet as entered. */
    public record SheetEntry(
            @Schema(example = "1") @Nullable Long roastId,
            @Schema(example = "472") @Nullable String code,
            @Schema(example = "1") @Nullable Integer place,
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
            @Nullable Long roastId,
            String code,
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
                    e.cupping().told() ? e.roastId() : null,
                    e.sample().code(),
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

    /** A word of the vocabulary. */
    public record WordView(String word, String group, String pointsTo, List<String> alsoFoundBy) {
        static WordView of(Vocabulary.Word w) {
            return new WordView(w.word(), w.group().label(), w.group().pointsTo(), w.alsoFoundBy());
        }
    }
}
