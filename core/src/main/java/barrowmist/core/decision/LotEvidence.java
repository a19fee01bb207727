package barrowmist.core.decision;

import barrowmist.core.cupping.FormScores;
import barrowmist.core.cupping.panel.Difference;
import barrowmist.core.green.Grade;
import barrowmist.core.green.GreenJudgement;
import barrowmist.core.green.SampleStage;
import barrowmist.core.green.StageComparison;
import barrowmist.core.trace.Cause;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * All that is known of a lot.
 *
 * @param measured the figures of its newest sample against what was agreed and the limits; empty where none was inspected
 * @param stage of that sample
 * @param grade by its defect count; empty where none was counted
 * @param stages the newest sample held against the one before it; empty where there is one
 * @param roasts its cupped roasts, oldest first
 * @param quakersPer100g the most that were picked from one roast of it; empty where none were counted
 * @param kg kilos of it
 * @param sameAsBefore triangles between its arrival and its pre-shipment sample, taken together; empty where none was told
 */
public record LotEvidence(
        List<GreenJudgement> measured,
        SampleStage stage,
        Optional<Grade> grade,
        List<StageComparison> stages,
        List<CuppedRoast> roasts,
        OptionalInt quakersPer100g,
        double kg,
        Optional<Difference> sameAsBefore) {

    /** Measured on its arrival, without a count of quakers, and without a triangle. */
    public LotEvidence(
            List<GreenJudgement> measured,
            Optional<Grade> grade,
            List<StageComparison> stages,
            List<CuppedRoast> roasts) {
        this(measured, SampleStage.ARRIVAL, grade, stages, roasts, OptionalInt.empty(), 0, Optional.empty());
    }

    /**
     * A cupped roast.
     *
     * @param title what a person calls it
     * @param stage of which sample
     * @param scores final scores by form, one for each sheet
     * @param cause what its cup is held to come from; empty for nothing
     * @param borneOut whether something beside the cup bears it out, or the lead says so
     */
    public record CuppedRoast(
            String title, SampleStage stage, FormScores scores, Optional<Cause> cause, boolean borneOut) {}
}
