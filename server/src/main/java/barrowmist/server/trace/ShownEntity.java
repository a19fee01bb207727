package barrowmist.server.trace;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** A cup of which somebody who may judge it has read the answer. */
@Entity
@Table(name = "trace_shown")
class ShownEntity {

    @Id
    private long roastId;

    private String shownBy;
    private Instant shownAt;

    protected ShownEntity() {}

    ShownEntity(long roastId, String shownBy, Instant shownAt) {
        this.roastId = roastId;
        this.shownBy = shownBy;
        this.shownAt = shownAt;
    }

    long roastId() {
        return roastId;
    }

    String shownBy() {
        return shownBy;
    }

    Instant shownAt() {
        return shownAt;
    }
}
