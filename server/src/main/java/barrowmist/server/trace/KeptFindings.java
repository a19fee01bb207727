package barrowmist.server.trace;

import barrowmist.core.roast.RoastAnalyzer;
import barrowmist.core.trace.Finding;
import barrowmist.core.trace.TraceEngine;
import barrowmist.server.green.GreenChanged;
import barrowmist.server.roast.ReferenceChanged;
import barrowmist.server.roast.RoastChanged;
import barrowmist.server.settings.SettingChanged;
import barrowmist.server.web.KeptInTurn;
import barrowmist.server.web.Pages;
import jakarta.persistence.EntityManager;
import jakarta.persistence.FlushModeType;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Keeps what each cupped roast traces back to, so that a list asks one question. Whatever could change a trace marks it;
 * what is marked is worked out again by {@link FindingsRenewal}.
 */
@Service
@KeptInTurn
public class KeptFindings {

    /** Figures of the log go in, so its rules count too. */
    private static final int RULES = 1000 * TraceEngine.RULES_VERSION + RoastAnalyzer.RULES_VERSION;

    /** Standings in which the cup says something that somebody should read. */
    private static final List<String> SAID = Finding.Standing.codesTheCupSpeaksFor();

    /** Settings that change no trace: a whole lab worked out anew keeps everybody waiting. */
    private static final Set<String> NO_TRACE_READS = Set.of(
            "curve-verdicts", JudgedFirst.NAME.name(), "label-best-for-months", "schools", "house-scales", "meters");

    private static final int AT_ONCE = 80;
    private static final int LARGEST_PAGE = 5000;

    private final RoastTraceRepository traces;
    private final TraceService service;
    private final JudgedFirst first;
    private final EntityManager session;

    KeptFindings(RoastTraceRepository traces, TraceService service, JudgedFirst first, EntityManager session) {
        this.first = first;
        this.traces = traces;
        this.service = service;
        this.session = session;
    }

    /** Cupped roasts with their strongest finding, newest first. */
    public List<TraceRow> rows(int page, int size) {
        return first.untold(traces.rows(Pages.of(page, size, LARGEST_PAGE)));
    }

    /** Those that tasted so, newest first; a synonym is its word. */
    public List<TraceRow> found(TasteSought sought, int page, int size) {
        return first.untold(traces.rows(
                KeptWords.sought(sought.word()),
                sought.cause(),
                sought.least(),
                sought.most(),
                Pages.of(page, size, LARGEST_PAGE)));
    }

    /** Of these roasts, those that were cupped. */
    @Transactional(readOnly = true)
    public List<TraceRow> of(Collection<Long> roastIds) {
        return traces.rowsOf(roastIds);
    }

    /**
     * What is sought; left out where it does not matter.
     *
     * @param least final score at least
     * @param most and at most
     */
    public record TasteSought(
            @Nullable String word,
            @Nullable String cause,
            @Nullable Double least,
            @Nullable Double most) {}

    /** The newest of those that somebody should read. */
    @Transactional(readOnly = true)
    public List<TraceRow> waiting(int most) {
        // which, by an index alone; then what is shown of those few
        return first.untold(traces.rowsOf(traces.waiting(SAID, PageRequest.of(0, most)))).stream()
                .sorted(Comparator.comparing(TraceRow::roastedAt)
                        .thenComparing(TraceRow::roastId)
                        .reversed())
                .toList();
    }

    /** How many of those there are. */
    @Transactional(readOnly = true)
    public long countWaiting() {
        return traces.countWaiting(SAID);
    }

    /** Works out the newest of what is marked; true when there may be more. */
    boolean renewSome() {
        // no trace is made from another: without this each question compares every sheet read so far with what was kept
        session.setFlushMode(FlushModeType.COMMIT);
        List<RoastTraceEntity> stale = traces.stale(RULES, PageRequest.of(0, AT_ONCE));
        stale.forEach(this::renew);
        return stale.size() == AT_ONCE;
    }

    /** How many are marked. */
    @Transactional(readOnly = true)
    public long countStale() {
        return traces.countStale(RULES);
    }

    private void renew(RoastTraceEntity row) {
        service.summary(row.roastId()).ifPresentOrElse(s -> row.keep(s, RULES), () -> traces.delete(row));
    }

    @EventListener
    void on(RoastChanged roast) {
        traces.stale(roast.roastId());
        if (traces.cupped(roast.roastId())) {
            traces.staleBeside(roast.roastId());
        }
    }

    @EventListener
    void on(GreenChanged green) {
        traces.staleOfLot(green.lotId());
    }

    @EventListener
    void on(ReferenceChanged reference) {
        traces.staleOfReference(reference.machineId(), reference.process());
    }

    @EventListener
    void on(SettingChanged setting) {
        if (!NO_TRACE_READS.contains(setting.name())) {
            traces.staleAll();
        }
    }
}
