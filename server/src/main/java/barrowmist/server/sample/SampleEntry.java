package barrowmist.server.sample;

import barrowmist.core.sample.BenchFigures;
import barrowmist.server.web.Optionals;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** Bench figures as entered; what was not measured is left out. */
public record SampleEntry(
        @Schema(example = "120") @Nullable Double greenG,
        @Schema(example = "104.6") @Nullable Double roastedG,
        @Schema(example = "58") @Nullable Double colourWhole,
        @Schema(example = "63") @Nullable Double colourGround,
        @Nullable CountsView counts,
        @Nullable Boolean oneColourThrough,
        @Nullable BenchLookView look,
        @Nullable Long version) {

    /** Nothing but weights. */
    static SampleEntry weighed(@Nullable Double greenG, @Nullable Double roastedG) {
        return new SampleEntry(greenG, roastedG, null, null, null, null, null, null);
    }

    /** @param pulledG what was drawn while it roasted, g: the desk knows it, the bench does not say it */
    BenchFigures figures(OptionalDouble pulledG) {
        return new BenchFigures(
                Optionals.of(greenG),
                Optionals.of(roastedG),
                pulledG,
                Optionals.of(colourWhole),
                Optionals.of(colourGround),
                CountsView.counts(counts),
                Optional.ofNullable(oneColourThrough),
                BenchLookView.look(look));
    }
}
