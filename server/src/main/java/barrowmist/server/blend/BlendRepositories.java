package barrowmist.server.blend;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

/** Blends in the database. */
interface BlendRepository extends JpaRepository<BlendEntity, Long> {

    List<BlendEntity> findAllByOrderByName();

    Optional<BlendEntity> findByNameIgnoreCase(String name);
}

/** Tables of trials in the database. */
interface BlendTrialRepository extends JpaRepository<BlendTrialEntity, Long> {

    List<BlendTrialEntity> findAllByBlendIdOrderByCuppingIdDesc(long blendId);

    void deleteAllByBlendId(long blendId);
}
