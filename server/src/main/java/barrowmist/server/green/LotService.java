package barrowmist.server.green;

import barrowmist.core.check.Names;
import barrowmist.core.green.LotRules;
import barrowmist.core.green.SampleStage;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import barrowmist.server.web.NotFound;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps lots. */
@Service
@KeptInTurn
public class LotService {

    private final LotRepository lots;
    private final GreenSampleRepository samples;
    private final Clock clock;

    private final ApplicationEventPublisher told;

    LotService(LotRepository lots, GreenSampleRepository samples, Clock clock, ApplicationEventPublisher told) {
        this.told = told;
        this.lots = lots;
        this.samples = samples;
        this.clock = clock;
    }

    public LotView add(LotRules.Entry entry) {
        check(entry);
        LotEntity lot = lots.save(new LotEntity(entry));
        samples.save(new GreenSampleEntity(lot, SampleStage.ARRIVAL, lot.arrivalDate()));
        return lot.view(0, null);
    }

    LotView change(long id, LotEntry entry) {
        LotEntity lot = get(id);
        check(entry.lot());
        Conflict.ifStale(entry.version(), lot.version(), "lot");
        lot.fill(entry.lot());
        told.publishEvent(new GreenChanged(id));
        lots.flush();
        return view(id);
    }

    /**
     * Says that a lot was sorted again or milled anew: its cups of before are told apart.
     *
     * @throws InputProblems for a day to come, or a day without a word what was done
     */
    LotView rework(long id, @Nullable LocalDate on, @Nullable String what) {
        LotEntity lot = get(id);
        String done = what == null ? "" : what.strip();
        if (on != null && on.isAfter(LocalDate.now(clock))) {
            throw new InputProblems("on", "on is " + on + ", a day to come");
        }
        if (on != null && (done.isEmpty() || done.length() > LONGEST_REWORK)) {
            throw new InputProblems("what", "What was done is wanted, of 1 to " + LONGEST_REWORK + " characters");
        }
        lot.reworked(on, on == null ? null : done);
        told.publishEvent(new GreenChanged(id));
        lots.flush();
        return view(id);
    }

    private static final int LONGEST_REWORK = 200;

    /** Those that are in use, newest first. */
    @Transactional(readOnly = true)
    public List<LotView> list() {
        return views(lot -> !lot.putAside());
    }

    /** Those that were put aside too: what was told of a supplier does not change by it. */
    @Transactional(readOnly = true)
    public List<LotView> all() {
        return views(lot -> true);
    }

    private List<LotView> views(Predicate<LotEntity> which) {
        Map<Long, Long> roasts = roasts();
        Map<Long, List<GreenSampleEntity>> of = samples.findAllByOrderByLotIdDescIdAsc().stream()
                .collect(Collectors.groupingBy(s -> s.lot().id()));
        return lots.findAllByOrderByArrivalDateDescIdDesc().stream()
                .filter(which)
                .map(lot -> lot.view(roasts.getOrDefault(lot.id(), 0L), newest(of.getOrDefault(lot.id(), List.of()))))
                .toList();
    }

    /** Names of the lots of which nothing that counts was roasted, newest first. */
    @Transactional(readOnly = true)
    public List<String> unroasted() {
        return lots.unroasted();
    }

    @Transactional(readOnly = true)
    public LotView view(long id) {
        return get(id).view(roasts().getOrDefault(id, 0L), newest(samples.findAllByLotIdOrderById(id)));
    }

    /** The newest inspected sample: the latest received, and of those the latest stage. */
    private static LotView.@Nullable NewestSample newest(List<GreenSampleEntity> all) {
        return all.stream()
                .filter(GreenSampleEntity::inspected)
                .max(Comparator.comparing(GreenSampleEntity::receivedOn).thenComparing(GreenSampleEntity::stage))
                .map(GreenSampleEntity::asNewest)
                .orElse(null);
    }

    /** @throws NotFound if there is no lot of this id */
    public LotEntity get(long id) {
        return lots.findById(id).orElseThrow(() -> new NotFound("lot", id));
    }

    /** The lot of this id, held until the transaction ends: what is counted within it is counted by one at a time. */
    public LotEntity held(long id) {
        return lots.findWithLockById(id).orElseThrow(() -> new NotFound("lot", id));
    }

    /** The lots of a name, whatever its capitals and spaces; those of one supplier where it is given. */
    public List<LotEntity> named(String name, Optional<String> supplier) {
        return lots.findAll().stream()
                .filter(lot -> Names.same(lot.name(), name))
                .filter(lot -> supplier.isEmpty() || Names.same(lot.supplier(), supplier.get()))
                .toList();
    }

    /** Ids of the lots with a word in their name. */
    public List<Long> withWord(String word) {
        return lots.findAllByNameContainingIgnoreCase(word).stream()
                .map(LotEntity::id)
                .toList();
    }

    private Map<Long, Long> roasts() {
        return lots.countRoasts().stream()
                .collect(Collectors.toMap(LotRepository.RoastCount::getLotId, LotRepository.RoastCount::getRoasts));
    }

    /** Number of roasts by sample. */
    Map<Long, Long> roastsOfSamples() {
        return lots.countRoastsOfSamples().stream()
                .collect(Collectors.toMap(
                        LotRepository.SampleRoastCount::getSampleId, LotRepository.SampleRoastCount::getRoasts));
    }

    private void check(LotRules.Entry entry) {
        InputProblems.refuseIfAny(LotRules.problems(entry, LocalDate.now(clock)));
    }
}
