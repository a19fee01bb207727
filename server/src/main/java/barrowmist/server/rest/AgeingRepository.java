package barrowmist.server.rest;

import org.springframework.data.jpa.repository.JpaRepository;

/** Ageing studies in the database. */
interface AgeingRepository extends JpaRepository<AgeingEntity, Long> {}
