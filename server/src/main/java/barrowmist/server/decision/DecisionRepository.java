package barrowmist.server.decision;

import java.util.List;
import java.util.Set;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Decisions in the database. */
interface DecisionRepository extends JpaRepository<DecisionEntity, Long> {

    /** Those of a lot, the one that holds first. */
    List<DecisionEntity> findAllByLotIdOrderByIdDesc(long lotId);

    /** The one that holds of each lot. */
    @Query("select d from DecisionEntity d where d.id in (select max(e.id) from DecisionEntity e group by e.lotId)")
    List<DecisionEntity> holding();

    /** Lots of which a roast that counts stood on a table. */
    @Query("select distinct r.lot.id from RoastEntity r join SheetEntity s on s.roastId = r.id"
            + " where r.discardedReason is null")
    Set<Long> tasted();
}
