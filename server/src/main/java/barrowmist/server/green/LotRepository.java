package barrowmist.server.green;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Lots in the database. */
public interface LotRepository extends JpaRepository<LotEntity, Long> {

    /** A lot's id and its number of roasts. */
    interface RoastCount {
        long getLotId();

        long getRoasts();
    }

    @Query(value = "select lot_id as lotId, count(*) as roasts from roast group by lot_id", nativeQuery = true)
    List<RoastCount> countRoasts();

    List<LotEntity> findAllByOrderByArrivalDateDescIdDesc();
}
