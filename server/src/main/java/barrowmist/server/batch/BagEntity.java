package barrowmist.server.batch;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import org.jspecify.annotations.Nullable;

/** What of a batch went into one bucket or bag. */
@Entity
@Table(name = "batch_bag")
class BagEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    private long roastId;
    private String bag;
    private @Nullable Double kg;

    @SuppressWarnings("NullAway.Init")
    protected BagEntity() {}

    BagEntity(long roastId, String bag, @Nullable Double kg) {
        this.roastId = roastId;
        this.bag = bag;
        this.kg = kg;
    }

    long roastId() {
        return roastId;
    }

    String bag() {
        return bag;
    }

    @Nullable
    Double kg() {
        return kg;
    }
}
