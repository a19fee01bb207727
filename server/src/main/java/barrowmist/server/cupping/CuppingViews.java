package barrowmist.server.cupping;

import barrowmist.core.cupping.CupSpread;
import barrowmist.core.cupping.CuppingForm;
import barrowmist.core.cupping.CuppingSheet;
import barrowmist.core.cupping.HouseLines;
import barrowmist.core.cupping.HundredPointSheet;
import barrowmist.core.cupping.QualityClass;
import barrowmist.core.cupping.ScoreTrail;
import barrowmist.core.cupping.TriageSheet;
import barrowmist.server.web.Optionals;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** Sheets on the wire. */
public final class CuppingViews {

    private CuppingViews() {}

    /** A sheet as entered. */
    public record SheetEntry(
            @Schema(example = "1") @Nullable Long roastId,
            @Schema(example = "472") @Nullable String code,
            @Schema(example = "1") @Nullable Integer place,
            @Schema(example = "Ines K.") @Nullable String cupper,

            @Nullable CuppingForm form,

            @Schema(
                    example = "{\"fragranceAroma\":7.5,\"flavour\":7.5,\"aftertaste\":7.25,\"acidity\":7.5,"
                            + "\"body\":7.5,\"balance\":7.5,\"overall\":7.5}")
            @Nullable
            Map<String, Double> attributes,

            @Nullable List<SheetContent.CupMark> cups,
            @Nullable List<SheetContent.WordMark> words,
            @Schema(example = "{\"acidity\":3}") @Nullable Map<String, Integer> intensities,
            @Nullable Map<String, Integer> scales,
            @Nullable String note,

            TriageSheet.@Nullable Verdict verdict,

            @Nullable Long version) {

        /** One with scores, cups and words alone. */
        public static SheetEntry of(
                @Nullable Long roastId,
                @Nullable String code,
                @Nullable String cupper,
                Map<String, Double> attributes,
                @Nullable List<SheetContent.CupMark> cups,
                List<SheetContent.WordMark> words) {
            return new SheetEntry(
                    roastId, code, null, cupper, null, attributes, cups, words, null, null, null, null, null);
        }

        /** Whether it says nothing of the sample. */
        boolean isEmpty() {
            return attributes == null
                    && cups == null
                    && words == null
                    && intensities == null
                    && scales == null
                    && note == null
                    && verdict == null;
        }

        SheetContent content() {
            return new SheetContent(
                    Objects.requireNonNullElse(attributes, Map.of()),
                    Objects.requireNonNullElse(cups, List.of()),
                    Objects.requireNonNullElse(words, List.of()),
                    intensities,
                    scales,
                    note,
                    verdict);
        }
    }

    /**
     * A sheet with its sums. Without {@code finalScore} it is half filled, or its form has none.
     *
     * @param uniformity on the 100-point form, as clean cup, sweetness, defects and running total
     * @param unscored what is not given yet, by name
     * @param below attributes below the house's line
     * @param houseSays of the final score: below the line, premium, or left out
     * @param meanings of faults, by word and for the marks of cups: whether they are the batch or a bean
     * @param trail how the scores went while the cups cooled
     */
    public record SheetView(
            long id,
            long cuppingId,
            @Nullable Long roastId,
            String code,
            String cupper,
            CuppingForm form,
            Map<String, Double> attributes,
            List<SheetContent.CupMark> cups,
            List<SheetContent.WordMark> words,
            Map<String, Integer> intensities,
            Map<String, Integer> scales,
            @Nullable String note,
            TriageSheet.@Nullable Verdict verdict,
            @Nullable Double uniformity,
            @Nullable Double cleanCup,
            @Nullable Double sweetness,
            @Nullable Double defects,
            @Nullable Double runningTotal,
            @Nullable Double finalScore,
            @Nullable String qualityClass,
            boolean scaled,
            List<String> unscored,
            List<String> below,
            @Nullable String houseSays,
            Map<String, String> meanings,
            Map<String, ScoreTrail> trail,
            Instant updatedAt,
            long version) {

        static SheetView of(SheetEntity e, HouseLines lines) {
            CuppingSheet s = e.sheet();
            Optional<HundredPointSheet> points = s instanceof HundredPointSheet p ? Optional.of(p) : Optional.empty();
            SheetContent c = e.content();
            OptionalDouble score = s.finalScore();
            return new SheetView(
                    e.id(),
                    e.cupping().id(),
                    e.cupping().told() ? e.roastId() : null,
                    e.sample().code(),
                    e.cupper(),
                    s.form(),
                    c.attributes(),
                    c.cups(),
                    c.words(),
                    Objects.requireNonNullElse(c.intensities(), Map.of()),
                    Objects.requireNonNullElse(c.scales(), Map.of()),
                    c.note(),
                    c.verdict(),
                    points.map(HundredPointSheet::uniformity).orElse(null),
                    points.map(HundredPointSheet::cleanCup).orElse(null),
                    points.map(HundredPointSheet::sweetness).orElse(null),
                    points.map(HundredPointSheet::defects).orElse(null),
                    points.map(HundredPointSheet::runningTotal).orElse(null),
                    Optionals.orNull(score),
                    points.flatMap(HundredPointSheet::qualityClass)
                            .map(QualityClass::label)
                            .orElse(null),
                    points.map(HundredPointSheet::scaled).orElse(false),
                    s.open(),
                    lines.below(s),
                    score.isPresent() && !lines.says(score.getAsDouble()).isEmpty()
                            ? lines.says(score.getAsDouble())
                            : null,
                    CupSpread.of(s),
                    e.trail().scores(),
                    e.updatedAt(),
                    e.version());
        }
    }
}
