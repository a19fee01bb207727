package barrowmist.server.sample;

import barrowmist.core.sample.BenchCounts;
import barrowmist.core.sample.BenchFigures;
import barrowmist.core.sample.BenchLook;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;

/**
 * Bench figures on the wire, with what is worked out from them.
 *
 * @param pulledG what was drawn while it roasted, g: it counts with what was weighed out
 */
public record SampleView(
        long roastId,
        OptionalDouble greenG,
        OptionalDouble roastedG,
        OptionalDouble pulledG,
        OptionalDouble colourWhole,
        OptionalDouble colourGround,
        @Nullable BenchCounts counts,
        OptionalInt quakersPer100g,
        OptionalInt scorchedPer100g,
        OptionalInt tippedPer100g,
        OptionalInt shellsPer100g,
        @Nullable Boolean oneColourThrough,
        @Nullable BenchLook look,
        OptionalDouble weightLossPct,
        OptionalDouble colourGap,
        long version) {

    static SampleView of(long roastId, BenchFigures f, long version) {
        return new SampleView(
                roastId,
                f.greenG(),
                f.roastedG(),
                f.pulledG(),
                f.colourWhole(),
                f.colourGround(),
                f.counts().equals(BenchCounts.none()) ? null : f.counts(),
                f.quakersPer100g(),
                f.scorchedPer100g(),
                f.tippedPer100g(),
                f.shellsPer100g(),
                f.oneColourThrough().orElse(null),
                f.look().equals(BenchLook.none()) ? null : f.look(),
                f.weightLossPct(),
                f.colourGap(),
                version);
    }
}
