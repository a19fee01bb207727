package barrowmist.server.settings;

import org.springframework.data.jpa.repository.JpaRepository;

/** Settings in the database. */
interface SettingRepository extends JpaRepository<SettingEntity, String> {}
