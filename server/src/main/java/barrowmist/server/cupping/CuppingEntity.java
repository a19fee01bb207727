package barrowmist.server.cupping;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.hibernate.annotations.BatchSize;
import org.jspecify.annotations.Nullable;

/** A cupping as kept: when, how many cups a sample, and which roasts are on the table. */
@Entity
@Table(name = "cupping")
class CuppingEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    private Instant cuppedAt;
    private int cups;

    @BatchSize(size = 200)
    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "cupping_roast", joinColumns = @JoinColumn(name = "cupping_id"))
    @OrderColumn(name = "position")
    @Column(name = "roast_id")
    private List<Long> roastIds = new ArrayList<>();

    @Version
    private long version;

    protected CuppingEntity() {}

    CuppingEntity(Instant cuppedAt, int cups, List<Long> roastIds) {
        this.cuppedAt = cuppedAt;
        this.cups = cups;
        this.roastIds.addAll(roastIds);
    }

    void add(long roastId) {
        if (!roastIds.contains(roastId)) {
            roastIds.add(roastId);
        }
    }

    long id() {
        return Objects.requireNonNull(id);
    }

    Instant cuppedAt() {
        return cuppedAt;
    }

    int cups() {
        return cups;
    }

    List<Long> roastIds() {
        return List.copyOf(roastIds);
    }
}
