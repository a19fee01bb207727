package barrowmist.server.cupping;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

/** Cuppings in the database. */
interface CuppingRepository extends JpaRepository<CuppingEntity, Long> {

    List<CuppingEntity> findAllByOrderByCuppedAtDescIdDesc();
}

/** Sheets in the database. */
interface SheetRepository extends JpaRepository<SheetEntity, Long> {

    List<SheetEntity> findAllByCuppingIdOrderById(long cuppingId);

    List<SheetEntity> findAllByRoastIdOrderById(long roastId);

    List<SheetEntity> findAllByOrderById();
}
