package barrowmist.server.green;

import barrowmist.core.green.SampleStage;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.EntityGraph;
import org.springframework.data.jpa.repository.JpaRepository;

/** Samples of lots in the database. */
interface GreenSampleRepository extends JpaRepository<GreenSampleEntity, Long> {

    List<GreenSampleEntity> findAllByLotIdOrderById(long lotId);

    Optional<GreenSampleEntity> findByLotIdAndStage(long lotId, SampleStage stage);

    @EntityGraph(attributePaths = "lot")
    List<GreenSampleEntity> findAllByOrderByLotIdDescIdAsc();
}
