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

/** A photograph of a roasted sample, or of a green one. */
@Entity
@Table(name = "photo")
class PhotoEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    private @Nullable Long roastId;
    private @Nullable Long greenSampleId;
    private Instant takenAt;
    private String contentType;

    @Lob
    private byte[] content;

    protected PhotoEntity() {}

    /** Of one of the two. */
    PhotoEntity(
            @Nullable Long roastId, @Nullable Long greenSampleId, Instant takenAt, String contentType, byte[] content) {
        this.roastId = roastId;
        this.greenSampleId = greenSampleId;
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
