package barrowmist.core.machine.thermal;

import barrowmist.core.roast.RoastLog;

/**
 * A roast as the model runs it.
 *
 * @param log what the probes would read and where the controls stood, s since charge
 * @param energy where its heat went
 * @param moisture water left at the end, kg for each kg of dry bean
 */
public record SimulatedCurve(RoastLog log, EnergyBalance energy, double moisture) {}
