package barrowmist.server.machine;

import barrowmist.core.machine.Abilities;
import barrowmist.core.units.ControlScale;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * From where to where a control can be set, and in what steps, % or 1/min.
 *
 * @param scale what the machine itself says for it; left out when it says the same
 */
public record ControlRange(
        double min, double max, double step, @Nullable ControlScaleView scale) {

    /**
     * A roaster's own scale for a control.
     *
     * @param unit a pressure before the jet goes with the square of the heat, the others evenly
     * @param lowest what it says at the least; a pressure takes no heed of it
     * @param highest what it says at the most
     * @param step its smallest step
     */
    public record ControlScaleView(
            ControlScale.Unit unit,

            @Schema(example = "0") double lowest,
            @Schema(example = "9") double highest,
            @Schema(example = "1") double step) {

        private ControlScale over(double min, double max) {
            ControlScale.Unit own = unit == null ? ControlScale.Unit.DIAL : unit;
            return new ControlScale(own, min, max, lowest, highest, step);
        }
    }

    static ControlRange of(Abilities.Range r) {
        return new ControlRange(r.min(), r.max(), r.step(), null);
    }

    Abilities.Range range() {
        return new Abilities.Range(min, max, step, Optional.ofNullable(scale).map(s -> s.over(min, max)));
    }
}
