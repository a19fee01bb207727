package barrowmist.server.blend;

import barrowmist.core.check.Checks;
import barrowmist.server.access.Member;
import barrowmist.server.blend.BlendViews.BlendEntry;
import barrowmist.server.blend.BlendViews.BlendPage;
import barrowmist.server.blend.BlendViews.KeptBlend;
import barrowmist.server.green.LotService;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import barrowmist.server.web.NotFound;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps blends. */
@Service
@KeptInTurn
public class BlendService {

    private static final int LONGEST_NAME = 120;

    private final BlendRepository blends;
    private final BlendTrialRepository tables;
    private final BlendEstimate estimate;
    private final BlendTrials trials;
    private final LotService lots;
    private final Clock clock;

    BlendService(
            BlendRepository blends,
            BlendTrialRepository tables,
            BlendEstimate estimate,
            BlendTrials trials,
            LotService lots,
            Clock clock) {
        this.blends = blends;
        this.tables = tables;
        this.estimate = estimate;
        this.trials = trials;
        this.lots = lots;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    List<KeptBlend> all() {
        Map<Long, Long> laid = tables.findAll().stream()
                .collect(Collectors.groupingBy(BlendTrialEntity::blendId, Collectors.counting()));
        return blends.findAllByOrderByName().stream()
                .map(b -> new KeptBlend(
                        b.id(),
                        b.name(),
                        trials.said(b.entry()),
                        laid.getOrDefault(b.id(), 0L).intValue(),
                        b.changedBy(),
                        b.changedAt()))
                .toList();
    }

    @Transactional(readOnly = true)
    BlendPage page(long id) {
        BlendEntity b = get(id);
        BlendEntry e = b.entry();
        return new BlendPage(id, b.name(), b.version(), e.wantedKg(), e.all(), estimate.of(e), trials.of(id));
    }

    /** @throws InputProblems if it is no blend, or another is called so */
    public BlendPage add(BlendEntry entry) {
        return keep(BlendEntity.fresh(), entry);
    }

    /** @throws Conflict if it was changed meanwhile */
    BlendPage change(long id, BlendEntry entry) {
        BlendEntity blend = get(id);
        Conflict.ifStale(entry.version(), blend.version(), "blend");
        return keep(blend, entry);
    }

    private BlendPage keep(BlendEntity blend, BlendEntry entry) {
        String name = entry.name() == null ? "" : entry.name().strip();
        Checks checks = BlendEstimate.problems(entry);
        checks.name("name", "Name", name, LONGEST_NAME);
        if (blends.findByNameIgnoreCase(name)
                .filter(other -> !blend.is(other.id()))
                .isPresent()) {
            checks.add("name", "There is a blend called " + name + ": choose another name");
        }
        InputProblems.refuseIfAny(checks.problems());
        entry.all().forEach(p -> lots.get(Objects.requireNonNull(p.lotId())));
        blend.keep(name, entry, Member.nameOfCaller(), clock.instant());
        return page(blends.saveAndFlush(blend).id());
    }

    /** Its tables stay with the cuppings. */
    void remove(long id) {
        BlendEntity blend = get(id);
        tables.deleteAllByBlendId(id);
        blends.delete(blend);
    }

    /**
     * Lays its trial blind beside its parts.
     *
     * @return the number of the table
     * @throws Conflict if a part of it was never roasted
     */
    long lay(long id) {
        BlendEntry blend = get(id).entry();
        long table = trials.lay(blend);
        tables.save(new BlendTrialEntity(table, id, blend));
        return table;
    }

    private BlendEntity get(long id) {
        return blends.findById(id).orElseThrow(() -> new NotFound("blend", id));
    }
}
