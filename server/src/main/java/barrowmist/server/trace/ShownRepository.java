package barrowmist.server.trace;

import org.springframework.data.jpa.repository.JpaRepository;

/** Answers that were read, in the database. */
interface ShownRepository extends JpaRepository<ShownEntity, Long> {}
