package barrowmist.server.decision;

import barrowmist.core.cupping.panel.Difference;
import barrowmist.core.green.SampleStage;
import barrowmist.server.cupping.ToldTriangles;
import barrowmist.server.cupping.ToldTriangles.ToldSet;
import barrowmist.server.roast.RoastEntity;
import barrowmist.server.roast.RoastLists;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Whether people tell a lot's arrival from its pre-shipment sample, over all triangles that may be told. */
@Component
class StagesTold {

    private static final Set<SampleStage> BOTH = Set.of(SampleStage.PRE_SHIPMENT, SampleStage.ARRIVAL);

    private final ToldTriangles triangles;
    private final RoastLists roasts;

    StagesTold(ToldTriangles triangles, RoastLists roasts) {
        this.triangles = triangles;
        this.roasts = roasts;
    }

    /**
     * Empty where no such triangle was told.
     *
     * @param faulty roasts with a fault: whoever tells such a one apart tells the roast, and not the green
     */
    Optional<Difference> apart(long lotId, Set<Long> faulty) {
        List<ToldSet> all = triangles.ofLot(lotId);
        Map<Long, RoastEntity> by =
                roasts.all(all.stream().flatMap(StagesTold::both).collect(Collectors.toSet())).stream()
                        .collect(Collectors.toMap(RoastEntity::id, r -> r));
        List<ToldSet> told = all.stream()
                .filter(s -> both(s).allMatch(id -> of(by.get(id), lotId) && !faulty.contains(id)))
                .filter(s -> both(s).map(id ->
                                Objects.requireNonNull(by.get(id)).greenSample().stage())
                        .collect(Collectors.toSet())
                        .equals(BOTH))
                .toList();
        int right = (int) told.stream().filter(ToldSet::right).count();
        int people = (int) told.stream().map(ToldSet::cupper).distinct().count();
        return told.isEmpty() ? Optional.empty() : Optional.of(Difference.of(told.size(), right, people));
    }

    private static boolean of(@Nullable RoastEntity roast, long lotId) {
        return roast != null && roast.lot().id() == lotId;
    }

    private static Stream<Long> both(ToldSet s) {
        return Stream.of(s.firstRoastId(), s.secondRoastId());
    }
}
