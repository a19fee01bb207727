package barrowmist.core.roast;

/**
 * The readings of one roast, on the clock of the log. Controls hold their value until the next reading.
 *
 * @param beanC bean probe, °C
 * @param environmentC environment or exhaust probe, °C; may be empty
 * @param gasPct gas, %; may be empty
 * @param airflowPct airflow, %; may be empty
 * @param drumRpm drum speed, 1/min; may be empty
 */
public record RoastLog(Series beanC, Series environmentC, Series gasPct, Series airflowPct, Series drumRpm) {

    /** The same log with {@code shiftS} added to every time. */
    public RoastLog shifted(double shiftS) {
        return new RoastLog(
                beanC.shifted(shiftS),
                environmentC.shifted(shiftS),
                gasPct.shifted(shiftS),
                airflowPct.shifted(shiftS),
                drumRpm.shifted(shiftS));
    }

    /** The readings from one time to another, s on this log's clock. */
    public RoastLog sliced(double fromS, double toS) {
        return new RoastLog(
                beanC.slice(fromS, toS, 0),
                environmentC.slice(fromS, toS, 0),
                gasPct.slice(fromS, toS, 0),
                airflowPct.slice(fromS, toS, 0),
                drumRpm.slice(fromS, toS, 0));
    }
}
