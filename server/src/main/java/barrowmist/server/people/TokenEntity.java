package barrowmist.server.people;

import barrowmist.server.access.Member;
import barrowmist.server.access.Role;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** A script's token. */
@Entity
@Table(name = "lab_token")
class TokenEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    private String name;

    @Enumerated(EnumType.STRING)
    private Role labRole;

    private String tokenHash;

    @ManyToOne(fetch = FetchType.LAZY)
    @JoinColumn(name = "made_by")
    private PersonEntity madeBy;

    private Instant madeAt;

    protected TokenEntity() {}

    TokenEntity(String name, Role role, String tokenHash, PersonEntity madeBy, Instant madeAt) {
        this.name = name;
        this.labRole = role;
        this.tokenHash = tokenHash;
        this.madeBy = madeBy;
        this.madeAt = madeAt;
    }

    Member member() {
        return new Member(madeBy.id(), name, labRole, true);
    }

    long id() {
        return Objects.requireNonNull(id);
    }

    String name() {
        return name;
    }

    Role role() {
        return labRole;
    }

    PersonEntity madeBy() {
        return madeBy;
    }

    Instant madeAt() {
        return madeAt;
    }
}
