package barrowmist.server.sample;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Photographs in the database. */
interface PhotoRepository extends JpaRepository<PhotoEntity, Long> {

    @Query("select p.id from PhotoEntity p where p.roastId = :roastId order by p.takenAt, p.id")
    List<Long> ofRoast(long roastId);

    @Query("select p.id from PhotoEntity p where p.greenSampleId = :sampleId order by p.takenAt, p.id")
    List<Long> ofGreenSample(long sampleId);
}
