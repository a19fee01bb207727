package barrowmist.server.trace;

import barrowmist.core.trace.Traced;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** What the lead held of a cup at some time. Never changed: a new one stands before it. */
@Entity
@Table(name = "trace_verdict")
class VerdictEntity {

    /** The cause of a cup that has none. */
    static final String NONE = "none";

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    private long roastId;
    private String cause;
    private String reason;
    private String givenBy;
    private Instant givenAt;
    private @Nullable String said;
    private @Nullable Double saidOdds;
    private boolean judgedFirst;

    protected VerdictEntity() {}

    /**
     * @param said what the program named first when it was given
     * @param judgedFirst whether that had not been read yet
     */
    VerdictEntity(
            long roastId,
            String cause,
            String reason,
            String givenBy,
            Instant givenAt,
            Traced.Answer said,
            boolean judgedFirst) {
        this.judgedFirst = judgedFirst;
        this.said = said.code();
        this.saidOdds = said.odds();
        this.roastId = roastId;
        this.cause = cause;
        this.reason = reason;
        this.givenBy = givenBy;
        this.givenAt = givenAt;
    }

    long roastId() {
        return roastId;
    }

    @Nullable
    String said() {
        return said;
    }

    @Nullable
    Double saidOdds() {
        return saidOdds;
    }

    boolean judgedFirst() {
        return judgedFirst;
    }

    String cause() {
        return cause;
    }

    String reason() {
        return reason;
    }

    String givenBy() {
        return givenBy;
    }

    Instant givenAt() {
        return givenAt;
    }
}
