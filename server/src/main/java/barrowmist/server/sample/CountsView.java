package barrowmist.server.sample;

import barrowmist.core.sample.BenchCounts;
import barrowmist.server.web.Optionals;
import io.swagger.v3.oas.annotations.media.Schema;
import org.jspecify.annotations.Nullable;

/**
 * Beans picked out, as they were counted; what was not counted is left out.
 *
 * @param ofG of so many grams; 100 when left out
 */
public record CountsView(
        @Schema(example = "84") @Nullable Double ofG,
        @Schema(example = "0") @Nullable Integer quakers,
        @Schema(example = "0") @Nullable Integer scorched,
        @Schema(example = "0") @Nullable Integer tipped,
        @Schema(example = "0") @Nullable Integer shells,
        @Nullable Integer dark,
        @Nullable Integer broken,
        @Nullable Integer peaberries,
        @Nullable Integer misshapen) {

    static CountsView of(BenchCounts c) {
        return new CountsView(
                Optionals.orNull(c.ofG()),
                Optionals.orNull(c.quakers()),
                Optionals.orNull(c.scorched()),
                Optionals.orNull(c.tipped()),
                Optionals.orNull(c.shells()),
                Optionals.orNull(c.dark()),
                Optionals.orNull(c.broken()),
                Optionals.orNull(c.peaberries()),
                Optionals.orNull(c.misshapen()));
    }

    static BenchCounts counts(@Nullable CountsView c) {
        return c == null
                ? BenchCounts.none()
                : new BenchCounts(
                        Optionals.of(c.ofG),
                        Optionals.of(c.quakers),
                        Optionals.of(c.scorched),
                        Optionals.of(c.tipped),
                        Optionals.of(c.shells),
                        Optionals.of(c.dark),
                        Optionals.of(c.broken),
                        Optionals.of(c.peaberries),
                        Optionals.of(c.misshapen));
    }
}
