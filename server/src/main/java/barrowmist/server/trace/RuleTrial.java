package barrowmist.server.trace;

import barrowmist.core.trace.Finding;
import barrowmist.core.trace.TraceEngine;
import barrowmist.core.trace.TraceInput;
import barrowmist.core.trace.TraceRules;
import barrowmist.core.trace.TraceRules.Change;
import barrowmist.core.trace.Traced;
import barrowmist.core.units.Wording;
import barrowmist.server.trace.RuleService.Book;
import barrowmist.server.trace.RuleViews.ChangedFinding;
import barrowmist.server.trace.RuleViews.ChangedProposal;
import barrowmist.server.trace.RuleViews.RulesEntry;
import barrowmist.server.trace.RuleViews.RulesWhatIf;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What changed rules would make of past findings, before they are kept. */
@Service
public class RuleTrial {

    /** So many of the newest cupped roasts are looked at. */
    private static final int LOOKED_AT = 300;

    private final RuleService rules;
    private final TraceService traces;
    private final KeptFindings findings;
    private final VerdictRepository verdicts;
    private final LotProposals lots;

    RuleTrial(
            RuleService rules,
            TraceService traces,
            KeptFindings findings,
            VerdictRepository verdicts,
            LotProposals lots) {
        this.lots = lots;
        this.rules = rules;
        this.traces = traces;
        this.findings = findings;
        this.verdicts = verdicts;
    }

    /** Keeps nothing. */
    @Transactional(readOnly = true)
    RulesWhatIf whatIf(RulesEntry entry) {
        Book now = rules.current();
        Map<String, Double> changes = RuleService.checked(now.rules(), entry.changes()).stream()
                .collect(Collectors.toMap(Change::name, Change::value, (a, b) -> b));
        TraceRules then = now.rules().with(changes);
        List<ChangedProposal> proposals = changes.keySet().stream().anyMatch(TraceRules::ofDecision)
                ? lots.changed(now.rules(), then)
                : List.of();
        TraceEngine other = new TraceEngine(then);
        List<ChangedFinding> changed = new ArrayList<>();
        int judged = 0;
        int agreeBefore = 0;
        int agreeAfter = 0;
        // what a lot is decided by reads no cup otherwise
        boolean cups = !changes.keySet().stream().allMatch(TraceRules::ofDecision);
        List<TraceRow> rows = cups ? findings.rows(0, LOOKED_AT) : List.of();
        for (TraceRow row : rows) {
            TraceInput known = traces.known(row.roastId());
            String before = said(now.engine().trace(known, Wording.SI));
            String after = said(other.trace(known, Wording.SI));
            if (!before.equals(after)) {
                changed.add(new ChangedFinding(row.roastId(), row.lotName(), row.number(), before, after));
            }
            List<VerdictEntity> held = verdicts.findAllByRoastIdOrderByIdDesc(row.roastId());
            if (!held.isEmpty()) {
                judged++;
                agreeBefore += held.get(0).cause().equals(before) ? 1 : 0;
                agreeAfter += held.get(0).cause().equals(after) ? 1 : 0;
            }
        }
        return new RulesWhatIf(rows.size(), changed, judged, agreeBefore, agreeAfter, proposals);
    }

    /** The cause that the cup is said to have, by its code; {@code none} where it is said to have none. */
    private static String said(Traced traced) {
        return traced.findings().stream()
                .filter(f -> f.standing().cupSpeaks())
                .findFirst()
                .map(Finding::cause)
                .map(c -> c.code())
                .orElse(VerdictEntity.NONE);
    }
}
