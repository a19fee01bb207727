package barrowmist.server.decision;

import barrowmist.core.check.Checks;
import barrowmist.core.decision.DecisionRules;
import barrowmist.core.decision.Outcome;
import barrowmist.core.decision.Proposal;
import barrowmist.core.decision.Proposals;
import barrowmist.server.access.Member;
import barrowmist.server.decision.DecisionViews.DecidedView;
import barrowmist.server.decision.DecisionViews.DecisionEntry;
import barrowmist.server.decision.DecisionViews.DecisionView;
import barrowmist.server.decision.DecisionViews.ProposalView;
import barrowmist.server.decision.DecisionViews.Way;
import barrowmist.server.green.LotEntity;
import barrowmist.server.green.LotService;
import barrowmist.server.store.ContractService;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Proposes, and keeps what a person decided. */
@Service
@KeptInTurn
public class DecisionService {

    private static final int LONGEST_REASON = 1000;
    private static final int LONGEST_USE = 200;

    private final DecisionRepository decisions;
    private final LotGathering gathering;
    private final WhatIsMissing missing;
    private final LotService lots;
    private final ContractService contracts;
    private final HouseRules house;
    private final Clock clock;

    DecisionService(
            DecisionRepository decisions,
            LotGathering gathering,
            WhatIsMissing missing,
            LotService lots,
            ContractService contracts,
            HouseRules house,
            Clock clock) {
        this.house = house;
        this.decisions = decisions;
        this.gathering = gathering;
        this.missing = missing;
        this.lots = lots;
        this.contracts = contracts;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public DecisionView of(long lotId) {
        LotEntity lot = lots.get(lotId);
        DecisionRules rules = contracts.of(lot).rules(house.now());
        Proposal proposal = Proposals.of(gathering.of(lotId), rules);
        List<Way> ways = missing.of(lotId);
        List<DecidedView> history = decisions.findAllByLotIdOrderByIdDesc(lotId).stream()
                .map(DecidedView::of)
                .toList();
        DecidedView held = history.isEmpty() ? null : history.get(0);
        return new DecisionView(
                lotId,
                lot.name(),
                held == null ? Outcome.UNDECIDED.code() : held.outcome(),
                held == null ? null : held.use(),
                held == null ? null : held.reason(),
                held == null ? lot.arrivalDate().plusDays(rules.daysToDecide()) : held.dueOn(),
                ProposalView.of(proposal),
                ways.stream().map(Way::text).toList(),
                ways,
                history.size(),
                history);
    }

    /** @throws InputProblems if the outcome is none, or there is no word why */
    DecisionView decide(long lotId, DecisionEntry entry) {
        lots.get(lotId);
        String reason = entry.reason() == null ? "" : entry.reason().strip();
        String use = entry.use() == null || entry.use().isBlank()
                ? null
                : entry.use().strip();
        Checks checks = new Checks();
        checks.chosen("outcome", Outcome.class, entry.outcome());
        if (reason.isEmpty() || reason.length() > LONGEST_REASON) {
            checks.add("reason", "A reason is wanted, of 1 to " + LONGEST_REASON + " characters");
        }
        if (use != null && use.length() > LONGEST_USE) {
            checks.add("use", "use has at most " + LONGEST_USE + " characters");
        }
        InputProblems.refuseIfAny(checks.problems());
        Conflict.ifStale(entry.version(), decisions.countByLotId(lotId), "decision");
        decide(lotId, Objects.requireNonNull(entry.outcome()), use, reason, entry.dueOn());
        return of(lotId);
    }

    /** Keeps a decision, with what the program would have done. */
    public void decide(long lotId, Outcome outcome, @Nullable String use, String reason, @Nullable LocalDate dueOn) {
        DecisionRules rules = contracts.of(lots.get(lotId)).rules(house.now());
        String proposed = Proposals.of(gathering.of(lotId), rules).outcome().code();
        String who = Member.nameOfCaller();
        decisions.save(new DecisionEntity(lotId, outcome.code(), use, reason, dueOn, proposed, who, clock.instant()));
    }
}
