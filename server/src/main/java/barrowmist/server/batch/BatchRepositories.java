package barrowmist.server.batch;

import java.util.Collection;
import java.util.List;
import java.util.Set;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

/** Profiles in the database. */
interface ProfileRepository extends JpaRepository<ProfileEntity, Long> {

    List<ProfileEntity> findAllByOrderByNameAscVersionNoDesc();

    boolean existsByPlanId(long planId);

    @Query("select distinct p.referenceId from ProfileEntity p where p.referenceId is not null")
    Set<Long> references();

    List<ProfileEntity> findAllByPlanIdOrderByApprovedAt(long planId);
}

/** Tables of batch tasters in the database. */
interface TasteRepository extends JpaRepository<TasteEntity, Long> {

    List<TasteEntity> findAllByProfileIdOrderByIdDesc(long profileId);
}

/** What was let go, in the database. */
interface ReleaseRepository extends JpaRepository<ReleaseEntity, Long> {

    /** Of all that followed a plan. */
    @Query("select x from ReleaseEntity x join RoastEntity r on r.id = x.roastId where r.planId = :planId")
    List<ReleaseEntity> ofPlan(long planId);
}

/** Bags in the database. */
interface BagRepository extends JpaRepository<BagEntity, Long> {

    @Modifying
    @Query("delete from BagEntity b where b.roastId = :roastId")
    void forget(long roastId);

    List<BagEntity> findAllByRoastIdInOrderById(Collection<Long> roastIds);

    /** Of all that followed a plan. */
    @Query("select b from BagEntity b join RoastEntity r on r.id = b.roastId where r.planId = :planId order by b.id")
    List<BagEntity> ofPlan(long planId);

    List<BagEntity> findAllByBagIgnoreCaseOrderById(String bag);
}
