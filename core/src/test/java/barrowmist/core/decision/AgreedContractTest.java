package barrowmist.core.decision;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.green.GreenJudgement;
import barrowmist.core.green.GreenJudgement.Verdict;
import barrowmist.core.green.Inspection;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;

class AgreedContractTest {

    private static final Contract MOIST = new Contract(
            OptionalDouble.of(84),
            OptionalDouble.of(11.5),
            OptionalInt.of(0),
            OptionalInt.of(5),
            OptionalDouble.of(5),
            OptionalInt.of(14));

    private static LotEvidence cupped(List<GreenJudgement> measured, double... scores) {
        return new LotEvidence(measured, Optional.empty(), List.of(), List.of(KnownLots.clean(scores)));
    }

    @Test
    void whatWasNotMeasuredOrNotAgreedIsNotJudged() {
        assertThat(MOIST.against(Inspection.none())).isEmpty();
        assertThat(Contract.NONE.against(Inspection.none())).isEmpty();
        assertThat(Contract.NONE.or(MOIST)).isEqualTo(MOIST);
        assertThat(MOIST.or(Contract.NONE)).isEqualTo(MOIST);
        assertThat(MOIST.problems()).isEmpty();
        assertThat(new Contract(
                                OptionalDouble.of(140),
                                OptionalDouble.empty(),
                                OptionalInt.of(-1),
                                OptionalInt.empty(),
                                OptionalDouble.empty(),
                                OptionalInt.empty())
                        .problems())
                .hasSize(2);
    }

    @Test
    void theContractsFloorStandsBeforeTheHouses() {
        LotEvidence lot = cupped(List.of(new GreenJudgement("moisturePct", Verdict.GOOD, "within")), 82, 82, 82, 82);
        assertThat(Proposals.of(lot, DecisionRules.DEFAULTS).outcome()).isEqualTo(Outcome.BUY);
        assertThat(Proposals.of(lot, MOIST.rules(DecisionRules.DEFAULTS)).outcome())
                .isEqualTo(Outcome.REJECT);
        assertThat(Contract.NONE.rules(DecisionRules.DEFAULTS)).isEqualTo(DecisionRules.DEFAULTS);
    }

    @Test
    void aPointOutsideTheContractIsClaimedWithItsFigures() {
        GreenJudgement out =
                new GreenJudgement(Contract.FIELD, Verdict.OUT, "Contract, moisture: at most 11.5 %, found 11.8 %.");
        Proposal p = Proposals.of(cupped(List.of(out), 86), DecisionRules.DEFAULTS);
        assertThat(p.outcome()).isEqualTo(Outcome.CLAIM);
        assertThat(p.reasons()).anyMatch(r -> !r.speaksFor() && r.text().contains("found 11.8 %"));
    }
}
