package barrowmist.server.decision;

import barrowmist.core.decision.Contract;
import barrowmist.core.decision.DecisionRules;
import barrowmist.core.decision.LotEvidence;
import barrowmist.core.decision.Outcome;
import barrowmist.core.decision.Proposals;
import barrowmist.core.trace.TraceRules;
import barrowmist.server.green.LotService;
import barrowmist.server.green.LotView;
import barrowmist.server.store.ContractService;
import barrowmist.server.store.ContractService.Every;
import barrowmist.server.trace.LotProposals;
import barrowmist.server.trace.RuleViews.ChangedProposal;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** What other rules would propose for the newest lots, before they are kept. */
@Component
class ProposalTrial implements LotProposals {

    /** So many of the newest lots are looked at. */
    private static final int LOOKED_AT = 100;

    private final LotService lots;
    private final LotGathering gathering;
    private final ContractService contracts;

    ProposalTrial(LotService lots, LotGathering gathering, ContractService contracts) {
        this.lots = lots;
        this.gathering = gathering;
        this.contracts = contracts;
    }

    @Override
    public List<ChangedProposal> changed(TraceRules now, TraceRules then) {
        DecisionRules before = DecisionRules.of(now);
        DecisionRules after = DecisionRules.of(then);
        Every agreed = contracts.every();
        return lots.list().stream()
                .limit(LOOKED_AT)
                .flatMap(lot -> changed(lot, agreed.of(lot.id(), lot.supplier()), before, after).stream())
                .toList();
    }

    private Optional<ChangedProposal> changed(
            LotView lot, Contract contract, DecisionRules before, DecisionRules after) {
        LotEvidence known = gathering.of(lot.id());
        Outcome was = Proposals.of(known, contract.rules(before)).outcome();
        Outcome is = Proposals.of(known, contract.rules(after)).outcome();
        return was == is
                ? Optional.empty()
                : Optional.of(new ChangedProposal(lot.id(), lot.name(), was.label(), is.label()));
    }
}
