package barrowmist.core.machine.thermal;

/**
 * Where the controls of a drum stand.
 *
 * @param gasPct gas, % of full, [0, 100]
 * @param airflowPct airflow, % of full, [0, 100]
 * @param drumRpm drum speed, 1/min, positive
 */
public record ControlLevels(double gasPct, double airflowPct, double drumRpm) {}
