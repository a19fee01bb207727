package barrowmist.server.question;

import barrowmist.core.green.Process;
import barrowmist.server.roast.RoastEntity;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** Roasts whose curves show a fault. */
interface QuestionRepository extends Repository<RoastEntity, Long> {

    /**
     * A roast whose curve shows a fault.
     */
    record Faulty(
            long roastId,
            String lotName,
            int number,
            String faults,
            Instant roastedAt,
            String machine,
            @Nullable String person,
            Process process,
            String supplier) {}

    @Query("select new barrowmist.server.question.QuestionRepository$Faulty(r.id, l.name, r.numberInLot, r.faults,"
            + " r.roastedAt, m.name, r.roastedBy, l.process, l.supplier)"
            + " from RoastEntity r join r.lot l join r.machine m"
            + " where r.discardedReason is null and r.kind is null and r.roastedAt >= :from and r.roastedAt < :to"
            + " and r.faults like :fault and (:machineId is null or m.id = :machineId) order by r.roastedAt desc")
    List<Faulty> withFault(String fault, Instant from, Instant to, @Nullable Long machineId, Pageable page);
}
