package barrowmist.server.people;

import barrowmist.core.check.Names;
import barrowmist.server.access.Member;
import barrowmist.server.access.Role;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** An account. */
@Entity
@Table(name = "person")
class PersonEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    private String name;
    private String signInName;

    @Enumerated(EnumType.STRING)
    private Role labRole;

    private String passwordHash;

    @Version
    private long version;

    protected PersonEntity() {}

    PersonEntity(String name, Role role, String passwordHash) {
        this.name = name;
        this.signInName = signInName(name);
        this.labRole = role;
        this.passwordHash = passwordHash;
    }

    /** As names are compared. */
    static String signInName(String name) {
        return Names.comparable(name);
    }

    Member member() {
        return new Member(id(), name, labRole, false);
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

    void setRole(Role role) {
        labRole = role;
    }

    String passwordHash() {
        return passwordHash;
    }

    void setPasswordHash(String hash) {
        passwordHash = hash;
    }

    long version() {
        return version;
    }
}
