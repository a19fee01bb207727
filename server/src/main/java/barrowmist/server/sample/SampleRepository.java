package barrowmist.server.sample;

import java.util.Collection;
import java.util.List;
import java.util.Set;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
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

    /** Quaker counts of all roasts of a green sample. */
    @Query(
            value = "select b.quakers_per_100g from bench_sample b join roast r on r.id = b.roast_id"
                    + " where r.green_sample_id = :greenSampleId and b.quakers_per_100g is not null",
            nativeQuery = true)
    List<Integer> quakers(long greenSampleId);
}
