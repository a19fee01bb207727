package barrowmist.server.roast;

import barrowmist.core.green.Process;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.domain.Specification;
import org.springframework.data.jpa.repository.EntityGraph;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.JpaSpecificationExecutor;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

/** Roasts in the database. */
interface RoastRepository extends JpaRepository<RoastEntity, Long>, JpaSpecificationExecutor<RoastEntity> {

    @EntityGraph(attributePaths = {"lot", "machine", "greenSample"})
    List<RoastEntity> findTop500ByDiscardedReasonIsNullOrderByRoastedAtDescIdDesc();

    @Override
    @EntityGraph(attributePaths = {"lot", "machine", "greenSample"})
    Page<RoastEntity> findAll(Specification<RoastEntity> sought, Pageable page);

    @EntityGraph(attributePaths = {"lot", "machine", "greenSample"})
    List<RoastEntity> findAllByMachineIdAndRoastedAtGreaterThanEqualAndDiscardedReasonIsNullOrderByRoastedAt(
            long machineId, Instant since);

    @EntityGraph(attributePaths = {"lot", "machine", "greenSample"})
    List<RoastEntity> findAllByRoastedAtGreaterThanEqualAndDiscardedReasonIsNullOrderByRoastedAt(Instant since);

    @EntityGraph(attributePaths = {"lot", "machine", "greenSample"})
    List<RoastEntity> findAllByRoastedAtGreaterThanEqualAndRoastedAtLessThanAndDiscardedReasonIsNullOrderByRoastedAt(
            Instant from, Instant before);

    @EntityGraph(attributePaths = {"lot", "machine", "greenSample"})
    List<RoastEntity> findAllByIdIn(Collection<Long> ids);

    @EntityGraph(attributePaths = {"lot", "machine", "greenSample"})
    List<RoastEntity> findAllByPlanIdAndKindIsNullAndDiscardedReasonIsNullOrderByRoastedAt(long planId);

    @Query("select r.desk from RoastEntity r where r.machine.id = :machineId and r.desk is not null"
            + " and r.kind is null and r.discardedReason is null order by r.roastedAt desc limit 50")
    List<String> deskRecords(long machineId);

    @EntityGraph(attributePaths = {"lot", "machine", "greenSample"})
    List<RoastEntity> findAllByLotIdAndDiscardedReasonIsNullOrderByNumberInLot(long lotId);

    List<RoastEntity> findAllByPulledFromOrderById(long batchId);

    @EntityGraph(attributePaths = "lot")
    List<RoastEntity> findAllByContentHashAndIdNotOrderById(String contentHash, long id);

    Optional<RoastEntity> findFirstByLotIdAndMachineIdAndContentHash(long lotId, long machineId, String contentHash);

    Optional<RoastEntity> findByIdAndMachineIdAndDiscardedReasonIsNull(long id, long machineId);

    /** Makes every stored figure an old one. */
    @Modifying
    @Query("update RoastEntity r set r.rulesVersion = 0")
    void outdateFigures();

    List<RoastEntity> findAllByRulesVersionNot(int version, Pageable page);

    @Query("select count(r) from RoastEntity r where r.machine.id = :machineId and r.discardedReason is null"
            + " and r.kind is null and r.gasLogged and r.figures.chargeC is not null and r.figures.dropS is not null")
    long countForModel(long machineId);

    @Query(
            "select count(r) from RoastEntity r where r.machine.id = :machineId and r.discardedReason is null"
                    + " and r.kind is null and not r.gasLogged and r.figures.chargeC is not null and r.figures.dropS is not null")
    long countWithoutGas(long machineId);

    @EntityGraph(attributePaths = {"lot", "greenSample", "machine"})
    @Query("select r from RoastEntity r where r.machine.id = :machineId and r.discardedReason is null"
            + " and r.kind is null and r.gasLogged and r.figures.chargeC is not null and r.figures.dropS is not null"
            + " order by r.roastedAt desc, r.id desc")
    List<RoastEntity> newestForModel(long machineId, Pageable page);

    @EntityGraph(attributePaths = {"lot", "greenSample"})
    @Query("select r from RoastEntity r where r.machine.id = :machineId and r.discardedReason is null"
            + " and r.kind is null and r.figures.chargeC is not null and r.figures.dropS is not null"
            + " order by r.roastedAt desc, r.id desc")
    List<RoastEntity> newestDropped(long machineId, Pageable page);

    @Query("select distinct r.lot.process from RoastEntity r where r.machine.id = :machineId and r.accepted"
            + " and r.discardedReason is null")
    List<Process> acceptedProcesses(long machineId);

    /** What was drawn from a batch. */
    List<RoastEntity> findAllByPulledFrom(long roastId);

    @Query("select coalesce(max(r.numberInLot), 0) from RoastEntity r where r.lot.id = :lotId")
    int highestNumber(long lotId);

    /** What a roast teaches: its figures alone, a reference needs no readings. */
    record Teaching(
            long roastId, Instant roastedAt, @Nullable StoredFigures figures) {}

    /** What a cup's age and kind are read from: no readings. */
    @Query(
            "select new barrowmist.server.roast.RoastLists$CuppedRoast(r.id, r.kind, r.production, r.roastedAt, r.figures,"
                    + " l.process, l.reworkedOn) from RoastEntity r join r.lot l where r.id in :ids")
    List<RoastLists.CuppedRoast> cupped(Collection<Long> ids);

    /** What followed a plan, oldest first: its figures alone. */
    @Query("select new barrowmist.server.roast.RoastLists$Followed(r.id, r.roastedAt, r.numberInLot, l.id, l.name,"
            + " r.roastedBy, r.figures) from RoastEntity r join r.lot l where r.planId = :planId and r.kind is null"
            + " and r.discardedReason is null order by r.roastedAt, r.id")
    List<RoastLists.Followed> followed(long planId);

    /** All since a moment that count, oldest first. */
    @Query("select new barrowmist.server.roast.RoastLists$Begun(r.id, l.name, r.numberInLot, r.missingMarks)"
            + " from RoastEntity r join r.lot l where r.roastedAt >= :since and r.discardedReason is null"
            + " and r.production = false order by r.roastedAt")
    List<RoastLists.Begun> begun(Instant since);

    @Query("select new barrowmist.server.roast.RoastRepository$Teaching(r.id, r.roastedAt, r.figures)"
            + " from RoastEntity r where r.id in :ids")
    List<Teaching> figuresOf(Collection<Long> ids);

    /** The newest first; ordered by its whole index, so that the database stops after a page. */
    @Query("select new barrowmist.server.roast.RoastRepository$Teaching(r.id, r.roastedAt, r.figures)"
            + " from RoastEntity r join r.lot l where r.machine.id = :machineId and l.process = :process"
            + " and r.accepted = true and r.discardedReason is null and r.id <> :exceptRoastId"
            + " order by r.machine.id, r.accepted, r.roastedAt desc, r.id desc")
    List<Teaching> teaching(long machineId, Process process, long exceptRoastId, Pageable page);

    @Query("select r.id from RoastEntity r where r.machine.id = :machineId and r.accepted = true"
            + " and r.discardedReason is null order by r.machine.id, r.accepted, r.roastedAt desc, r.id desc")
    List<Long> newestAccepted(long machineId, Pageable page);
}
