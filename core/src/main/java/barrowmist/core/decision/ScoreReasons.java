package barrowmist.core.decision;

import barrowmist.core.decision.LotEvidence.CuppedRoast;
import barrowmist.core.green.SampleStage;
import barrowmist.core.trace.Evidence.Source;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What the scores of clean roasts say, as far as so many sheets can tell. Adds to the reasons. */
final class ScoreReasons {

    private final DecisionRules rules;
    private final List<Reason> reasons;

    ScoreReasons(DecisionRules rules, List<Reason> reasons) {
        this.rules = rules;
        this.reasons = reasons;
    }

    /** @param within whether all that was measured lies within the limits */
    Outcome outcome(List<CuppedRoast> clean, boolean within) {
        List<Double> arrived = scores(clean, Optional.of(SampleStage.ARRIVAL));
        List<Double> scores = arrived.isEmpty() ? scores(clean, Optional.empty()) : arrived;
        if (scores.isEmpty()) {
            reasons.add(Reason.bad(Source.CUP, "No sheet has a final score."));
            return Outcome.HOLD;
        }
        double mean = ScoreDifference.mean(scores);
        double reach = rules.reach(1.0 / scores.size());
        String of = String.format(
                Locale.ROOT, "%.2f on %d %s", mean, scores.size(), scores.size() == 1 ? "sheet" : "sheets");
        String floor = String.format(Locale.ROOT, "%.0f", rules.scoreFloor());
        if (mean + reach < rules.scoreFloor()) {
            reasons.add(0, Reason.bad(Source.CUP, of + ": below " + floor + "."));
            return Outcome.REJECT;
        }
        if (mean - reach < rules.scoreFloor()) {
            reasons.add(
                    0,
                    Reason.bad(
                            Source.CUP, of + ": too near " + floor + " for so few sheets to tell. Cup it once more."));
            return Outcome.HOLD;
        }
        reasons.add(0, Reason.good(Source.CUP, of + ": above " + floor + "."));
        boolean kept = asGoodAsBefore(clean);
        return within && kept ? Outcome.BUY : Outcome.CLAIM;
    }

    /** Whether the arrival is as good as the sample before it, as far as so many sheets can tell. */
    private boolean asGoodAsBefore(List<CuppedRoast> clean) {
        List<Double> before = scores(clean, Optional.of(SampleStage.PRE_SHIPMENT));
        List<Double> now = scores(clean, Optional.of(SampleStage.ARRIVAL));
        if (before.isEmpty() || now.isEmpty()) {
            return true;
        }
        ScoreDifference told = ScoreDifference.of(before, now, rules);
        double less = -told.difference();
        String by = String.format(
                Locale.ROOT,
                "The pre-shipment sample scored %.2f %s (%d and %d sheets)",
                Math.abs(less),
                less > 0 ? "more" : "less",
                before.size(),
                now.size());
        if (told.worse()) {
            reasons.add(Reason.bad(Source.CUP, by + ": the arrival is worse."));
            return false;
        }
        reasons.add(Reason.good(
                Source.CUP,
                String.format(
                        Locale.ROOT,
                        "%s: no more than so few can tell apart. They would have found %.1f points in 8 of 10.",
                        by,
                        told.found())));
        return true;
    }

    private static List<Double> scores(List<CuppedRoast> roasts, Optional<SampleStage> stage) {
        return roasts.stream()
                .filter(r -> stage.isEmpty() || r.stage() == stage.get())
                .flatMap(r -> r.scores().stream())
                .toList();
    }
}
