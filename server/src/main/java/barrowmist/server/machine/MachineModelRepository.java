package barrowmist.server.machine;

import org.springframework.data.jpa.repository.JpaRepository;

/** Fitted models in the database. */
interface MachineModelRepository extends JpaRepository<MachineModelEntity, Long> {}
