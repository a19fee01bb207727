package barrowmist.core.desk;

import java.util.OptionalDouble;

/**
 * What a roaster said at once. What it does not say is empty.
 *
 * @param clockS its own clock, s from any start
 * @param pops cracks heard since any start
 */
public record RoasterReading(
        OptionalDouble beanC,
        OptionalDouble environmentC,
        OptionalDouble gasPct,
        OptionalDouble airflowPct,
        OptionalDouble drumRpm,
        OptionalDouble pops,
        OptionalDouble clockS) {

    /** Of a roaster that says nothing. */
    public static RoasterReading nothing() {
        OptionalDouble none = OptionalDouble.empty();
        return new RoasterReading(none, none, none, none, none, none, none);
    }
}
