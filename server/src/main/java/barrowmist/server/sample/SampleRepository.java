package barrowmist.server.sample;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Bench samples in the database. */
interface SampleRepository extends JpaRepository<SampleEntity, Long> {

    /** Quaker counts of all roasts of a green sample. */
    @Query(
            value = "select b.quakers_per_100g from bench_sample b join roast r on r.id = b.roast_id"
                    + " where r.green_sample_id = :greenSampleId and b.quakers_per_100g is not null",
            nativeQuery = true)
    List<Integer> quakers(long greenSampleId);
}
