package barrowmist.server.sample;

import barrowmist.core.sample.BenchFigures;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;

/** Bench figures on the wire, with what is worked out from them. */
public record SampleView(
        long roastId,
        OptionalDouble greenG,
        OptionalDouble roastedG,
        OptionalDouble colourWhole,
        OptionalDouble colourGround,
        OptionalInt quakersPer100g,
        OptionalInt scorchedPer100g,
        OptionalInt tippedPer100g,
        @Nullable Boolean oneColourThrough,
        OptionalInt shellsPer100g,
        OptionalDouble weightLossPct,
        OptionalDouble colourGap,
        long version) {

    static SampleView of(long roastId, BenchFigures f, long version) {
        return new SampleView(
                roastId,
                f.greenG(),
                f.roastedG(),
                f.colourWhole(),
                f.colourGround(),
                f.quakersPer100g(),
                f.scorchedPer100g(),
                f.tippedPer100g(),
                f.oneColourThrough().orElse(null),
                f.shellsPer100g(),
                f.weightLossPct(),
                f.colourGap(),
                version);
    }
}
