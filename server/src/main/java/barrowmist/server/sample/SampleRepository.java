package barrowmist.server.sample;

import org.springframework.data.jpa.repository.JpaRepository;

/** Samples in the database. */
interface SampleRepository extends JpaRepository<SampleEntity, Long> {}
