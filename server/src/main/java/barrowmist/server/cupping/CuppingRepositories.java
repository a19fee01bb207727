package barrowmist.server.cupping;

import java.util.Collection;
import java.util.List;
import java.util.Set;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Cuppings in the database. */
interface CuppingRepository extends JpaRepository<CuppingEntity, Long> {

    List<CuppingEntity> findAllByOrderByCuppedAtDescIdDesc(Pageable page);
}

/** Sheets in the database. */
interface SheetRepository extends JpaRepository<SheetEntity, Long> {

    List<SheetEntity> findAllByCuppingIdOrderById(long cuppingId);

    List<SheetEntity> findAllByRoastIdOrderById(long roastId);

    List<SheetEntity> findAllByCuppingInOrderById(Collection<CuppingEntity> cuppings);

    @Query("select s.roastId from SheetEntity s where s.roastId in :roastIds")
    Set<Long> cupped(Collection<Long> roastIds);

    @Query("select s from SheetEntity s join fetch s.cupping join RoastEntity r on r.id = s.roastId"
            + " where s.finalScore is null and r.discardedReason is null order by s.id desc")
    List<SheetEntity> halfFilled(Pageable page);

    @Query("select distinct s.roastId from SheetEntity s")
    Set<Long> cuppedRoasts();
}
