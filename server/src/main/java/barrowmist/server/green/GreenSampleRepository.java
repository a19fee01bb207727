package barrowmist.server.green;

import barrowmist.core.green.SampleStage;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.EntityGraph;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Samples of lots in the database. */
interface GreenSampleRepository extends JpaRepository<GreenSampleEntity, Long> {

    List<GreenSampleEntity> findAllByLotIdOrderById(long lotId);

    Optional<GreenSampleEntity> findByLotIdAndStage(long lotId, SampleStage stage);

    /** Inspected samples of which nothing that counts was roasted, newest lot first. */
    @EntityGraph(attributePaths = "lot")
    @Query(
            "select s from GreenSampleEntity s where s.inspected = true and s.lot.putAside = false and not exists (select 1 from RoastEntity r"
                    + " where r.greenSample = s and r.discardedReason is null) order by s.lot.id desc, s.id")
    List<GreenSampleEntity> unroasted();

    @EntityGraph(attributePaths = "lot")
    List<GreenSampleEntity> findAllByOrderByLotIdDescIdAsc();

    /** Those of lots that are in use. */
    @EntityGraph(attributePaths = "lot")
    List<GreenSampleEntity> findAllByLotPutAsideFalseOrderByLotIdDescIdAsc();
}
