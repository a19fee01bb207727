package barrowmist.core.roast;

import java.util.OptionalDouble;

/**
 * What a roaster said at one moment. What it did not say is empty.
 *
 * @param timeS s since charge; negative before it
 * @param beanC bean probe, °C
 * @param environmentC environment or exhaust probe, °C
 * @param gasPct gas, %
 * @param airflowPct airflow, %
 * @param drumRpm drum speed, 1/min
 */
public record Reading(
        double timeS,
        OptionalDouble beanC,
        OptionalDouble environmentC,
        OptionalDouble gasPct,
        OptionalDouble airflowPct,
        OptionalDouble drumRpm) {

    /** The same on a clock that is {@code shiftS} ahead. */
    public Reading shifted(double shiftS) {
        return new Reading(timeS + shiftS, beanC, environmentC, gasPct, airflowPct, drumRpm);
    }

    /** The same at another time, s. */
    public Reading at(double newTimeS) {
        return new Reading(newTimeS, beanC, environmentC, gasPct, airflowPct, drumRpm);
    }

    /** The same without the bean probe. */
    public Reading withoutBean() {
        return new Reading(timeS, OptionalDouble.empty(), environmentC, gasPct, airflowPct, drumRpm);
    }
}
