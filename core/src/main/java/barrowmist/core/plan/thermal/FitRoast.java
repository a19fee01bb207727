package barrowmist.core.plan.thermal;

import barrowmist.core.roast.RoastFigures;
import barrowmist.core.roast.RoastLog;

/**
 * A roast that a machine's constants are fitted to.
 *
 * @param batch what went in
 * @param log readings since charge, gas among them
 * @param figures its milestones, drop included
 */
public record FitRoast(BatchConditions batch, RoastLog log, RoastFigures figures) {}
