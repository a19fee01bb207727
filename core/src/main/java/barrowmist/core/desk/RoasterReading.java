package barrowmist.core.desk;

import barrowmist.core.units.ControlScale;
import barrowmist.core.units.ControlWords;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What a roaster said at once. What it does not say is empty.
 *
 * @param clockS its own clock, s from any start
 * @param pops cracks heard since any start
 * @param silent how many quantities it was asked for and has no value of
 */
public record RoasterReading(
        OptionalDouble beanC,
        OptionalDouble environmentC,
        OptionalDouble gasPct,
        OptionalDouble airflowPct,
        OptionalDouble drumRpm,
        OptionalDouble pops,
        OptionalDouble clockS,
        int silent) {

    /** Of a roaster that has a value of everything it is asked for. */
    public RoasterReading(
            OptionalDouble beanC,
            OptionalDouble environmentC,
            OptionalDouble gasPct,
            OptionalDouble airflowPct,
            OptionalDouble drumRpm,
            OptionalDouble pops,
            OptionalDouble clockS) {
        this(beanC, environmentC, gasPct, airflowPct, drumRpm, pops, clockS, 0);
    }

    /** The same of a roaster that says its controls in its own scale. */
    public RoasterReading fromOwnScale(ControlWords controls) {
        return new RoasterReading(
                beanC,
                environmentC,
                base(gasPct, controls.gas()),
                base(airflowPct, controls.air()),
                base(drumRpm, controls.drum()),
                pops,
                clockS,
                silent);
    }

    private static OptionalDouble base(OptionalDouble said, Optional<ControlScale> scale) {
        return said.isPresent() && scale.isPresent()
                ? OptionalDouble.of(scale.get().base(said.getAsDouble()))
                : said;
    }

    /** Of a roaster that says nothing. */
    public static RoasterReading nothing() {
        OptionalDouble none = OptionalDouble.empty();
        return new RoasterReading(none, none, none, none, none, none, none);
    }
}
