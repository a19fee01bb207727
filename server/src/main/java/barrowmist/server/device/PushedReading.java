package barrowmist.server.device;

import barrowmist.core.desk.RoasterReading;
import barrowmist.server.web.Optionals;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/**
 * What another logger read just now, in °C, % and 1/min.
 *
 * @param clockS the logger's own clock, s from any start
 */
public record PushedReading(
        @Schema(example = "187.4") @Nullable Double beanC,
        @Schema(example = "214.0") @Nullable Double environmentC,
        @Schema(example = "60") @Nullable Double gasPct,
        @Schema(example = "40") @Nullable Double airflowPct,
        @Schema(example = "62") @Nullable Double drumRpm,
        @Schema(example = "312.5") @Nullable Double clockS) {

    RoasterReading reading() {
        return new RoasterReading(
                Optionals.of(beanC),
                Optionals.of(environmentC),
                Optionals.of(gasPct),
                Optionals.of(airflowPct),
                Optionals.of(drumRpm),
                OptionalDouble.empty(),
                Optionals.of(clockS));
    }
}
