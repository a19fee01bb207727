package barrowmist.server.machine;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

/** What was done to roasters, in the database. */
interface UpkeepRepository extends JpaRepository<UpkeepEntity, Long> {

    List<UpkeepEntity> findAllByMachineIdOrderByDoneOnDescIdDesc(long machineId);
}
