package barrowmist.core.decision;

import barrowmist.core.cupping.panel.Difference;
import barrowmist.core.green.Grade;
import barrowmist.core.green.GreenJudgement;
import barrowmist.core.green.GreenJudgement.Verdict;
import barrowmist.core.green.SampleStage;
import barrowmist.core.green.StageComparison;
import barrowmist.core.trace.Evidence.Source;
import java.util.List;
import java.util.Map;

/** What was measured of a lot, and whether it is the coffee that was agreed and shown; adds to the reasons. */
final class MeasuredReasons {

    /** Where a judgement does not name its figure itself. */
    private static final Map<String, String> NAMED =
            Map.of("moisturePct", "Moisture: ", "waterActivity", "Water activity: ", "densityGPerL", "Density: ");

    private final LotEvidence lot;
    private final List<Reason> reasons;

    /** How the green stands. */
    enum Standing {
        /** Nothing of it was measured. */
        NOT_MEASURED,
        /** All that was measured lies within what was agreed and within the limits. */
        WITHIN,
        /** Something lies outside the house's limits, or is worse than was shown; nothing was agreed about it. */
        OUTSIDE,
        /** Something lies outside what was agreed, measured on the arrival, by more than measuring scatters. */
        NOT_AS_AGREED
    }

    MeasuredReasons(LotEvidence lot, List<Reason> reasons) {
        this.lot = lot;
        this.reasons = reasons;
    }

    /** What was measured, point by point; adds to the reasons. */
    Standing standing() {
        if (lot.measured().isEmpty() && lot.grade().isEmpty()) {
            toldApart();
            return Standing.NOT_MEASURED;
        }
        boolean agreed = agreed();
        boolean within = limits() & grade() & shown();
        if (agreed && within) {
            reasons.add(Reason.good(Source.GREEN, "All that was measured lies within the limits."));
        }
        toldApart();
        return !agreed ? Standing.NOT_AS_AGREED : within ? Standing.WITHIN : Standing.OUTSIDE;
    }

    /** Whether all that was agreed was kept; before the arrival nothing can be broken yet. */
    private boolean agreed() {
        boolean kept = true;
        for (GreenJudgement j : lot.measured()) {
            if (j.field().equals(Contract.FIELD) && j.verdict() == Verdict.OUT) {
                boolean arrived = lot.stage() == SampleStage.ARRIVAL;
                reasons.add(Reason.bad(
                        Source.GREEN,
                        j.text()
                                + (arrived
                                        ? ""
                                        : " Measured on the %s sample."
                                                .formatted(lot.stage().label()))));
                kept &= !arrived;
            }
        }
        return kept;
    }

    private boolean limits() {
        boolean within = true;
        for (GreenJudgement j : lot.measured()) {
            boolean bad = j.verdict() == Verdict.OUT || j.verdict() == Verdict.STOP;
            if (bad && !j.field().equals(Contract.FIELD)) {
                reasons.add(Reason.bad(Source.GREEN, NAMED.getOrDefault(j.field(), "") + j.text()));
                within = false;
            }
        }
        return within;
    }

    private boolean grade() {
        boolean below = lot.grade()
                .filter(g -> g.name() == Grade.Name.BELOW_SPECIALTY || g.name() == Grade.Name.TOO_LITTLE)
                .isPresent();
        if (below) {
            reasons.add(Reason.bad(Source.GREEN, lot.grade().orElseThrow().reason()));
        }
        return !below;
    }

    private boolean shown() {
        boolean asShown = true;
        for (StageComparison c : lot.stages()) {
            if (c.verdict() == StageComparison.Verdict.DIFFERS) {
                String text = "%s beside the sample before: %s".formatted(c.figure(), c.text());
                reasons.add(c.worse() ? Reason.bad(Source.GREEN, text) : Reason.good(Source.GREEN, text));
                asShown &= !c.worse();
            }
        }
        return asShown;
    }

    /** What a triangle says: that two coffees are not the same is no word on which of them is better. */
    private void toldApart() {
        lot.sameAsBefore().ifPresent(d -> reasons.add(triangle(d)));
    }

    private static Reason triangle(Difference d) {
        String counted = "A triangle of the arrival and the pre-shipment sample: ";
        return d.shown()
                ? Reason.bad(
                        Source.CUP,
                        counted + d.text() + " Cup the two side by side, and say how they differ, before it is paid.")
                : Reason.good(Source.CUP, counted + d.text());
    }
}
