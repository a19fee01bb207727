package barrowmist.server.trace;

import barrowmist.core.cupping.CupUse;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import org.jspecify.annotations.Nullable;

/** What a cupped roast traces back to, as lists show it. Made anew from what is known, so it may be lost at any time. */
@Entity
@Table(name = "roast_trace")
class RoastTraceEntity {

    @Id
    private long roastId;

    private @Nullable String cause;
    private @Nullable String standing;
    private @Nullable Double finalScore;
    private @Nullable String chance;
    private @Nullable Double sound;
    private @Nullable String cupCause;
    private @Nullable String words;
    private int rulesVersion;
    private boolean stale;
    private boolean inPatterns = true;
    private boolean overTime = true;
    private boolean onToday = true;
    private boolean inSearch = true;

    protected RoastTraceEntity() {}

    RoastTraceEntity(long roastId) {
        this.roastId = roastId;
        this.stale = true;
    }

    void keep(TraceService.Summary s, int rules) {
        cause = s.cause();
        standing = s.standing();
        finalScore = s.finalScore();
        chance = s.chance();
        sound = s.sound();
        cupCause = s.cupCause();
        words = s.words();
        inPatterns = s.counts().contains(CupUse.PATTERNS);
        overTime = s.counts().contains(CupUse.OVER_TIME);
        onToday = s.counts().contains(CupUse.TODAY);
        inSearch = s.counts().contains(CupUse.SEARCH);
        rulesVersion = rules;
        stale = false;
    }

    long roastId() {
        return roastId;
    }
}
