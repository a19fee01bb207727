package barrowmist.server.batch;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** Whether a batch was let go or held back. */
@Entity
@Table(name = "batch_release")
class ReleaseEntity {

    @Id
    private long roastId;

    private boolean released;
    private @Nullable String reason;
    private String decidedBy;
    private Instant decidedAt;

    @Version
    private @Nullable Long version;

    @SuppressWarnings("NullAway.Init")
    protected ReleaseEntity() {}

    @SuppressWarnings("NullAway.Init")
    ReleaseEntity(long roastId) {
        this.roastId = roastId;
    }

    void keep(boolean isReleased, @Nullable String why, String by, Instant at) {
        released = isReleased;
        reason = why;
        decidedBy = by;
        decidedAt = at;
    }

    long roastId() {
        return roastId;
    }

    boolean released() {
        return released;
    }

    @Nullable
    String reason() {
        return reason;
    }

    String decidedBy() {
        return decidedBy;
    }

    Instant decidedAt() {
        return decidedAt;
    }

    /** 0 before it is kept, then counted up from 1. */
    long version() {
        return version == null ? 0 : version + 1;
    }
}
