package barrowmist.server.past;

import barrowmist.core.green.Process;
import barrowmist.server.roast.RoastEntity;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** Cupped roasts with what they are counted by. */
interface PastRepository extends Repository<RoastEntity, Long> {

    /**
     * A cupped roast.
     *
     * @param person who roasted it; left out where nobody said so
     * @param cause what its cup is held to come from: the lead's verdict, else a finding that the cup speaks for
     */
    record PastRoast(
            long roastId,
            @Nullable String cause,
            String machine,
            Process process,
            String supplier,
            @Nullable String person,
            Instant roastedAt) {}

    @Query(
            "select new barrowmist.server.past.PastRepository$PastRoast(r.id, coalesce((select v.cause from VerdictEntity v"
                    + " where v.id = (select max(w.id) from VerdictEntity w where w.roastId = r.id)),"
                    + " case when t.standing in :spoken then t.cause else null end),"
                    + " m.name, l.process, l.supplier, r.roastedBy, r.roastedAt)"
                    + " from RoastTraceEntity t join RoastEntity r on r.id = t.roastId join r.lot l join r.machine m"
                    + " where r.discardedReason is null and t.overTime order by r.roastedAt desc, r.id desc")
    List<PastRoast> newest(Collection<String> spoken, Pageable page);
}
