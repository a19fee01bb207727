package barrowmist.server.cupping;

import jakarta.persistence.Entity;
import jakarta.persistence.EntityListeners;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** Somebody who joined a blind table from a device of their own. */
@Entity
@EntityListeners(TableStreams.Ear.class)
@Table(name = "table_seat")
class SeatEntity implements TableStreams.OfTable {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    @ManyToOne(fetch = FetchType.LAZY)
    @JoinColumn(name = "cupping_id")
    private CuppingEntity cupping;

    private String cupper;
    private @Nullable String tokenHash;
    private Instant joinedAt;

    @Version
    private long version;

    protected SeatEntity() {}

    SeatEntity(CuppingEntity cupping, String cupper, Instant joinedAt) {
        this.cupping = cupping;
        this.cupper = cupper;
        this.joinedAt = joinedAt;
    }

    /** Whether a device sits on it. */
    boolean taken() {
        return tokenHash != null;
    }

    void take(String newTokenHash) {
        tokenHash = newTokenHash;
    }

    /** Its token opens nothing from now on; the place, and so the order of the samples, stays this cupper's. */
    void free() {
        tokenHash = null;
    }

    long id() {
        return Objects.requireNonNull(id);
    }

    CuppingEntity cupping() {
        return cupping;
    }

    String cupper() {
        return cupper;
    }

    @Override
    public long tableId() {
        return cupping.id();
    }
}
