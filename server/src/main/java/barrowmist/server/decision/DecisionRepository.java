package barrowmist.server.decision;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Decisions in the database. */
interface DecisionRepository extends JpaRepository<DecisionEntity, Long> {

    /** Those of a lot, the one that holds first. */
    List<DecisionEntity> findAllByLotIdOrderByIdDesc(long lotId);

    long countByLotId(long lotId);

    /** The one that holds of each lot. */
    @Query("select d from DecisionEntity d where d.id in (select max(e.id) from DecisionEntity e group by e.lotId)")
    List<DecisionEntity> holding();

    /** A lot that waits; the day is left out where nobody set one. */
    record Open(
            long lotId,
            String lotName,
            String supplier,
            LocalDate arrivalDate,
            @Nullable LocalDate dueOn) {}

    @Query(
            "select new barrowmist.server.decision.DecisionRepository$Open(l.id, l.name, l.supplier, l.arrivalDate, d.dueOn)"
                    + " from LotEntity l left join DecisionEntity d on d.id = (select max(e.id) from DecisionEntity e"
                    + " where e.lotId = l.id) where l.putAside = false and (d.id is null or d.outcome not in :endings)")
    List<Open> open(Collection<String> endings);

    /** A lot with its decision, which is left out where there is none. */
    record Listed(
            long lotId,
            String lotName,
            String supplier,
            LocalDate arrivalDate,
            @Nullable DecisionEntity held) {}

    /** Every lot that is in use, the newest first. */
    @Query("select new barrowmist.server.decision.DecisionRepository$Listed(l.id, l.name, l.supplier, l.arrivalDate, d)"
            + " from LotEntity l left join DecisionEntity d on d.id = (select max(e.id) from DecisionEntity e"
            + " where e.lotId = l.id) where l.putAside = false order by l.arrivalDate desc, l.id desc")
    List<Listed> listed();

    @Query("select distinct s.lot.id from GreenSampleEntity s where s.inspected = true")
    Set<Long> inspected();

    @Query("select distinct r.lot.id from RoastEntity r where r.discardedReason is null")
    Set<Long> roasted();

    /** Lots of which a roast that counts stood on a table. */
    @Query("select distinct r.lot.id from RoastEntity r join SheetEntity s on s.roastId = r.id"
            + " where r.discardedReason is null")
    Set<Long> tasted();
}
