package barrowmist.server.day;

import java.time.LocalDate;
import org.springframework.data.jpa.repository.JpaRepository;

/** Days in the database. */
interface DayRepository extends JpaRepository<DayEntity, LocalDate> {}
