package barrowmist.server.plan;

import java.util.List;
import org.springframework.data.jpa.repository.EntityGraph;
import org.springframework.data.jpa.repository.JpaRepository;

/** Plans in the database. */
interface PlanRepository extends JpaRepository<PlanEntity, Long> {

    @EntityGraph(attributePaths = {"greenSample", "greenSample.lot", "machine"})
    List<PlanEntity> findAllByOrderByChangedAtDescIdDesc();
}
