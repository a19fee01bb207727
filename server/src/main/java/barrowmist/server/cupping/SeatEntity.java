package barrowmist.server.cupping;

import jakarta.persistence.Entity;
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

/** Somebody who joined a blind table from a device of their own. */
@Entity
@Table(name = "table_seat")
class SeatEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    @ManyToOne(fetch = FetchType.LAZY)
    @JoinColumn(name = "cupping_id")
    private CuppingEntity cupping;

    private String cupper;
    private String tokenHash;
    private Instant joinedAt;

    protected SeatEntity() {}

    SeatEntity(CuppingEntity cupping, String cupper, String tokenHash, Instant joinedAt) {
        this.cupping = cupping;
        this.cupper = cupper;
        this.tokenHash = tokenHash;
        this.joinedAt = joinedAt;
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
}
