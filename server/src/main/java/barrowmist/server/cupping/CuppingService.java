package barrowmist.server.cupping;

import barrowmist.core.cupping.Blindness;
import barrowmist.core.cupping.panel.Triangle;
import barrowmist.server.cupping.KeyViews.TableKey;
import barrowmist.server.cupping.SensoryViews.ServedSet;
import barrowmist.server.cupping.TableEntries.CuppingEntry;
import barrowmist.server.cupping.TableEntries.RevealEntry;
import barrowmist.server.cupping.TableViews.CuppingView;
import barrowmist.server.cupping.TableViews.RestWarning;
import barrowmist.server.cupping.TableViews.TableSampleView;
import barrowmist.server.roast.RoastChanged;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Lays tables, and reveals them. Until then nothing that comes from here tells what stands under a code. */
@Service
@KeptInTurn
public class CuppingService {

    private static final int LISTED = 500;
    private static final int MAX_REASON = 400;

    private final CuppingRepository cuppings;
    private final CupSetRepository sets;
    private final Tables tables;
    private final UndersideService undersides;
    private final Laying laying;
    private final TableWarnings warnings;
    private final TableKeys keys;
    private final EarlierPreparations preparations;
    private final Clock clock;
    private final ApplicationEventPublisher told;
    private final SecureRandom random = new SecureRandom();

    CuppingService(
            CuppingRepository cuppings,
            CupSetRepository sets,
            Tables tables,
            UndersideService undersides,
            Laying laying,
            TableWarnings warnings,
            TableKeys keys,
            EarlierPreparations preparations,
            Clock clock,
            ApplicationEventPublisher told) {
        this.told = told;
        this.warnings = warnings;
        this.keys = keys;
        this.preparations = preparations;
        this.cuppings = cuppings;
        this.sets = sets;
        this.tables = tables;
        this.undersides = undersides;
        this.laying = laying;
        this.clock = clock;
    }

    public CuppingView open(CuppingEntry entry) {
        Laying.Laid laid = laying.lay(entry);
        CuppingEntity table = cuppings.saveAndFlush(laid.table());
        boolean coded = table.blinding().blind() == Blindness.CODED;
        serve(table, coded ? Triangle.sets(laid.sets(), random) : List.of(), laid.sets());
        // whoever lays it knows what is laid
        return CuppingView.of(table, tables.given(table), warnings.of(table), preparations.warnings(table));
    }

    /** What would have to be said of a table before the pour, were it laid like this. */
    @Transactional(readOnly = true)
    public List<RestWarning> warnings(CuppingEntry entry) {
        Laying.Laid laid = laying.lay(entry);
        return warnings.of(laid.table(), laid.sets());
    }

    /** Sets as they are drawn; none are drawn where the cups are shuffled by hand. */
    private void serve(CuppingEntity table, List<Triangle.Set> drawn, int count) {
        for (int i = 0; i < count; i++) {
            CupSetEntity set = new CupSetEntity(table, i + 1);
            sets.save(drawn.isEmpty() ? set : set.serve(drawn.get(i).second()));
        }
    }

    /** The newest tables. */
    @Transactional(readOnly = true)
    public List<CuppingView> list() {
        List<CuppingEntity> newest =
                cuppings.findAllByPutAsideFalseOrderByCuppedAtDescIdDesc(PageRequest.of(0, LISTED));
        Map<Long, Given> given = tables.given(newest);
        return newest.stream()
                .map(c -> CuppingView.of(c, Objects.requireNonNull(given.get(c.id()))))
                .toList();
    }

    @Transactional(readOnly = true)
    CuppingView get(long id) {
        return view(tables.get(id));
    }

    /** What stands under which code; that it was looked at before the reveal is noted and forbids nothing. */
    public TableKey key(long id) {
        CuppingEntity table = tables.get(id);
        keys.open(table);
        if (table.blinding().blind() == Blindness.UNDERSIDE && !table.told()) {
            return new TableKey(undersides.laid(table), List.of(), warnings.of(table));
        }
        return new TableKey(
                table.samples().stream().map(TableSampleView::of).toList(),
                sets.findAllByCuppingIdOrderByNumber(id).stream()
                        .map(ServedSet::of)
                        .toList(),
                warnings.of(table));
    }

    /** From now on what is in the cups is told, and what was found counts. */
    public CuppingView reveal(long id, RevealEntry entry) {
        CuppingEntity table = tables.get(id);
        if (!table.told()) {
            String reason = entry.reason() == null ? "" : entry.reason().strip();
            Given given = tables.given(table);
            if (given.unfinished(table) > 0 && reason.isEmpty()) {
                throw new InputProblems(
                        "reason", given.missing(table) + ": say why the table is revealed all the same");
            }
            if (table.blinding().unmatched()) {
                throw new InputProblems("places", "Turn the cups over first, and say what stands at each place");
            }
            if (reason.length() > MAX_REASON) {
                throw new InputProblems("reason", "reason has at most " + MAX_REASON + " characters");
            }
            undersides.settle(table);
            table.blinding().reveal(clock.instant(), reason.isEmpty() ? null : reason);
            table.roastIds().forEach(roastId -> told.publishEvent(new RoastChanged(roastId)));
        }
        return view(table);
    }

    /** @throws InputProblems for no time, or one that is still to come on a table that was cupped */
    CuppingView cuppedAt(long id, @Nullable Instant at) {
        CuppingEntity table = tables.get(id);
        if (at == null) {
            throw new InputProblems("cuppedAt", "When it was cupped is missing");
        }
        if (at.isAfter(clock.instant().plus(AHEAD))) {
            throw new InputProblems(
                    "cuppedAt",
                    "It would be cupped on " + at.atZone(clock.getZone()).toLocalDate() + ", too far ahead");
        }
        table.setCuppedAt(at);
        if (table.told()) {
            table.roastIds().forEach(roastId -> told.publishEvent(new RoastChanged(roastId)));
        }
        return view(table);
    }

    /** Tables are laid for days to come, but not for next year. */
    private static final Duration AHEAD = Duration.ofDays(60);

    private CuppingView view(CuppingEntity c) {
        return CuppingView.of(c, tables.given(c), c.told() ? warnings.of(c) : List.of(), preparations.warnings(c));
    }
}
