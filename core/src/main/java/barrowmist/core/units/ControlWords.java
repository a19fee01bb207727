package barrowmist.core.units;

import java.util.Optional;

/**
 * How a roaster's controls are written in sentences: in its own scale where it has one, else in % of full and in rpm.
 *
 * @param gas of the gas or the heating element
 * @param air of the airflow
 * @param drum of the drum speed
 */
public record ControlWords(Optional<ControlScale> gas, Optional<ControlScale> air, Optional<ControlScale> drum) {

    /** In % and rpm. */
    public static final ControlWords PLAIN = new ControlWords(Optional.empty(), Optional.empty(), Optional.empty());

    /** Such as {@code 62 %} or {@code 1.5 kPa}. */
    public String gasText(double pct) {
        return gas.map(s -> s.text(pct)).orElseGet(() -> "%.0f %%".formatted(pct));
    }

    public String airText(double pct) {
        return air.map(s -> s.text(pct)).orElseGet(() -> "%.0f %%".formatted(pct));
    }

    public String drumText(double rpm) {
        return drum.map(s -> s.text(rpm)).orElseGet(() -> "%.0f rpm".formatted(rpm));
    }
}
