package barrowmist.server.sample;

import barrowmist.core.sample.BenchFigures;
import barrowmist.server.web.Optionals;
import org.jspecify.annotations.Nullable;

/** Bench figures on the wire, with what is worked out from them. */
public record SampleView(
        long roastId,
        @Nullable Double greenG,
        @Nullable Double roastedG,
        @Nullable Double colourWhole,
        @Nullable Double colourGround,
        @Nullable Integer quakersPer100g,
        @Nullable Integer scorchedPer100g,
        @Nullable Integer tippedPer100g,
        @Nullable Boolean oneColourThrough,
        @Nullable Integer shellsPer100g,
        @Nullable Double weightLossPct,
        @Nullable Double colourGap,
        long version) {

    static SampleView of(long roastId, BenchFigures f, long version) {
        return new SampleView(
                roastId,
                Optionals.orNull(f.greenG()),
                Optionals.orNull(f.roastedG()),
                Optionals.orNull(f.colourWhole()),
                Optionals.orNull(f.colourGround()),
                Optionals.orNull(f.quakersPer100g()),
                Optionals.orNull(f.scorchedPer100g()),
                Optionals.orNull(f.tippedPer100g()),
                f.oneColourThrough().orElse(null),
                Optionals.orNull(f.shellsPer100g()),
                Optionals.orNull(f.weightLossPct()),
                Optionals.orNull(f.colourGap()),
                version);
    }
}
