package barrowmist.server.sample;

import barrowmist.core.sample.BenchCounts;
import barrowmist.core.sample.BenchFigures;
import barrowmist.core.sample.BenchLook;
import barrowmist.server.web.Optionals;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** Bench figures as entered; what was not measured is left out. Beans are counted in 100 g, or by {@code counts} in other grams. */
public record SampleEntry(
        @Schema(example = "120") @Nullable Double greenG,
        @Schema(example = "104.6") @Nullable Double roastedG,
        @Schema(example = "58") @Nullable Double colourWhole,
        @Schema(example = "63") @Nullable Double colourGround,
        @Schema(example = "0") @Nullable Integer quakersPer100g,
        @Schema(example = "0") @Nullable Integer scorchedPer100g,
        @Schema(example = "0") @Nullable Integer tippedPer100g,
        @Schema(example = "0") @Nullable Integer shellsPer100g,
        @Nullable BenchCounts counts,
        @Nullable Boolean oneColourThrough,
        @Nullable BenchLook look,
        @Nullable Long version) {

    /** Nothing but weights. */
    public static SampleEntry weighed(@Nullable Double greenG, @Nullable Double roastedG) {
        return new SampleEntry(greenG, roastedG, null, null, null, null, null, null, null, null, null, null);
    }

    /** Counts of so many grams go before those of 100 g, which scripts send. */
    private BenchCounts counted() {
        return counts != null
                ? counts
                : BenchCounts.in100g(
                        Optionals.of(quakersPer100g),
                        Optionals.of(scorchedPer100g),
                        Optionals.of(tippedPer100g),
                        Optionals.of(shellsPer100g));
    }

    /** @param pulledG what was drawn while it roasted, g: the desk knows it, the bench does not say it */
    BenchFigures figures(OptionalDouble pulledG) {
        return new BenchFigures(
                Optionals.of(greenG),
                Optionals.of(roastedG),
                pulledG,
                Optionals.of(colourWhole),
                Optionals.of(colourGround),
                counted(),
                Optional.ofNullable(oneColourThrough),
                look == null ? BenchLook.none() : look);
    }
}
