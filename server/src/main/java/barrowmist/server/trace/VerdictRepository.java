package barrowmist.server.trace;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Verdicts in the database. */
interface VerdictRepository extends JpaRepository<VerdictEntity, Long> {

    /** Those of a roast, the one that holds first. */
    List<VerdictEntity> findAllByRoastIdOrderByIdDesc(long roastId);

    /** Of these roasts, those with a verdict. */
    @Query("select distinct v.roastId from VerdictEntity v where v.roastId in :roastIds")
    List<Long> judged(Collection<Long> roastIds);

    /** The one that holds of each roast that counts; the newest first. */
    @Query("select v from VerdictEntity v join RoastEntity r on r.id = v.roastId where r.discardedReason is null"
            + " and v.id in (select max(w.id) from VerdictEntity w group by w.roastId)"
            + " order by v.id desc")
    List<VerdictEntity> holding();
}
