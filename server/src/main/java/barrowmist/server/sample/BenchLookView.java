package barrowmist.server.sample;

import barrowmist.core.sample.BenchLook;
import barrowmist.core.sample.BenchLook.Evenness;
import barrowmist.core.sample.BenchLook.Hue;
import barrowmist.core.sample.BenchLook.Surface;
import barrowmist.server.web.Codes;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** How a roasted sample looks; what nobody looked at is left out. */
public record BenchLookView(
        @Schema(allowableValues = {"even", "mixed"}) @Nullable
        String evenness,

        @Schema(allowableValues = {"matt", "oily"}) @Nullable
        String surface,

        @Nullable Boolean swollen,

        @Schema(allowableValues = {"yellow", "reddish", "brown", "dark"}) @Nullable
        String hue) {

    static BenchLookView of(BenchLook look) {
        return new BenchLookView(
                look.evenness().map(Codes::of).orElse(null),
                look.surface().map(Codes::of).orElse(null),
                look.swollen().orElse(null),
                look.hue().map(Codes::of).orElse(null));
    }

    static BenchLook look(@Nullable BenchLookView v) {
        return v == null
                ? BenchLook.none()
                : new BenchLook(
                        Codes.parse(Evenness.class, v.evenness),
                        Codes.parse(Surface.class, v.surface),
                        Optional.ofNullable(v.swollen),
                        Codes.parse(Hue.class, v.hue));
    }
}
