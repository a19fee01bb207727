package barrowmist.core.decision;

import barrowmist.core.cupping.CuppingForm;
import barrowmist.core.trace.TraceRules;

/**
 * By what a proposal goes. Each is a rule of the house that the lead may change: {@code decision.…} in {@link TraceRules}.
 *
 * @param scoreFloor final score that a lot is bought from, points; 80 is where specialty begins (SCA cupping protocol, value from
 *     memory), a contract may ask for more
 * @param affectiveFloor the same on the affective form, points; no line of the standard (house default)
 * @param sheetSd how far one sheet lies from another of the same coffee, points (house default)
 * @param sureSpreads so many standard errors beside the floor are sure enough (one side of 95 %)
 * @param wholeLotShare of the cupped roasts, from which on a green fault is the lot's (house default)
 * @param daysToDecide from the arrival (house default)
 * @param soonDays so many days ahead a lot is due soon: it stands on Today (house default)
 * @param historyDays so long after it was due, a lot that nobody set a day for is history (house default)
 */
public record DecisionRules(
        double scoreFloor,
        double affectiveFloor,
        double sheetSd,
        double sureSpreads,
        double wholeLotShare,
        int daysToDecide,
        int soonDays,
        int historyDays) {

    /** Where a lab begins. */
    public static final DecisionRules DEFAULTS = of(TraceRules.DEFAULTS);

    /**
     * The difference that is left to chance, points.
     *
     * @param variance of what is compared, in variances of one sheet: 1/n for the mean of n sheets
     */
    double reach(double variance) {
        return sureSpreads * error(variance);
    }

    /** The floor of this form: a contract's and the house's on the 100-point form, the house's on the affective one. */
    double floor(CuppingForm form) {
        return form == CuppingForm.VALUE_ASSESSMENT ? affectiveFloor : scoreFloor;
    }

    /** The standard error of what is compared, points; {@code variance} as for {@link #reach}. */
    double error(double variance) {
        return sheetSd * Math.sqrt(variance);
    }

    /** As the lead has set them; days are whole ones. */
    public static DecisionRules of(TraceRules rules) {
        return new DecisionRules(
                rules.value("decision.score-floor"),
                rules.value("decision.affective-floor"),
                rules.value("decision.sheet-scatter"),
                rules.value("decision.certainty"),
                rules.value("decision.whole-lot"),
                (int) Math.round(rules.value("decision.days-to-decide")),
                (int) Math.round(rules.value("decision.due-soon")),
                (int) Math.round(rules.value("decision.history")));
    }
}
