package barrowmist.server.cupping;

import barrowmist.core.cupping.Blindness;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** Who may know what stands on a table, and since when. */
@Embeddable
class Blinding {

    @Enumerated(EnumType.STRING)
    private Blindness blind;

    private @Nullable String joinCode;
    private @Nullable Instant keySeenAt;
    private @Nullable Instant matchedAt;
    private @Nullable Instant revealedAt;
    private @Nullable String revealReason;
    private @Nullable Instant countedAt;
    private @Nullable Instant sealedAt;
    private @Nullable Instant sealBrokenAt;
    private @Nullable String sealBrokenBy;
    private @Nullable String sealReason;

    protected Blinding() {}

    /** @param joinCode by which cuppers join; null for an open table */
    Blinding(Blindness blind, @Nullable String joinCode) {
        this.blind = blind;
        this.joinCode = joinCode;
    }

    Blindness blind() {
        return blind;
    }

    @Nullable
    String joinCode() {
        return joinCode;
    }

    /** Whether what is in the cups may be told, and what was found may be used. */
    boolean told() {
        return blind == Blindness.OPEN || revealedAt != null;
    }

    /** Cups shuffled by hand that nobody has turned over yet: not even this server knows. */
    boolean unmatched() {
        return blind == Blindness.UNDERSIDE && matchedAt == null;
    }

    /** Whether somebody may know by now, so that nothing more is given blind. */
    boolean over() {
        return revealedAt != null || matchedAt != null;
    }

    void matched(Instant now) {
        matchedAt = now;
    }

    void reveal(Instant now, @Nullable String reason) {
        revealedAt = now;
        revealReason = reason;
    }

    /** Notes that somebody looked at the key before the reveal. */
    void keySeen(Instant now) {
        if (!told() && keySeenAt == null) {
            keySeenAt = now;
        }
    }

    /** Puts the key away from whoever cups and may see it. */
    void seal(Instant now) {
        sealedAt = now;
        sealBrokenAt = null;
        sealBrokenBy = null;
        sealReason = null;
    }

    void breakSeal(Instant now, @Nullable String by, String reason) {
        sealBrokenAt = now;
        sealBrokenBy = by;
        sealReason = reason;
    }

    /** Whether the key is put away. */
    boolean sealed() {
        return sealedAt != null && sealBrokenAt == null && !told();
    }

    /** The answers were counted before the reveal: they are fixed. */
    void count(Instant now) {
        if (countedAt == null) {
            countedAt = now;
        }
    }

    @Nullable
    Instant countedAt() {
        return countedAt;
    }

    @Nullable
    Instant sealedAt() {
        return sealedAt;
    }

    @Nullable
    Instant sealBrokenAt() {
        return sealBrokenAt;
    }

    @Nullable
    String sealBrokenBy() {
        return sealBrokenBy;
    }

    @Nullable
    String sealReason() {
        return sealReason;
    }

    @Nullable
    Instant keySeenAt() {
        return keySeenAt;
    }

    @Nullable
    Instant revealedAt() {
        return revealedAt;
    }

    @Nullable
    String revealReason() {
        return revealReason;
    }
}
