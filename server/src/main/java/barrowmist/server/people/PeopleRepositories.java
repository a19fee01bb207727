package barrowmist.server.people;

import barrowmist.server.access.Role;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface PersonRepository extends JpaRepository<PersonEntity, Long> {

    Optional<PersonEntity> findBySignInName(String signInName);

    List<PersonEntity> findAllByOrderBySignInName();

    long countByLabRole(Role role);
}

interface TokenRepository extends JpaRepository<TokenEntity, Long> {

    Optional<TokenEntity> findByTokenHash(String hash);

    List<TokenEntity> findAllByOrderById();
}
