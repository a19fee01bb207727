package barrowmist.server.trace;

import barrowmist.core.green.Process;
import barrowmist.server.trace.TraceViews.TraceRow;
import java.util.List;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

/** What cupped roasts trace back to, in the database. */
interface RoastTraceRepository extends JpaRepository<RoastTraceEntity, Long> {

    String ROW = "select new barrowmist.server.trace.TraceViews$TraceRow(r.id, r.settled, t.finalScore, t.cause,"
            + " t.standing, l.name, r.numberInLot, l.process, r.roastedAt)"
            + " from RoastTraceEntity t join RoastEntity r on r.id = t.roastId join r.lot l"
            + " where r.discardedReason is null";

    @Query(ROW + " order by r.roastedAt desc, r.id desc")
    List<TraceRow> rows(Pageable page);

    /** Those that somebody should read: a finding that the cup speaks for, with which nobody is done. */
    @Query(ROW + " and not r.settled and t.standing is not null and t.standing <> :toWatch"
            + " order by r.roastedAt desc, r.id desc")
    List<TraceRow> waiting(String toWatch, Pageable page);

    @Query(
            "select count(t) from RoastTraceEntity t join RoastEntity r on r.id = t.roastId"
                    + " where r.discardedReason is null and not r.settled and t.standing is not null and t.standing <> :toWatch")
    long countWaiting(String toWatch);

    @Query("select t from RoastTraceEntity t where t.stale or t.rulesVersion <> :rules order by t.roastId desc")
    List<RoastTraceEntity> stale(int rules, Pageable page);

    @Modifying
    @Query("update RoastTraceEntity t set t.stale = true where t.roastId in"
            + " (select r.id from RoastEntity r where r.lot.id = :lotId)")
    void staleOfLot(long lotId);

    @Modifying
    @Query("update RoastTraceEntity t set t.stale = true where t.roastId in"
            + " (select r.id from RoastEntity r where r.machine.id = :machineId and r.lot.process = :process)")
    void staleOfReference(long machineId, Process process);

    @Modifying
    @Query("update RoastTraceEntity t set t.stale = true")
    void staleAll();

    @Modifying
    @Query(
            value = "merge into roast_trace (roast_id, rules_version, stale) key (roast_id) values (:roastId, 0, true)",
            nativeQuery = true)
    void stale(long roastId);
}
