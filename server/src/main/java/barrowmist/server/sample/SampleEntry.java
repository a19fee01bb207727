package barrowmist.server.sample;

import barrowmist.core.sample.BenchFigures;
import barrowmist.server.web.Optionals;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Bench figures as entered; what was not measured is left out. */
public record SampleEntry(
        @Schema(example = "120") @Nullable Double greenG,
        @Schema(example = "104.6") @Nullable Double roastedG,
        @Schema(example = "58") @Nullable Double colourWhole,
        @Schema(example = "63") @Nullable Double colourGround,
        @Schema(example = "0") @Nullable Integer quakersPer100g,
        @Schema(example = "0") @Nullable Integer scorchedPer100g,
        @Schema(example = "0") @Nullable Integer tippedPer100g,
        @Nullable Boolean oneColourThrough,
        @Schema(example = "0") @Nullable Integer shellsPer100g,
        @Nullable Long version) {

    BenchFigures figures() {
        return new BenchFigures(
                Optionals.of(greenG),
                Optionals.of(roastedG),
                Optionals.of(colourWhole),
                Optionals.of(colourGround),
                Optionals.of(quakersPer100g),
                Optionals.of(scorchedPer100g),
                Optionals.of(tippedPer100g),
                Optional.ofNullable(oneColourThrough),
                Optionals.of(shellsPer100g));
    }
}
