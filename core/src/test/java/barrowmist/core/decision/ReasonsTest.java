package barrowmist.core.decision;

import static barrowmist.core.decision.KnownLots.GOOD;
import static barrowmist.core.decision.KnownLots.clean;
import static barrowmist.core.decision.KnownLots.faulty;
import static barrowmist.core.decision.KnownLots.lot;
import static barrowmist.core.decision.KnownLots.told;
import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.cupping.CuppingForm;
import barrowmist.core.cupping.FormScores;
import barrowmist.core.cupping.panel.Difference;
import barrowmist.core.decision.LotEvidence.CuppedRoast;
import barrowmist.core.green.Grade;
import barrowmist.core.green.SampleStage;
import barrowmist.core.green.StageComparison;
import barrowmist.core.trace.Cause;
import barrowmist.core.trace.TraceRules;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;

/** What a proposal says it goes by, and the house's own rules for it. */
class ReasonsTest {

    @Test
    void belowGradeWithACleanCupIsHeldWhereNothingWasAgreed() {
        LotEvidence lot = new LotEvidence(
                List.of(GOOD),
                Optional.of(new Grade(Grade.Name.BELOW_SPECIALTY, "7 full defects, 5 allowed.")),
                List.of(),
                List.of(clean(84)));
        Proposal p = Proposals.of(lot, DecisionRules.DEFAULTS);
        assertThat(p.outcome()).isEqualTo(Outcome.HOLD);
        assertThat(p.reasons()).extracting(Reason::text).contains("7 full defects, 5 allowed.");
    }

    /** ISO 4120 (value from memory): of 12, 8 right show a difference at 5 %. */
    @Test
    void aTriangleIsToldWithWhatItCouldHaveShown() {
        assertThat(Proposals.of(told(8, 12), DecisionRules.DEFAULTS).outcome()).isEqualTo(Outcome.HOLD);
        Proposal none = Proposals.of(told(7, 12), DecisionRules.DEFAULTS);
        assertThat(none.outcome()).isEqualTo(Outcome.BUY);
        assertThat(none.reasons())
                .anyMatch(r -> r.speaksFor()
                        && r.text().startsWith("A triangle of the arrival and the pre-shipment sample: No difference")
                        && r.text().contains("this test would have shown it in"));
    }

    @Test
    void aTriangleDecidesNothingWhereTheCupDoes() {
        LotEvidence mouldy = new LotEvidence(
                List.of(GOOD),
                SampleStage.ARRIVAL,
                Optional.empty(),
                List.of(),
                List.of(faulty(Cause.GREEN_MOULD, 70)),
                OptionalInt.empty(),
                60,
                Optional.of(Difference.of(12, 4, 12)));
        assertThat(Proposals.of(mouldy, DecisionRules.DEFAULTS).outcome()).isEqualTo(Outcome.REJECT);
    }

    @Test
    void theLeadsOwnFloorAndPatienceAreTheHousesRules() {
        DecisionRules strict = DecisionRules.of(
                TraceRules.DEFAULTS.with(Map.of("decision.score-floor", 85.0, "decision.days-to-decide", 3.0)));
        assertThat(strict.daysToDecide()).isEqualTo(3);
        assertThat(Proposals.of(lot(GOOD, clean(84.5)), strict).outcome()).isEqualTo(Outcome.HOLD);
        assertThat(Proposals.of(lot(GOOD, clean(83)), strict).outcome()).isEqualTo(Outcome.REJECT);
    }

    @Test
    void aRuleOfTheDecisionTakesWholeDaysAndWhatALabCanMean() {
        assertThat(TraceRules.DEFAULTS.problems(List.of(new TraceRules.Change("decision.days-to-decide", 12))))
                .isEmpty();
        for (var wrong : Map.of(
                        "decision.days-to-decide", 10.5,
                        "decision.score-floor", 101.0,
                        "decision.certainty", 80.0,
                        "decision.whole-lot", 1.5,
                        "decision.due-soon", 0.0)
                .entrySet()) {
            assertThat(TraceRules.DEFAULTS.problems(List.of(new TraceRules.Change(wrong.getKey(), wrong.getValue()))))
                    .as("%s", wrong)
                    .isNotEmpty();
        }
    }

    @Test
    void moreSheetsTellMore() {
        CuppedRoast r = clean(
                Collections.nCopies(12, 80.75).stream().mapToDouble(s -> s).toArray());
        assertThat(Proposals.of(lot(GOOD, r), DecisionRules.DEFAULTS).outcome()).isEqualTo(Outcome.BUY);
        assertThat(Proposals.of(lot(GOOD, clean(80.75)), DecisionRules.DEFAULTS).outcome())
                .isEqualTo(Outcome.HOLD);
    }

    @Test
    void sortingIsSaidWithWhatItCosts() {
        LotEvidence lot = new LotEvidence(
                List.of(GOOD),
                SampleStage.ARRIVAL,
                Optional.empty(),
                List.of(),
                List.of(clean(84), faulty(Cause.QUAKERS, 81)),
                OptionalInt.of(6),
                60,
                Optional.empty());
        // six beans of 0.13 g in 100 g are 0.78 %, of 60 kg 0.47
        assertThat(Proposals.of(lot, DecisionRules.DEFAULTS).reasons())
                .anyMatch(r -> r.text().contains("about 0.5 of 60 kg (6 picked from 100 g)"));
    }

    /** Two forms are two scales: each has a floor of its own, and they have no mean together. */
    @Test
    void theTwoFormsAreNeverOneMean() {
        CuppedRoast both = new CuppedRoast(
                "Roast 1",
                SampleStage.ARRIVAL,
                new FormScores(Map.of(
                        CuppingForm.HUNDRED_POINT,
                        List.of(84.0, 84.25),
                        CuppingForm.VALUE_ASSESSMENT,
                        List.of(70.0, 71.0))),
                Optional.empty(),
                true);
        Proposal p = Proposals.of(lot(GOOD, both), DecisionRules.DEFAULTS);
        assertThat(p.outcome()).isEqualTo(Outcome.HOLD);
        assertThat(p.reasons())
                .extracting(Reason::text)
                .anyMatch(t -> t.contains("84.13 on 2 sheets"))
                .anyMatch(t -> t.contains("70.50 on 2 sheets of the"))
                .anyMatch(t -> t.contains("do not agree"));
    }

    @Test
    void aCleanerArrivalIsNoGroundForAnything() {
        StageComparison cleaner = new StageComparison(
                "Full defects, category 2",
                "",
                OptionalDouble.of(7),
                OptionalDouble.of(1),
                StageComparison.Verdict.DIFFERS,
                false,
                "cleaner than was shown");
        LotEvidence lot = new LotEvidence(List.of(GOOD), Optional.empty(), List.of(cleaner), List.of(clean(84.5)));
        assertThat(Proposals.of(lot, DecisionRules.DEFAULTS).outcome()).isEqualTo(Outcome.BUY);
    }
}
