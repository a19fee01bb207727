package barrowmist.server.trace;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

/** Verdicts in the database. */
interface VerdictRepository extends JpaRepository<VerdictEntity, Long> {

    /** Those of a roast, the one that holds first. */
    List<VerdictEntity> findAllByRoastIdOrderByIdDesc(long roastId);
}
