package barrowmist.server.decision;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** What somebody decided on a lot at some time. Never changed: a later one stands before it. */
@Entity
@Table(name = "lot_decision")
class DecisionEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    private long lotId;
    private String outcome;
    private @Nullable String usage;
    private String reason;
    private @Nullable LocalDate dueOn;
    private String proposed;
    private String decidedBy;
    private Instant decidedAt;

    protected DecisionEntity() {}

    /** @param proposed what the program proposed when it was decided */
    DecisionEntity(
            long lotId,
            String outcome,
            @Nullable String usage,
            String reason,
            @Nullable LocalDate dueOn,
            String proposed,
            String decidedBy,
            Instant decidedAt) {
        this.lotId = lotId;
        this.outcome = outcome;
        this.usage = usage;
        this.reason = reason;
        this.dueOn = dueOn;
        this.proposed = proposed;
        this.decidedBy = decidedBy;
        this.decidedAt = decidedAt;
    }

    long lotId() {
        return lotId;
    }

    String outcome() {
        return outcome;
    }

    @Nullable
    String usage() {
        return usage;
    }

    String reason() {
        return reason;
    }

    @Nullable
    LocalDate dueOn() {
        return dueOn;
    }

    String proposed() {
        return proposed;
    }

    String decidedBy() {
        return decidedBy;
    }

    Instant decidedAt() {
        return decidedAt;
    }
}
