package barrowmist.core.decision;

import barrowmist.core.green.Grade;
import barrowmist.core.green.GreenJudgement;
import barrowmist.core.green.GreenJudgement.Verdict;
import barrowmist.core.green.StageComparison;
import barrowmist.core.trace.Evidence.Source;
import java.util.List;
import java.util.Map;

/** What was measured of a lot, and whether it is the coffee that was shown before; adds to the reasons. */
final class MeasuredReasons {

    /** Where a judgement does not name its figure itself. */
    private static final Map<String, String> NAMED =
            Map.of("moisturePct", "Moisture: ", "waterActivity", "Water activity: ", "densityGPerL", "Density: ");

    private final LotEvidence lot;
    private final List<Reason> reasons;

    MeasuredReasons(LotEvidence lot, List<Reason> reasons) {
        this.lot = lot;
        this.reasons = reasons;
    }

    /** What was measured, point by point; whether all of it is within the limits; adds to the reasons. */
    boolean within() {
        boolean within = true;
        for (GreenJudgement j : lot.measured()) {
            if (j.verdict() == Verdict.OUT || j.verdict() == Verdict.STOP) {
                reasons.add(Reason.bad(Source.GREEN, NAMED.getOrDefault(j.field(), "") + j.text()));
                within = false;
            }
        }
        if (lot.grade()
                .map(Grade::name)
                .filter(g -> g == Grade.Name.BELOW_SPECIALTY)
                .isPresent()) {
            reasons.add(Reason.bad(Source.GREEN, lot.grade().get().reason()));
            within = false;
        }
        for (StageComparison c : lot.stages()) {
            if (c.verdict() == StageComparison.Verdict.DIFFERS) {
                reasons.add(
                        Reason.bad(Source.GREEN, "%s beside the sample before: %s".formatted(c.figure(), c.text())));
                within = false;
            }
        }
        if (within && !lot.measured().isEmpty()) {
            reasons.add(Reason.good(Source.GREEN, "All that was measured lies within the limits."));
        }
        toldApart();
        return within;
    }

    /** What a triangle says: that two coffees are not the same is no word on which of them is better. */
    private void toldApart() {
        lot.sameAsBefore().ifPresent(d -> {
            String counted = "A triangle of the arrival and the pre-shipment sample: ";
            reasons.add(
                    d.shown()
                            ? Reason.bad(
                                    Source.CUP,
                                    counted + d.text()
                                            + " Cup the two side by side, and say how they differ, before it is paid.")
                            : Reason.good(Source.CUP, counted + d.text()));
        });
    }
}
