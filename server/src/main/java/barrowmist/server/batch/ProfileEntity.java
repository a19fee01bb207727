package barrowmist.server.batch;

import barrowmist.core.decision.batch.Profile;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** A plan that was approved for production, in one version. */
@Entity
@Table(name = "production_profile")
class ProfileEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    private String name;
    private int versionNo;
    private long planId;
    private @Nullable Long referenceId;
    private String aims;
    private @Nullable String note;
    private String approvedBy;
    private Instant approvedAt;
    private @Nullable Long replacedBy;

    @SuppressWarnings("NullAway.Init")
    protected ProfileEntity() {}

    /** By whom, when, and with what word. */
    record Approval(String by, Instant at, @Nullable String note) {}

    ProfileEntity(
            String name, int versionNo, long planId, @Nullable Long referenceId, Profile profile, Approval approval) {
        this.name = name;
        this.versionNo = versionNo;
        this.planId = planId;
        this.referenceId = referenceId;
        this.aims = ProfileAims.write(profile);
        this.note = approval.note();
        this.approvedBy = approval.by();
        this.approvedAt = approval.at();
    }

    long id() {
        return Objects.requireNonNull(id);
    }

    String name() {
        return name;
    }

    /** From 1. */
    int versionNo() {
        return versionNo;
    }

    long planId() {
        return planId;
    }

    /** The roast that it was approved by: batches are tasted beside it. */
    Optional<Long> referenceId() {
        return Optional.ofNullable(referenceId);
    }

    Profile profile() {
        return ProfileAims.read(aims);
    }

    @Nullable
    String note() {
        return note;
    }

    String approvedBy() {
        return approvedBy;
    }

    Instant approvedAt() {
        return approvedAt;
    }

    /** The version that took its place; empty while it holds. */
    Optional<Long> replacedBy() {
        return Optional.ofNullable(replacedBy);
    }

    void replaced(long by) {
        replacedBy = by;
    }
}
