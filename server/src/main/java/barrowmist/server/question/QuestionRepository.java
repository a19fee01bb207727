package barrowmist.server.question;

import barrowmist.core.green.Process;
import barrowmist.server.roast.RoastEntity;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** Roasts with what became of their cups. */
interface QuestionRepository extends Repository<RoastEntity, Long> {

    /**
     * A roast whose curve shows a fault.
     *
     * @param score left out where it was not cupped, or its table is not revealed
     * @param cause what its cup is held to come from: the lead's verdict, else a finding that the cup speaks for
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
            String supplier,
            @Nullable Double score,
            @Nullable String cause) {}

    @Query("select new barrowmist.server.question.QuestionRepository$Faulty(r.id, l.name, r.numberInLot, r.faults,"
            + " r.roastedAt, m.name, r.roastedBy, l.process, l.supplier, t.finalScore,"
            + " coalesce((select v.cause from VerdictEntity v where v.id = (select max(w.id) from VerdictEntity w"
            + " where w.roastId = r.id)), case when t.standing in ('supported', 'unexplained') then t.cause else null end))"
            + " from RoastEntity r join r.lot l join r.machine m left join RoastTraceEntity t on t.roastId = r.id"
            + " where r.discardedReason is null and r.kind is null and r.roastedAt >= :from and r.roastedAt < :to"
            + " and r.faults like :fault and (:machineId is null or m.id = :machineId) order by r.roastedAt desc")
    List<Faulty> withFault(String fault, Instant from, Instant to, @Nullable Long machineId);
}
