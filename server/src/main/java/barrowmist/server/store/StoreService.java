package barrowmist.server.store;

import barrowmist.core.check.Checks;
import barrowmist.core.green.GreenStore;
import barrowmist.core.green.GreenStore.Remeasured;
import barrowmist.server.access.Member;
import barrowmist.server.green.GreenSampleEntity;
import barrowmist.server.green.GreenSampleService;
import barrowmist.server.green.LotEntity;
import barrowmist.server.green.LotService;
import barrowmist.server.store.LotStoreRepository.Lying;
import barrowmist.server.store.StoreViews.CheckEntry;
import barrowmist.server.store.StoreViews.CheckView;
import barrowmist.server.store.StoreViews.DrawEntry;
import barrowmist.server.store.StoreViews.DrawView;
import barrowmist.server.store.StoreViews.StoreEntry;
import barrowmist.server.store.StoreViews.StoreView;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import barrowmist.server.web.Optionals;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A lot while it lies in the store. */
@Service
@KeptInTurn
public class StoreService {

    private static final double G_PER_KG = 1000;
    private static final int MOST_BAGS = 5000;

    private final LotStoreRepository stores;
    private final LotCheckRepository checks;
    private final LotDrawRepository draws;
    private final LotService lots;
    private final GreenSampleService samples;
    private final Clock clock;

    StoreService(
            LotStoreRepository stores,
            LotCheckRepository checks,
            LotDrawRepository draws,
            LotService lots,
            GreenSampleService samples,
            Clock clock) {
        this.stores = stores;
        this.checks = checks;
        this.draws = draws;
        this.lots = lots;
        this.samples = samples;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public StoreView of(long lotId) {
        LotEntity lot = lots.get(lotId);
        Optional<LotStoreEntity> kept = stores.findById(lotId);
        StoreEntry details = kept.map(LotStoreEntity::entry).orElse(StoreEntry.NONE);
        double roastedG = stores.roastedG(lotId);
        double left = GreenStore.kgLeft(lot.kg(), roastedG, sold(details));
        List<LotCheckEntity> all = checks.findAllByLotIdOrderByMeasuredOn(lotId);
        LocalDate last =
                all.isEmpty() ? lot.arrivalDate() : all.get(all.size() - 1).measuredOn();
        return new StoreView(
                lotId,
                details,
                kept.map(LotStoreEntity::version).orElse(0L),
                lot.kg(),
                roastedG / G_PER_KG,
                left,
                all.stream()
                        .map(c -> new CheckView(c.id(), c.check(), c.measuredBy()))
                        .toList(),
                GreenStore.keeps(measured(lotId, all)),
                climate(details, all),
                GreenStore.nextOn(last),
                GreenStore.isDue(last, LocalDate.now(clock), left),
                draws.findAllByLotIdOrderByIdDesc(lotId).stream()
                        .map(d -> new DrawView(d.drawnOn(), d.ofBags(), d.bags(), d.drawnBy()))
                        .toList());
    }

    /** By what was measured last, else by what is known of the store. */
    private static @Nullable String climate(StoreEntry details, List<LotCheckEntity> all) {
        List<CheckEntry> measured = all.stream()
                .map(LotCheckEntity::check)
                .filter(c -> c.storageC() != null || c.storageRhPct() != null)
                .toList();
        CheckEntry last = measured.isEmpty() ? null : measured.get(measured.size() - 1);
        return GreenStore.climate(
                        Optionals.of(last == null ? details.storageC() : last.storageC()),
                        Optionals.of(last == null ? details.storageRhPct() : last.storageRhPct()))
                .orElse(null);
    }

    private static double sold(StoreEntry details) {
        return details.soldKg() == null ? 0 : details.soldKg();
    }

    /** The inspections of its samples and what was measured since, in order of time. */
    private List<Remeasured> measured(long lotId, List<LotCheckEntity> all) {
        List<Remeasured> out = new ArrayList<>();
        for (GreenSampleEntity s : samples.stagesOf(lotId)) {
            if (s.inspected()) {
                out.add(new Remeasured(
                        s.receivedOn(),
                        s.inspection().moisturePct(),
                        s.inspection().waterActivity()));
            }
        }
        for (LotCheckEntity c : all) {
            out.add(new Remeasured(
                    c.measuredOn(),
                    Optionals.of(c.check().moisturePct()),
                    Optionals.of(c.check().waterActivity())));
        }
        return out;
    }

    /** @throws InputProblems if a figure is out of its range */
    StoreView keep(long lotId, StoreEntry entry) {
        LotEntity lot = lots.get(lotId);
        InputProblems.refuseIfAny(StoreChecks.problems(entry, lot.kg()));
        LotStoreEntity store = stores.findById(lotId).orElseGet(() -> new LotStoreEntity(lotId));
        Conflict.ifStale(entry.version(), store.version(), "lot's store");
        store.keep(entry);
        stores.saveAndFlush(store);
        return of(lotId);
    }

    /** Keeps a measurement. */
    StoreView check(long lotId, CheckEntry entry) {
        lots.get(lotId);
        LocalDate today = LocalDate.now(clock);
        InputProblems.refuseIfAny(StoreChecks.problems(entry, today));
        checks.save(new LotCheckEntity(lotId, entry.on() == null ? today : entry.on(), entry, Member.nameOfCaller()));
        return of(lotId);
    }

    /** Draws bags at random, and keeps which. */
    StoreView draw(long lotId, DrawEntry entry) {
        lots.get(lotId);
        Integer bags = entry.bags() != null ? entry.bags() : of(lotId).details().bags();
        InputProblems.refuseIfAny(new Checks()
                .range("bags", "Bags", bags == null ? Double.NaN : bags, 1, MOST_BAGS, "")
                .range("count", "Bags to draw", count(entry.count()), 1, MOST_BAGS, "")
                .problems());
        int of = java.util.Objects.requireNonNull(bags);
        int count = entry.count() == null ? GreenStore.usualDraw(of) : entry.count();
        draws.save(new LotDrawEntity(
                lotId,
                LocalDate.now(clock),
                of,
                GreenStore.draw(of, count, clock.instant().toEpochMilli()),
                Member.nameOfCaller()));
        return of(lotId);
    }

    private static double count(@Nullable Integer count) {
        return count == null ? 1 : count;
    }

    /** A bought lot that is to be measured again. */
    public record Due(long lotId, String name) {}

    /** Bought lots that are to be measured again. */
    @Transactional(readOnly = true)
    public List<Due> due() {
        LocalDate today = LocalDate.now(clock);
        return stores.lying().stream()
                .filter(l -> GreenStore.isDue(last(l), today, left(l)))
                .map(l -> new Due(l.getLotId(), l.getName()))
                .toList();
    }

    private static LocalDate last(Lying l) {
        return l.getMeasured() == null ? l.getArrived() : l.getMeasured();
    }

    private static double left(Lying l) {
        StoreEntry details = l.getContent() == null ? StoreEntry.NONE : LotStoreEntity.CONTENT.read(l.getContent());
        return GreenStore.kgLeft(l.getKg(), l.getRoastedG(), sold(details));
    }
}
