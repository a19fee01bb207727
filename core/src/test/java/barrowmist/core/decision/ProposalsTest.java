package barrowmist.core.decision;

import static barrowmist.core.decision.KnownLots.GOOD;
import static barrowmist.core.decision.KnownLots.MOIST;
import static barrowmist.core.decision.KnownLots.NOT_AS_AGREED;
import static barrowmist.core.decision.KnownLots.clean;
import static barrowmist.core.decision.KnownLots.faulty;
import static barrowmist.core.decision.KnownLots.judged;
import static barrowmist.core.decision.KnownLots.lot;
import static barrowmist.core.decision.KnownLots.offered;
import static barrowmist.core.decision.KnownLots.roast;
import static barrowmist.core.decision.KnownLots.told;
import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.green.GreenJudgement.Verdict;
import barrowmist.core.green.SampleStage;
import barrowmist.core.trace.Cause;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Described situations, and what a careful lead would do: common practice, no published source. */
class ProposalsTest {

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
}
