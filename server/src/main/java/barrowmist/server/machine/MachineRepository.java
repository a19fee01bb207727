package barrowmist.server.machine;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

/** Roasters in the database. */
interface MachineRepository extends JpaRepository<MachineEntity, Long> {

    Optional<MachineEntity> findFirstByPutAsideFalseOrderById();

    Optional<MachineEntity> findFirstByNameIgnoreCase(String name);

    List<MachineEntity> findAllByNameContainingIgnoreCase(String word);

    boolean existsByNameIgnoreCase(String name);

    List<MachineEntity> findAllByPutAsideFalseOrderByName();
}
