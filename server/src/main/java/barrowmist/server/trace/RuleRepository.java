package barrowmist.server.trace;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

/** Changes of rules in the database. */
interface RuleRepository extends JpaRepository<RuleChangeEntity, Long> {

    List<RuleChangeEntity> findAllByOrderById();
}
