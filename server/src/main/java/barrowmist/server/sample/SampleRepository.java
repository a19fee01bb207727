package barrowmist.server.sample;

import java.util.Collection;
import java.util.List;
import java.util.Set;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

/** Bench samples in the database. */
interface SampleRepository extends JpaRepository<SampleEntity, Long> {

    @Query("select s from SampleEntity s join RoastEntity r on r.id = s.roastId where r.discardedReason is null"
            + " order by r.roastedAt desc, r.id desc")
    List<SampleEntity> ofNewestRoasts(Pageable page);

    @Query("select s.roastId from SampleEntity s where s.roastId in :roastIds")
    Set<Long> measured(Collection<Long> roastIds);

    @Query("select s.greenG from SampleEntity s where s.roastId in :roastIds and s.greenG is not null")
    List<Double> greenG(Collection<Long> roastIds);

    /** What was drawn from the batch of a pull is what its pulls weigh; nothing for a roast that is no pull. */
    @Modifying
    @Query("update SampleEntity b set b.pulledG = (select sum(p.roastedG) from SampleEntity p where p.roastId in"
            + " (select q.id from RoastEntity q where q.pulledFrom = b.roastId))"
            + " where b.roastId = (select r.pulledFrom from RoastEntity r where r.id = :roastId)")
    void drawnOf(long roastId);

    /** Of all that followed a plan. */
    @Query("select s from SampleEntity s join RoastEntity r on r.id = s.roastId where r.planId = :planId")
    List<SampleEntity> ofPlan(long planId);

    /** What was counted of all roasts of a green sample. */
    @Query("select s from SampleEntity s join RoastEntity r on r.id = s.roastId"
            + " where r.greenSample.id = :greenSampleId and s.quakers is not null")
    List<SampleEntity> withQuakers(long greenSampleId);
}
