package barrowmist.core.decision;

import barrowmist.core.cupping.CuppingForm;
import barrowmist.core.cupping.FormScores;
import barrowmist.core.cupping.panel.Difference;
import barrowmist.core.decision.LotEvidence.CuppedRoast;
import barrowmist.core.green.GreenJudgement;
import barrowmist.core.green.GreenJudgement.Verdict;
import barrowmist.core.green.SampleStage;
import barrowmist.core.trace.Cause;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;

/** Lots of which as much is known as a test says. */
final class KnownLots {

    static final GreenJudgement GOOD = judged(Verdict.GOOD, "within");
    static final GreenJudgement MOIST = judged(Verdict.OUT, "Above 12 %: it may mould in the bag.");
    static final GreenJudgement NOT_AS_AGREED =
            new GreenJudgement(Contract.FIELD, Verdict.OUT, "Contract, moisture: at most 11.5 %, found 12.8 %.");

    private KnownLots() {}

    /** Final scores on the 100-point form. */
    static FormScores onTheForm(List<Double> scores) {
        return scores.isEmpty() ? FormScores.NONE : new FormScores(Map.of(CuppingForm.HUNDRED_POINT, scores));
    }

    static CuppedRoast clean(double... scores) {
        return roast(SampleStage.ARRIVAL, null, true, scores);
    }

    static CuppedRoast faulty(Cause cause, double... scores) {
        return roast(SampleStage.ARRIVAL, cause, true, scores);
    }

    static CuppedRoast roast(SampleStage stage, Cause cause, boolean borneOut, double... scores) {
        return new CuppedRoast(
                "Roast 1",
                stage,
                onTheForm(Arrays.stream(scores).boxed().toList()),
                Optional.ofNullable(cause),
                borneOut);
    }

    static GreenJudgement judged(Verdict verdict, String text) {
        return new GreenJudgement("moisturePct", verdict, text);
    }

    static LotEvidence offered(GreenJudgement measured, CuppedRoast... roasts) {
        return new LotEvidence(
                List.of(measured),
                SampleStage.OFFER,
                Optional.empty(),
                List.of(),
                List.of(roasts),
                OptionalInt.empty(),
                0,
                Optional.empty());
    }

    static LotEvidence lot(GreenJudgement measured, CuppedRoast... roasts) {
        return new LotEvidence(
                measured == null ? List.of() : List.of(measured), Optional.empty(), List.of(), List.of(roasts));
    }

    /** A clean lot, with a triangle of its arrival and its pre-shipment sample. */
    static LotEvidence told(int right, int sets) {
        return new LotEvidence(
                List.of(GOOD),
                SampleStage.ARRIVAL,
                Optional.empty(),
                List.of(),
                List.of(roast(SampleStage.PRE_SHIPMENT, null, true, 84.25, 84), clean(84, 84.25)),
                OptionalInt.empty(),
                60,
                Optional.of(Difference.of(sets, right, sets)));
    }
}
