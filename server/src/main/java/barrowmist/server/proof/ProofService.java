package barrowmist.server.proof;

import barrowmist.core.cupping.CupUse;
import barrowmist.core.trace.BlindProof;
import barrowmist.core.trace.Cause;
import barrowmist.core.trace.Finding;
import barrowmist.core.trace.Proof;
import barrowmist.core.trace.Traced;
import barrowmist.server.access.Member;
import barrowmist.server.cupping.CuppedSheets;
import barrowmist.server.cupping.CuppingService;
import barrowmist.server.cupping.TableEntries.CuppingEntry;
import barrowmist.server.plan.ChangedView;
import barrowmist.server.proof.ProofViews.ProofEntry;
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
import java.util.stream.Stream;
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
     * Lays the blind table of old roasts beside later ones of their lot; where the same are laid already and not revealed, it is
     * that table.
     *
     * @return the number of the table
     * @throws InputProblems if a roast is none of this lot, or stands on the wrong side
     * @throws Conflict if nothing was roasted since, or no cause is there to be proven
     */
    long lay(long beforeId, ProofEntry asked) {
        RoastEntity before = roasts.get(beforeId);
        List<RoastEntity> after = after(before, asked.after());
        ProofSides sides = new ProofSides(
                ids(before, earlier(before, asked.before())), ids(after.get(0), after.subList(1, after.size())));
        sides.refuseIfImpossible();
        Optional<ProofEntity> open = proofs.ofRoast(beforeId).stream()
                .filter(p -> p.outcome() == null && p.beforeId() == beforeId && p.is(sides))
                .findFirst();
        if (open.isPresent()) {
            return open.get().cuppingId();
        }
        Traced traced = traces.traced(beforeId);
        ChangedView change = later.changeOf(before, after.get(0));
        Cause cause = cause(asked.cause(), change, traced);
        long table = tables.open(CuppingEntry.blind(sides.all())).id();
        String who = Member.nameOfCaller();
        proofs.save(new ProofEntity(
                sides, cause.code(), traced.first(), change, new ProofEntity.Laid(table, who, clock.instant())));
        return table;
    }

    /** The same of roasts that are all named, against the cause of the plan. */
    public long lay(long beforeId, List<Long> furtherBefore, List<Long> after) {
        return lay(beforeId, new ProofEntry(furtherBefore, after, null));
    }

    private static List<Long> ids(RoastEntity first, List<RoastEntity> others) {
        return Stream.concat(Stream.of(first), others.stream())
                .map(RoastEntity::id)
                .distinct()
                .toList();
    }

    /** Those that were asked for, in their order; else those that followed the plan of the first, or it alone. */
    private List<RoastEntity> after(RoastEntity before, @Nullable List<Long> asked) {
        List<RoastEntity> all = later.of(before);
        if (all.isEmpty()) {
            throw new Conflict("No roast of this lot came after it: roast the planned one first.", Map.of());
        }
        if (asked != null && !asked.isEmpty()) {
            return named("after", "no later roast of this lot", asked, all);
        }
        RoastEntity first = all.get(0);
        return all.stream()
                .filter(r -> r == first || later.changeOf(before, r) != null && LaterRoasts.samePlan(first, r))
                .limit(batches())
                .toList();
    }

    private List<RoastEntity> earlier(RoastEntity before, @Nullable List<Long> asked) {
        List<RoastEntity> all = later.alike(before);
        return asked == null
                ? all.stream()
                        .filter(r -> LaterRoasts.samePlan(before, r))
                        .limit(batches() - 1L)
                        .toList()
                : named("before", "no roast of this lot that may have been made the old way", asked, all);
    }

    private int batches() {
        return (int) rules.current().rules().value("proof.batches");
    }

    private static List<RoastEntity> named(String field, String not, List<Long> asked, List<RoastEntity> all) {
        return asked.stream()
                .distinct()
                .map(id -> all.stream()
                        .filter(r -> r.id() == id)
                        .findFirst()
                        .orElseThrow(() -> new InputProblems(field, "Roast " + id + " is " + not)))
                .toList();
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
                .of(cause, side(told, proof.roasts(false)), side(told, proof.roasts(true)))
                .ifPresent(shown -> {
                    // what batches enough have shown is answered; a mended sheet does not close again what was taken up
                    // since
                    if (proof.shows(shown, clock.instant()) && shown.outcome() != Proof.Outcome.ESTIMATE) {
                        verdicts.settle(proof.beforeId(), true);
                    }
                });
    }

    private static <T> List<List<T>> side(Map<Long, List<T>> told, List<Long> roasts) {
        return roasts.stream().map(id -> told.getOrDefault(id, List.of())).toList();
    }
}
