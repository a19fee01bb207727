package barrowmist.server.trace;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** One rule that was set to another value. Never changed: a later one holds before it. */
@Entity
@Table(name = "trace_rule")
class RuleChangeEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    private int rulesVersion;
    private String name;
    private double ruleValue;
    private String reason;
    private String changedBy;
    private Instant changedAt;

    protected RuleChangeEntity() {}

    RuleChangeEntity(int version, String name, double value, String reason, String changedBy, Instant changedAt) {
        this.rulesVersion = version;
        this.name = name;
        this.ruleValue = value;
        this.reason = reason;
        this.changedBy = changedBy;
        this.changedAt = changedAt;
    }

    int version() {
        return rulesVersion;
    }

    String name() {
        return name;
    }

    double value() {
        return ruleValue;
    }

    String reason() {
        return reason;
    }

    String changedBy() {
        return changedBy;
    }

    Instant changedAt() {
        return changedAt;
    }
}
