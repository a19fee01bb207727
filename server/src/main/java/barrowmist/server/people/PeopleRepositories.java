package barrowmist.server.people;

import barrowmist.server.access.Role;
import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;

interface PersonRepository extends JpaRepository<PersonEntity, Long> {

    Optional<PersonEntity> findBySignInName(String signInName);

    List<PersonEntity> findAllByOrderBySignInName();

    /** Held until the end of the transaction: two leads who remove each other at once come one after the other. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    List<PersonEntity> findAllByLabRoleOrderById(Role role);
}

interface TokenRepository extends JpaRepository<TokenEntity, Long> {

    Optional<TokenEntity> findByTokenHash(String hash);

    List<TokenEntity> findAllByOrderById();
}
