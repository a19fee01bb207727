package barrowmist.server.trace;

import barrowmist.core.green.Process;
import java.util.Collection;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

/** What cupped roasts trace back to, in the database. */
interface RoastTraceRepository extends JpaRepository<RoastTraceEntity, Long> {

    String ROW = "select new barrowmist.server.trace.TraceRow(r.id, r.settled, t.finalScore, t.cause,"
            + " t.standing, t.chance, t.sound, l.name, r.numberInLot, l.process, r.roastedAt)"
            + " from RoastTraceEntity t join RoastEntity r on r.id = t.roastId join r.lot l"
            + " where r.discardedReason is null";

    @Query(ROW + " order by r.roastedAt desc, r.id desc")
    List<TraceRow> rows(Pageable page);

    /** Those that tasted so; what is null is not asked for. */
    @Query(ROW + " and t.inSearch and (:word is null or t.words like concat('%|', :word, '|%'))"
            + " and (:cause is null or t.cause = :cause)"
            + " and (:least is null or t.finalScore >= :least) and (:most is null or t.finalScore <= :most)"
            + " order by r.roastedAt desc, r.id desc")
    List<TraceRow> rows(
            @Nullable String word,
            @Nullable String cause,
            @Nullable Double least,
            @Nullable Double most,
            Pageable page);

    /** The same of these roasts, in no order. */
    @Query(ROW + " and r.id in :ids")
    List<TraceRow> rowsOf(Collection<Long> ids);

    /** Those that somebody should read: a finding that the cup speaks for, with which nobody is done; the newest first. */
    @Query("select r.id from RoastTraceEntity t join RoastEntity r on r.id = t.roastId"
            + " where r.discardedReason is null and not r.settled and t.onToday and t.standing in :said"
            + " order by r.roastedAt desc, r.id desc")
    List<Long> waiting(Collection<String> said, Pageable page);

    @Query("select count(t) from RoastTraceEntity t join RoastEntity r on r.id = t.roastId"
            + " where r.discardedReason is null and not r.settled and t.onToday and t.standing in :said")
    long countWaiting(Collection<String> said);

    /** What was cupped comes first: batches of production, which wait for no cup, do not stand before it. */
    @Query("select t from RoastTraceEntity t where t.stale or t.rulesVersion <> :rules order by case when exists"
            + " (select s.id from SheetEntity s where s.roastId = t.roastId) then 0 else 1 end, t.roastId desc")
    List<RoastTraceEntity> stale(int rules, Pageable page);

    @Query("select count(t) from RoastTraceEntity t where t.stale or t.rulesVersion <> :rules")
    long countStale(int rules);

    /** A cupped roast, and what its cup is called: by the lead where there is a verdict, else by its words alone. */
    record Called(long roastId, @Nullable String cause) {}

    @Query(
            "select new barrowmist.server.trace.RoastTraceRepository$Called(r.id, coalesce((select v.cause from VerdictEntity v"
                    + " where v.id = (select max(w.id) from VerdictEntity w where w.roastId = r.id)), t.cupCause))"
                    + " from RoastTraceEntity t join RoastEntity r on r.id = t.roastId"
                    + " where r.machine.id = :machineId and r.discardedReason is null and t.rulesVersion > 0 and t.inPatterns"
                    + " order by r.roastedAt desc, r.id desc")
    List<Called> called(long machineId, Pageable page);

    @Query("select count(s) > 0 from SheetEntity s where s.roastId = :roastId")
    boolean cupped(long roastId);

    /** What stood on a table with it, and what is of the same lot: each speaks of the others. */
    @Modifying
    @Query(
            "update RoastTraceEntity t set t.stale = true where t.roastId in"
                    + " (select o.roastId from SheetEntity o, SheetEntity s where s.roastId = :roastId and o.cupping = s.cupping)"
                    + " or t.roastId in (select r.id from RoastEntity r, RoastEntity q where q.id = :roastId and r.lot = q.lot)")
    void staleBeside(long roastId);

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
