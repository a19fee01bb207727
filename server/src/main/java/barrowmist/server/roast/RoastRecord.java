package barrowmist.server.roast;

import barrowmist.core.check.Coded;
import barrowmist.core.roast.MadeFor;
import barrowmist.core.roast.RoastAim;
import barrowmist.core.roast.RoastKind;
import barrowmist.server.web.StoredJson;
import jakarta.persistence.MappedSuperclass;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What people and the desk say of a roast, beside its readings: what it is, what it was made for, and what became of it. */
@MappedSuperclass
public abstract class RoastRecord {

    static final StoredJson<RoastAim.Limits> LIMITS = StoredJson.of("roast-limits", RoastAim.Limits.class);
    static final StoredJson<DeskRecord> DESK = StoredJson.of("desk-record", DeskRecord.class);
    static final StoredJson<EventChange[]> HISTORY = StoredJson.of("event-changes", EventChange[].class);

    private boolean accepted;
    private boolean settled;
    private @Nullable String aim;

    /** What its plan asked of it, for a roast that is made for something of its own. */
    private @Nullable String ownLimits;

    // null: a batch like any other
    private @Nullable String kind;

    private @Nullable Long pulledFrom;
    private @Nullable Long planId;
    private @Nullable String roastedBy;
    private boolean production;
    private @Nullable String desk;
    private @Nullable String history;
    private @Nullable String discardedReason;
    private @Nullable Instant discardedAt;

    public boolean accepted() {
        return accepted;
    }

    void setAccepted(boolean accepted) {
        this.accepted = accepted;
    }

    /** Whether somebody has read its trace and is done with it. */
    public boolean settled() {
        return settled;
    }

    public void setSettled(boolean settled) {
        this.settled = settled;
    }

    public RoastKind kind() {
        return Coded.find(RoastKind.class, kind).orElse(RoastKind.BATCH);
    }

    void setKind(RoastKind newKind) {
        kind = newKind == RoastKind.BATCH ? null : newKind.code();
    }

    /** The batch that it was drawn from. */
    Optional<Long> pulledFrom() {
        return Optional.ofNullable(pulledFrom);
    }

    void setPulledFrom(RoastEntity batch) {
        setKind(RoastKind.PULL);
        pulledFrom = batch.id();
    }

    /** What it was made for. */
    public RoastAim aim() {
        return Optional.ofNullable(aim)
                .flatMap(c -> Coded.find(RoastAim.class, c))
                .orElse(RoastAim.PROTOCOL_SAMPLE);
    }

    /** What it was made for, with what it is judged by. */
    public MadeFor madeFor() {
        return aim() == RoastAim.OWN && ownLimits != null
                ? new MadeFor(RoastAim.OWN, LIMITS.read(ownLimits))
                : MadeFor.of(aim());
    }

    void setMadeFor(MadeFor made) {
        setAim(made.aim());
        ownLimits = made.aim() == RoastAim.OWN ? LIMITS.write(made.limits()) : null;
    }

    void setAim(RoastAim made) {
        aim = made.code();
    }

    /** The plan that it was roasted by. */
    public @Nullable Long planId() {
        return planId;
    }

    /** Says by which plan it was roasted; {@code null} for none. */
    public void followed(@Nullable Long newPlanId) {
        planId = newPlanId;
    }

    /** Who roasted it; empty where nobody said so. */
    public Optional<String> roastedBy() {
        return Optional.ofNullable(roastedBy);
    }

    /** Whether it is held to a profile of production; it does not wait for bench and table as a sample does. */
    public boolean production() {
        return production;
    }

    public void setProduction(boolean isProduction) {
        production = isProduction;
    }

    void setRoastedBy(@Nullable String person) {
        roastedBy = person;
    }

    /** What the desk kept beside the readings; empty for a log that was imported. */
    public Optional<DeskRecord> desk() {
        return Optional.ofNullable(desk).map(DESK::read);
    }

    void setDesk(@Nullable Long newPlanId, DeskRecord record) {
        planId = newPlanId;
        desk = DESK.write(record);
    }

    /** Corrections of its events, oldest first. */
    List<EventChange> history() {
        return history == null ? List.of() : List.of(HISTORY.read(history));
    }

    void remember(EventChange change) {
        List<EventChange> all = new ArrayList<>(history());
        all.add(change);
        history = HISTORY.write(
                all.subList(Math.max(0, all.size() - MOST_CHANGES), all.size()).toArray(EventChange[]::new));
    }

    private static final int MOST_CHANGES = 100;

    /** Why it was set aside; empty for a roast that counts. */
    public Optional<String> discardedReason() {
        return Optional.ofNullable(discardedReason);
    }

    void discard(String reason, Instant at) {
        discardedReason = reason;
        discardedAt = at;
    }

    void takeBack() {
        discardedReason = null;
        discardedAt = null;
    }
}
