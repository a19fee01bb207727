package barrowmist.server.sample;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** A photograph of a roasted sample. */
@Entity
@Table(name = "roast_photo")
class PhotoEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    private long roastId;
    private Instant takenAt;
    private String contentType;

    @Lob
    private byte[] content;

    protected PhotoEntity() {}

    PhotoEntity(long roastId, Instant takenAt, String contentType, byte[] content) {
        this.roastId = roastId;
        this.takenAt = takenAt;
        this.contentType = contentType;
        this.content = content;
    }

    long id() {
        return Objects.requireNonNull(id);
    }

    String contentType() {
        return contentType;
    }

    byte[] content() {
        return content;
    }
}
