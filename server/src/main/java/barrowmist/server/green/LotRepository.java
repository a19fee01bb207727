package barrowmist.server.green;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

/** Lots in the database. */
public interface LotRepository extends JpaRepository<LotEntity, Long> {

    /** A lot's id and its number of roasts. */
    interface RoastCount {
        long getLotId();

        long getRoasts();
    }

    @Query(
            value =
                    "select lot_id as lotId, count(*) as roasts from roast where discarded_reason is null group by lot_id",
            nativeQuery = true)
    List<RoastCount> countRoasts();

    /** A sample's id and its number of roasts. */
    interface SampleRoastCount {
        long getSampleId();

        long getRoasts();
    }

    @Query(
            value = "select green_sample_id as sampleId, count(*) as roasts from roast where discarded_reason is null"
                    + " group by green_sample_id",
            nativeQuery = true)
    List<SampleRoastCount> countRoastsOfSamples();

    /** Names of the lots of which nothing that counts was roasted, newest first. */
    @Query(
            "select l.name from LotEntity l where l.putAside = false and not exists (select 1 from RoastEntity r where r.lot = l"
                    + " and r.discardedReason is null) order by l.arrivalDate desc, l.id desc")
    List<String> unroasted();

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    Optional<LotEntity> findWithLockById(long id);

    List<LotEntity> findAllByNameContainingIgnoreCase(String word);

    List<LotEntity> findAllByOrderByArrivalDateDescIdDesc();
}
