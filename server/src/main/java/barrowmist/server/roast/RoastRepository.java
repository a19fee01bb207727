package barrowmist.server.roast;

import barrowmist.core.green.Process;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.EntityGraph;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Roasts in the database. */
interface RoastRepository extends JpaRepository<RoastEntity, Long> {

    @EntityGraph(attributePaths = {"lot", "machine", "greenSample"})
    List<RoastEntity> findAllByOrderByRoastedAtDescIdDesc();

    @EntityGraph(attributePaths = {"lot", "machine", "greenSample"})
    List<RoastEntity> findAllByLotIdOrderByNumberInLot(long lotId);

    Optional<RoastEntity> findFirstByLotIdAndMachineIdAndContentHash(long lotId, long machineId, String contentHash);

    @EntityGraph(attributePaths = {"lot", "greenSample"})
    List<RoastEntity> findAllByMachineIdAndAcceptedTrueAndDiscardedReasonIsNullOrderByRoastedAt(long machineId);

    @EntityGraph(attributePaths = {"lot", "greenSample", "machine"})
    List<RoastEntity> findAllByMachineIdAndDiscardedReasonIsNullOrderByRoastedAt(long machineId);

    List<RoastEntity> findAllByRulesVersionNot(int version);

    @Query("select coalesce(max(r.numberInLot), 0) from RoastEntity r where r.lot.id = :lotId")
    int highestNumber(long lotId);

    /** The figures alone: a reference needs no readings. */
    @Query("select r.figures from RoastEntity r where r.machine.id = :machineId and r.lot.process = :process"
            + " and r.accepted and r.discardedReason is null and r.id <> :exceptRoastId")
    List<StoredFigures> acceptedFigures(long machineId, Process process, long exceptRoastId);
}
