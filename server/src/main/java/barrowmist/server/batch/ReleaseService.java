package barrowmist.server.batch;

import barrowmist.core.check.Checks;
import barrowmist.server.access.Member;
import barrowmist.server.batch.BatchGathering.Gathered;
import barrowmist.server.batch.BatchViews.BagEntry;
import barrowmist.server.batch.BatchViews.HeldTo;
import barrowmist.server.batch.BatchViews.PackedView;
import barrowmist.server.batch.BatchViews.ReleaseEntry;
import barrowmist.server.batch.BatchViews.ReleaseView;
import barrowmist.server.roast.RoastEntity;
import barrowmist.server.roast.RoastLists;
import barrowmist.server.roast.RoastService;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import java.time.Clock;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Lets batches go or holds them back, and knows into which bags they went, both ways. */
@Service
@KeptInTurn
public class ReleaseService {

    private static final int LONGEST_REASON = 400;
    private static final int LONGEST_BAG = 60;
    private static final int MOST_BAGS = 200;
    private static final double MOST_KG = 1000;

    private final ReleaseRepository releases;
    private final BagRepository bags;
    private final ProfileRepository profiles;
    private final BatchGathering gathering;
    private final RoastService roasts;
    private final RoastLists lists;
    private final Clock clock;

    ReleaseService(
            ReleaseRepository releases,
            BagRepository bags,
            ProfileRepository profiles,
            BatchGathering gathering,
            RoastService roasts,
            RoastLists lists,
            Clock clock) {
        this.releases = releases;
        this.bags = bags;
        this.profiles = profiles;
        this.gathering = gathering;
        this.roasts = roasts;
        this.lists = lists;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public ReleaseView of(long roastId) {
        RoastEntity roast = roasts.get(roastId);
        Optional<ReleaseEntity> r = releases.findById(roastId);
        return new ReleaseView(
                roastId,
                r.map(ReleaseEntity::released).orElse(null),
                r.map(ReleaseEntity::reason).orElse(null),
                r.map(ReleaseEntity::decidedBy).orElse(null),
                r.map(ReleaseEntity::decidedAt).orElse(null),
                r.map(ReleaseEntity::version).orElse(0L),
                bags.findAllByRoastIdInOrderById(List.of(roastId)).stream()
                        .map(b -> new BagEntry(b.bag(), b.kg()))
                        .toList(),
                heldTo(roast));
    }

    private List<HeldTo> heldTo(RoastEntity roast) {
        if (roast.planId() == null) {
            return List.of();
        }
        return profiles.findAllByPlanIdOrderByApprovedAt(roast.planId()).stream()
                .flatMap(p -> gathering.of(p).stream()
                        .filter(g -> g.batch().roastId() == roast.id())
                        .map(g -> heldTo(p, g)))
                .toList();
    }

    private static HeldTo heldTo(ProfileEntity p, Gathered g) {
        return new HeldTo(p.id(), p.name(), p.versionNo(), BatchReview.figures(p.profile(), g));
    }

    /**
     * Lets a batch go or holds it back; the bags named are all that it went into.
     *
     * @throws InputProblems if nothing is decided, a hold has no reason, or a bag is none
     */
    public void keep(long roastId, ReleaseEntry entry) {
        roasts.get(roastId);
        String reason = entry.reason() == null || entry.reason().isBlank()
                ? null
                : entry.reason().strip();
        List<BagEntry> into = entry.bags() == null ? List.of() : entry.bags();
        InputProblems.refuseIfAny(problems(entry.released(), reason, into).problems());
        ReleaseEntity release = releases.findById(roastId).orElseGet(() -> new ReleaseEntity(roastId));
        Conflict.ifStale(entry.version(), release.version(), "release");
        release.keep(Boolean.TRUE.equals(entry.released()), reason, Member.nameOfCaller(), clock.instant());
        releases.saveAndFlush(release);
        if (entry.bags() != null) {
            bags.forget(roastId);
            into.forEach(b ->
                    bags.save(new BagEntity(roastId, String.valueOf(b.bag()).strip(), b.kg())));
            bags.flush();
        }
    }

    private static Checks problems(@Nullable Boolean released, @Nullable String reason, List<BagEntry> into) {
        Checks checks = new Checks();
        if (released == null) {
            checks.add("released", "released is missing, expected true to let the batch go or false to hold it");
        }
        if (Boolean.FALSE.equals(released) && reason == null) {
            checks.add("reason", "A batch that is held back needs a reason");
        }
        if (reason != null && reason.length() > LONGEST_REASON) {
            checks.add("reason", "A reason has at most " + LONGEST_REASON + " characters");
        }
        if (into.size() > MOST_BAGS) {
            checks.add("bags", "A batch goes into at most " + MOST_BAGS + " bags");
        }
        for (int i = 0; i < into.size(); i++) {
            BagEntry b = into.get(i);
            String name = b.bag() == null ? "" : b.bag().strip();
            if (name.isEmpty() || name.length() > LONGEST_BAG) {
                checks.add("bags[" + i + "].bag", "A bag needs a code of 1 to " + LONGEST_BAG + " characters");
            }
            if (b.kg() != null && !(b.kg() > 0 && b.kg() <= MOST_KG)) {
                checks.add("bags[" + i + "].kg", "kg is " + b.kg() + ", expected above 0 to " + MOST_KG);
            }
        }
        return checks;
    }

    /** Which batches went into a bag; empty for one that nobody filled. */
    @Transactional(readOnly = true)
    public List<PackedView> intoBag(String bag) {
        List<BagEntity> found = bags.findAllByBagIgnoreCaseOrderById(bag.strip());
        return packed(found, lists.all(found.stream().map(BagEntity::roastId).collect(Collectors.toSet())));
    }

    /** Into which bags the roasts of a lot went: for a recall. */
    @Transactional(readOnly = true)
    public List<PackedView> ofLot(long lotId) {
        List<RoastEntity> all = lists.tastedOfLot(lotId);
        return packed(
                bags.findAllByRoastIdInOrderById(
                        all.stream().map(RoastEntity::id).toList()),
                all);
    }

    private List<PackedView> packed(List<BagEntity> found, Collection<RoastEntity> of) {
        Map<Long, RoastEntity> byId = of.stream().collect(Collectors.toMap(RoastEntity::id, Function.identity()));
        Map<Long, ReleaseEntity> kept = releases.findAllById(byId.keySet()).stream()
                .collect(Collectors.toMap(ReleaseEntity::roastId, Function.identity()));
        return found.stream()
                .filter(b -> byId.containsKey(b.roastId()))
                .map(b -> packed(
                        b, Objects.requireNonNull(byId.get(b.roastId())), Optional.ofNullable(kept.get(b.roastId()))))
                .toList();
    }

    private static PackedView packed(BagEntity bag, RoastEntity roast, Optional<ReleaseEntity> release) {
        return new PackedView(
                bag.bag(),
                roast.id(),
                roast.title(),
                roast.roastedAt(),
                roast.lot().id(),
                roast.lot().name(),
                bag.kg(),
                release.map(ReleaseEntity::released).orElse(null));
    }
}
