package barrowmist.core.decision;

import barrowmist.core.cupping.CuppingForm;
import barrowmist.core.decision.LotEvidence.CuppedRoast;
import barrowmist.core.green.SampleStage;
import barrowmist.core.trace.Evidence.Source;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What the scores of clean roasts say, as far as so many sheets can tell. The two forms are two scales: each is held against
 * a floor of its own, and they have no mean together. Adds to the reasons.
 */
final class ScoreReasons {

    private final DecisionRules rules;
    private final List<Reason> reasons;

    ScoreReasons(DecisionRules rules, List<Reason> reasons) {
        this.rules = rules;
        this.reasons = reasons;
    }

    /** Buy, reject or hold, by the cup alone. */
    Outcome outcome(List<CuppedRoast> clean) {
        Map<CuppingForm, Outcome> byForm = new EnumMap<>(CuppingForm.class);
        for (CuppingForm form : List.of(CuppingForm.VALUE_ASSESSMENT, CuppingForm.HUNDRED_POINT)) {
            List<Double> arrived = scores(clean, form, Optional.of(SampleStage.ARRIVAL));
            List<Double> scores = arrived.isEmpty() ? scores(clean, form, Optional.empty()) : arrived;
            if (!scores.isEmpty()) {
                byForm.put(form, against(form, scores));
            }
        }
        if (byForm.isEmpty()) {
            reasons.add(Reason.bad(Source.CUP, "No sheet has a final score."));
            return Outcome.HOLD;
        }
        Set<Outcome> said = new HashSet<>(byForm.values());
        if (said.size() > 1) {
            reasons.add(0, Reason.bad(Source.CUP, "The two forms do not agree: cup it once more."));
            return Outcome.HOLD;
        }
        boolean kept =
                byForm.keySet().stream().map(f -> asGoodAsBefore(clean, f)).reduce(true, Boolean::logicalAnd);
        Outcome outcome = said.iterator().next();
        return outcome == Outcome.BUY && !kept ? Outcome.HOLD : outcome;
    }

    private Outcome against(CuppingForm form, List<Double> scores) {
        double mean = ScoreDifference.mean(scores);
        double reach = rules.reach(1.0 / scores.size());
        double floor = rules.floor(form);
        String of = String.format(
                Locale.ROOT,
                "%.2f on %d %s%s",
                mean,
                scores.size(),
                scores.size() == 1 ? "sheet" : "sheets",
                form == CuppingForm.HUNDRED_POINT ? "" : " of the " + form.label());
        String line = String.format(Locale.ROOT, "%.0f", floor);
        if (mean + reach < floor) {
            reasons.add(0, Reason.bad(Source.CUP, of + ": below " + line + "."));
            return Outcome.REJECT;
        }
        if (mean - reach < floor) {
            reasons.add(
                    0,
                    Reason.bad(
                            Source.CUP, of + ": too near " + line + " for so few sheets to tell. Cup it once more."));
            return Outcome.HOLD;
        }
        reasons.add(0, Reason.good(Source.CUP, of + ": above " + line + "."));
        return Outcome.BUY;
    }

    /** Whether the arrival is as good as the sample before it, as far as so many sheets can tell. */
    private boolean asGoodAsBefore(List<CuppedRoast> clean, CuppingForm form) {
        List<Double> before = scores(clean, form, Optional.of(SampleStage.PRE_SHIPMENT));
        List<Double> now = scores(clean, form, Optional.of(SampleStage.ARRIVAL));
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

    private static List<Double> scores(List<CuppedRoast> roasts, CuppingForm form, Optional<SampleStage> stage) {
        return roasts.stream()
                .filter(r -> stage.isEmpty() || r.stage() == stage.get())
                .flatMap(r -> r.scores().on(form).stream())
                .toList();
    }
}
