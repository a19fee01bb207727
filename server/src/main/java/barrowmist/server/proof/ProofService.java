package barrowmist.server.proof;

import barrowmist.core.cupping.CupUse;
import barrowmist.core.trace.BlindProof;
import barrowmist.core.trace.Cause;
import barrowmist.core.trace.Finding;
import barrowmist.core.trace.Traced;
import barrowmist.server.access.Member;
import barrowmist.server.cupping.CuppedSheets;
import barrowmist.server.cupping.CuppingService;
import barrowmist.server.cupping.TableEntries.CuppingEntry;
import barrowmist.server.plan.ChangedView;
import barrowmist.server.roast.RoastChanged;
import barrowmist.server.roast.RoastEntity;
import barrowmist.server.roast.RoastService;
import barrowmist.server.trace.RuleService;
import barrowmist.server.trace.TraceService;
import barrowmist.server.trace.VerdictService;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/** Puts a change to the proof: lays the old roast beside the new, blind, and keeps what the table shows. */
@Service
@KeptInTurn
public class ProofService {

    private final ProofRepository proofs;
    private final LaterRoasts later;
    private final RoastService roasts;
    private final TraceService traces;
    private final VerdictService verdicts;
    private final RuleService rules;
    private final CuppingService tables;
    private final CuppedSheets sheets;
    private final Clock clock;

    ProofService(
            ProofRepository proofs,
            LaterRoasts later,
            RoastService roasts,
            TraceService traces,
            VerdictService verdicts,
            RuleService rules,
            CuppingService tables,
            CuppedSheets sheets,
            Clock clock) {
        this.proofs = proofs;
        this.later = later;
        this.roasts = roasts;
        this.traces = traces;
        this.verdicts = verdicts;
        this.rules = rules;
        this.tables = tables;
        this.sheets = sheets;
        this.clock = clock;
    }

    /**
     * Lays the blind table of an old roast beside a later one of its lot; where one is laid already and not revealed, it is that.
     *
     * @param afterId the later roast; the one that followed its plan, else the newest, when it is left out
     * @param asked the cause to be proven; that of the plan, else the likeliest, when it is left out
     * @return the number of the table
     * @throws InputProblems if the later roast is none of this lot
     * @throws Conflict if nothing was roasted since, or no cause is there to be proven
     */
    public long lay(long beforeId, @Nullable Long afterId, @Nullable String asked) {
        RoastEntity before = roasts.get(beforeId);
        RoastEntity after = after(before, afterId);
        Optional<ProofEntity> open = proofs.ofRoast(beforeId).stream()
                .filter(p -> p.outcome() == null && p.beforeId() == beforeId && p.afterId() == after.id())
                .findFirst();
        if (open.isPresent()) {
            return open.get().cuppingId();
        }
        Traced traced = traces.traced(beforeId);
        ChangedView change = later.changeOf(before, after);
        Cause cause = cause(asked, change, traced);
        long table =
                tables.open(CuppingEntry.blind(List.of(beforeId, after.id()))).id();
        String who = Member.nameOfCaller();
        proofs.save(new ProofEntity(
                beforeId,
                after.id(),
                cause.code(),
                traced.first(),
                change,
                new ProofEntity.Laid(table, who, clock.instant())));
        return table;
    }

    private RoastEntity after(RoastEntity before, @Nullable Long roastId) {
        List<RoastEntity> all = later.of(before);
        if (all.isEmpty()) {
            throw new Conflict("No roast of this lot came after it: roast the planned one first.", Map.of());
        }
        return all.stream()
                .filter(r -> roastId == null || r.id() == roastId)
                .findFirst()
                .orElseThrow(() -> new InputProblems("roastId", "Roast " + roastId + " is no later roast of this lot"));
    }

    private static Cause cause(@Nullable String asked, @Nullable ChangedView change, Traced traced) {
        if (asked != null) {
            return Cause.parse(asked)
                    .orElseThrow(
                            () -> new InputProblems("cause", "cause is " + asked + ", which is none of the trace's"));
        }
        return Optional.ofNullable(change)
                .flatMap(c -> Cause.parse(c.cause()))
                .or(() -> traced.findings().stream().findFirst().map(Finding::cause))
                .orElseThrow(
                        () -> new Conflict("Nothing is said against this roast: name a cause to prove.", Map.of()));
    }

    /** When a table is revealed, and when one of its sheets is mended, what it shows is worked out. */
    @EventListener
    void on(RoastChanged roast) {
        proofs.ofRoast(roast.roastId()).forEach(this::tell);
    }

    private void tell(ProofEntity proof) {
        Cause cause = Cause.parse(proof.cause()).orElse(null);
        if (cause == null) {
            return;
        }
        var told = sheets.ofTable(proof.cuppingId(), CupUse.TRACE).allByRoast();
        new BlindProof(rules.current().rules())
                .of(
                        cause,
                        told.getOrDefault(proof.beforeId(), List.of()),
                        told.getOrDefault(proof.afterId(), List.of()))
                .ifPresent(shown -> {
                    // what was proven is answered; a mended sheet does not close again what somebody has taken up since
                    if (proof.shows(shown, clock.instant())) {
                        verdicts.settle(proof.beforeId(), true);
                    }
                });
    }
}
