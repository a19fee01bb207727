package barrowmist.server.blend;

import barrowmist.server.blend.BlendViews.BlendEntry;
import barrowmist.server.web.StoredJson;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** A blend that is kept. */
@Entity
@Table(name = "blend")
class BlendEntity {

    static final StoredJson<BlendEntry> CONTENT = StoredJson.of("blend", BlendEntry.class);

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    private String name;
    private String content;
    private String changedBy;
    private Instant changedAt;

    @Version
    private @Nullable Long version;

    // the rest comes with the first keep
    @SuppressWarnings("NullAway.Init")
    protected BlendEntity() {}

    static BlendEntity fresh() {
        return new BlendEntity();
    }

    void keep(String newName, BlendEntry entry, String by, Instant at) {
        name = newName;
        content = CONTENT.write(entry.called(newName));
        changedBy = by;
        changedAt = at;
    }

    boolean is(long other) {
        return id != null && id == other;
    }

    long id() {
        return Objects.requireNonNull(id);
    }

    String name() {
        return name;
    }

    BlendEntry entry() {
        return CONTENT.read(content);
    }

    String changedBy() {
        return changedBy;
    }

    Instant changedAt() {
        return changedAt;
    }

    /** 0 before it is kept, then counted up from 1. */
    long version() {
        return version == null ? 0 : version + 1;
    }
}

/** A table at which a trial of a blend stands. */
@Entity
@Table(name = "blend_trial")
class BlendTrialEntity {

    @Id
    private long cuppingId;

    private long blendId;

    /** The blend as it was laid: it may be changed afterwards. */
    private String content;

    @SuppressWarnings("NullAway.Init")
    protected BlendTrialEntity() {}

    BlendTrialEntity(long cuppingId, long blendId, BlendEntry laid) {
        this.cuppingId = cuppingId;
        this.blendId = blendId;
        this.content = BlendEntity.CONTENT.write(laid);
    }

    BlendEntry laid() {
        return BlendEntity.CONTENT.read(content);
    }

    long cuppingId() {
        return cuppingId;
    }

    long blendId() {
        return blendId;
    }
}
