package barrowmist.server.proof;

import java.util.List;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Proofs in the database. */
interface ProofRepository extends JpaRepository<ProofEntity, Long> {

    @Query("select p from ProofEntity p join p.batches b where b.roastId = :roastId order by p.id desc")
    List<ProofEntity> ofRoast(long roastId);

    List<ProofEntity> findAllByOrderByIdDesc(Pageable page);
}
