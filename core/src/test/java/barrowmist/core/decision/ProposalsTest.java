package barrowmist.core.decision;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.cupping.CuppingForm;
import barrowmist.core.cupping.FormScores;
import barrowmist.core.cupping.panel.Difference;
import barrowmist.core.decision.LotEvidence.CuppedRoast;
import barrowmist.core.green.Grade;
import barrowmist.core.green.GreenJudgement;
import barrowmist.core.green.GreenJudgement.Verdict;
import barrowmist.core.green.SampleStage;
import barrowmist.core.green.StageComparison;
import barrowmist.core.trace.Cause;
import barrowmist.core.trace.TraceRules;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Described situations, and what a careful lead would do: common practice, no published source. */
class ProposalsTest {

    private static CuppedRoast clean(double... scores) {
        return roast(SampleStage.ARRIVAL, null, true, scores);
    }

    private static CuppedRoast faulty(Cause cause, double... scores) {
        return roast(SampleStage.ARRIVAL, cause, true, scores);
    }

    private static CuppedRoast roast(SampleStage stage, Cause cause, boolean borneOut, double... scores) {
        return new CuppedRoast(
                "Roast 1", stage, Arrays.stream(scores).boxed().toList(), Optional.ofNullable(cause), borneOut);
    }

    private static GreenJudgement judged(Verdict verdict, String text) {
        return new GreenJudgement("moisturePct", verdict, text);
    }

    private static final GreenJudgement GOOD = judged(Verdict.GOOD, "within");
    private static final GreenJudgement MOIST = judged(Verdict.OUT, "Above 12 %: it may mould in the bag.");

    private static final GreenJudgement NOT_AS_AGREED =
            new GreenJudgement(Contract.FIELD, Verdict.OUT, "Contract, moisture: at most 11.5 %, found 12.8 %.");

    private static LotEvidence offered(GreenJudgement measured, CuppedRoast... roasts) {
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

    private static LotEvidence lot(GreenJudgement measured, CuppedRoast... roasts) {
        return new LotEvidence(
                measured == null ? List.of() : List.of(measured), Optional.empty(), List.of(), List.of(roasts));
    }

    /** A clean lot, with a triangle of its arrival and its pre-shipment sample. */
    private static LotEvidence told(int right, int sets) {
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

    static Stream<Arguments> situations() {
        return Stream.of(
                situation("one clean table well above the floor", lot(GOOD, clean(84.5)), Outcome.BUY),
                situation("nothing measured, one clean table", lot(null, clean(84.5)), Outcome.HOLD),
                situation(
                        "one quaker cup of three",
                        lot(GOOD, clean(84), clean(84), faulty(Cause.QUAKERS, 81)),
                        Outcome.HOLD),
                situation(
                        "mould in all three",
                        lot(
                                GOOD,
                                faulty(Cause.GREEN_MOULD, 70),
                                faulty(Cause.GREEN_MOULD, 71),
                                faulty(Cause.GREEN_MOULD, 72)),
                        Outcome.REJECT),
                situation(
                        "mould in one of three",
                        lot(GOOD, clean(84), clean(84), faulty(Cause.GREEN_MOULD, 71)),
                        Outcome.HOLD),
                situation(
                        "a musty cup that nothing bears out",
                        lot(GOOD, roast(SampleStage.ARRIVAL, Cause.GREEN_MOULD, false, 72)),
                        Outcome.HOLD),
                situation("moisture 12.8 with a clean cup, and nothing agreed", lot(MOIST, clean(84)), Outcome.HOLD),
                situation("moisture 12.8 with a clean cup, 11.5 agreed", lot(NOT_AS_AGREED, clean(84)), Outcome.CLAIM),
                situation("the same, measured on an offer sample", offered(NOT_AS_AGREED, clean(84)), Outcome.BUY),
                situation("moisture 12.8, nothing cupped", lot(MOIST), Outcome.HOLD),
                situation("smells of chemicals", lot(judged(Verdict.STOP, "not tasted")), Outcome.REJECT),
                situation(
                        "pre-shipment better by 0.75 with two cuppers",
                        lot(GOOD, roast(SampleStage.PRE_SHIPMENT, null, true, 85, 84.75), clean(84, 84.25)),
                        Outcome.BUY),
                situation(
                        "pre-shipment better by 3 with four cuppers",
                        lot(GOOD, roast(SampleStage.PRE_SHIPMENT, null, true, 86, 86, 86, 86), clean(83, 83, 83, 83)),
                        Outcome.HOLD),
                situation(
                        "the baked cup of an otherwise clean lot",
                        lot(GOOD, clean(84.5), clean(84), faulty(Cause.BAKED, 74)),
                        Outcome.BUY),
                situation("the only roast is baked", lot(GOOD, faulty(Cause.BAKED, 74)), Outcome.ROAST_AGAIN),
                situation(
                        "two roasts, both scorched",
                        lot(GOOD, faulty(Cause.SCORCHED, 75), faulty(Cause.SCORCHED, 76)),
                        Outcome.ROAST_AGAIN),
                situation("as good as before, and a triangle that tells nothing apart", told(4, 12), Outcome.BUY),
                situation("as good as before, and a triangle that tells them apart", told(9, 12), Outcome.HOLD),
                situation("past crop", lot(GOOD, faulty(Cause.PAST_CROP, 78)), Outcome.REJECT),
                situation("cupped the day it was roasted", lot(GOOD, faulty(Cause.UNDER_RESTED, 79)), Outcome.HOLD),
                situation("the water was off", lot(GOOD, faulty(Cause.PREPARATION, 79)), Outcome.HOLD),
                situation("80.5 on one sheet", lot(GOOD, clean(80.5)), Outcome.HOLD),
                situation("77 on four sheets", lot(GOOD, clean(77, 77, 76.75, 77.25)), Outcome.REJECT),
                situation("nothing known", lot(null), Outcome.UNDECIDED),
                situation("a sheet without a score", lot(GOOD, clean()), Outcome.HOLD));
    }

    private static Arguments situation(String what, LotEvidence lot, Outcome outcome) {
        return Arguments.of(what, lot, outcome);
    }

    @ParameterizedTest(name = "{0}: {2}")
    @MethodSource("situations")
    void aCarefulLeadWouldDoTheSame(String what, LotEvidence lot, Outcome outcome) {
        Proposal p = Proposals.of(lot, DecisionRules.DEFAULTS);
        assertThat(p.outcome()).as("%s: %s", what, p.reasons()).isEqualTo(outcome);
        assertThat(p.reasons())
                .isNotEmpty()
                .allSatisfy(r -> assertThat(r.text()).isNotBlank());
    }

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
        List<Double> many = new ArrayList<>(java.util.Collections.nCopies(12, 80.75));
        CuppedRoast r = new CuppedRoast("Roast 1", SampleStage.ARRIVAL, many, Optional.empty(), true);
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
