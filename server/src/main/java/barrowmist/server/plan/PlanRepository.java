package barrowmist.server.plan;

import java.util.List;
import java.util.Set;
import org.springframework.data.jpa.repository.EntityGraph;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Plans in the database. */
interface PlanRepository extends JpaRepository<PlanEntity, Long> {

    @EntityGraph(attributePaths = {"greenSample", "greenSample.lot", "machine"})
    List<PlanEntity> findAllByPutAsideFalseOrderByChangedAtDescIdDesc();

    List<PlanEntity> findAllByGreenSampleLotIdOrderByIdDesc(long lotId);

    @Query("select distinct p.greenSample.id from PlanEntity p")
    Set<Long> plannedSamples();
}
