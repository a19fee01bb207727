package barrowmist.server.batch;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A blind table at which batches were tasted beside the approved roast. */
@Entity
@Table(name = "batch_taste")
class TasteEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    private long profileId;
    private long cuppingId;
    private String laidBy;
    private Instant laidAt;

    @SuppressWarnings("NullAway.Init")
    protected TasteEntity() {}

    TasteEntity(long profileId, long cuppingId, String laidBy, Instant laidAt) {
        this.profileId = profileId;
        this.cuppingId = cuppingId;
        this.laidBy = laidBy;
        this.laidAt = laidAt;
    }

    long cuppingId() {
        return cuppingId;
    }

    String laidBy() {
        return laidBy;
    }

    Instant laidAt() {
        return laidAt;
    }
}
