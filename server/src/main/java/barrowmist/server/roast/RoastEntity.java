package barrowmist.server.roast;

import barrowmist.core.roast.MadeFor;
import barrowmist.core.roast.RoastAim;
import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.roast.RoastAnalyzer;
import barrowmist.core.roast.RoastEvents;
import barrowmist.core.roast.RoastFigures;
import barrowmist.core.roast.RoastKind;
import barrowmist.core.roast.RoastLog;
import barrowmist.server.green.GreenSampleEntity;
import barrowmist.server.green.LotEntity;
import barrowmist.server.machine.MachineEntity;
import barrowmist.server.web.Json;
import jakarta.persistence.CollectionTable;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.Lob;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Transient;
import jakarta.persistence.Version;
import java.sql.Blob;
import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.hibernate.annotations.BatchSize;
import org.hibernate.engine.jdbc.proxy.BlobProxy;
import org.jspecify.annotations.Nullable;

/** A roast as kept: its readings, its events, and the figures made from both. */
@Entity
@Table(name = "roast")
public class RoastEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    @ManyToOne(fetch = FetchType.LAZY)
    @JoinColumn(name = "lot_id")
    private LotEntity lot;

    @ManyToOne(fetch = FetchType.LAZY)
    @JoinColumn(name = "green_sample_id")
    private GreenSampleEntity greenSample;

    @ManyToOne(fetch = FetchType.LAZY)
    @JoinColumn(name = "machine_id")
    private MachineEntity machine;

    private int numberInLot;
    private Instant roastedAt;
    private boolean accepted;
    private boolean settled;

    // read from the table only when a curve is asked for: lists of thousands need none
    @Lob
    private Blob readings;

    @Transient
    private @Nullable RoastLog log;

    private String contentHash;

    // set on the first roast of a log in a lot and roaster: the table lets no second one in
    private @Nullable String importKey;

    private int rulesVersion;

    @Embedded
    private @Nullable StoredFigures figures = new StoredFigures();

    private String faults = "";
    private int missingMarks;
    private boolean gasLogged;

    private @Nullable String aim;

    /** What its plan asked of it, for a roast that is made for something of its own. */
    private @Nullable String ownLimits;

    // null: a batch like any other
    private @Nullable String kind;

    private @Nullable Long pulledFrom;
    private @Nullable Long planId;
    private @Nullable String desk;
    private @Nullable String history;
    private @Nullable String discardedReason;
    private @Nullable Instant discardedAt;

    // lists read the events of many roasts at once
    @BatchSize(size = 100)
    @ElementCollection
    @CollectionTable(name = "roast_event", joinColumns = @JoinColumn(name = "roast_id"))
    @OrderColumn(name = "position")
    private List<StoredEvent> events = new ArrayList<>();

    @Version
    private long version;

    protected RoastEntity() {}

    RoastEntity(
            GreenSampleEntity greenSample,
            MachineEntity machine,
            int numberInLot,
            Instant roastedAt,
            RoastLog log,
            String hash,
            boolean again) {
        this.greenSample = greenSample;
        this.lot = greenSample.lot();
        this.machine = machine;
        this.numberInLot = numberInLot;
        this.roastedAt = roastedAt;
        this.readings = BlobProxy.generateProxy(ReadingsCodec.encode(log));
        this.log = log;
        this.contentHash = hash;
        this.importKey = again ? null : hash;
    }

    /** Takes over events; the figures must be made anew after it. */
    void setEvents(RoastEvents newEvents) {
        events.clear();
        newEvents.list().forEach(e -> events.add(new StoredEvent(e)));
    }

    /** Takes over the figures of an analysis of this roast. */
    void keep(RoastAnalysis analysis) {
        figures = new StoredFigures(analysis.figures());
        faults = analysis.faults().stream().map(f -> f.kind().code()).distinct().collect(Collectors.joining(","));
        // what had not come when it was drawn is not missing
        missingMarks = kind() == RoastKind.PULL ? 0 : analysis.missing().size();
        gasLogged = !analysis.log().gasPct().isEmpty();
        rulesVersion = RoastAnalyzer.RULES_VERSION;
    }

    /** The readings; within a transaction, or where they were asked for before. */
    public RoastLog log() {
        if (log == null) {
            try {
                log = ReadingsCodec.decode(readings.getBytes(1, (int) readings.length()));
            } catch (SQLException e) {
                throw new IllegalStateException("The readings of roast " + id + " cannot be read", e);
            }
        }
        return log;
    }

    public RoastEvents events() {
        return new RoastEvents(events.stream().map(StoredEvent::event).toList());
    }

    public RoastFigures figures() {
        // read back as null when every one of its columns is
        return figures == null ? RoastFigures.NONE : figures.figures();
    }

    List<String> faults() {
        return faults.isEmpty() ? List.of() : Arrays.asList(faults.split(","));
    }

    public long id() {
        return Objects.requireNonNull(id);
    }

    public LotEntity lot() {
        return lot;
    }

    /** The sample that was roasted. */
    public GreenSampleEntity greenSample() {
        return greenSample;
    }

    public MachineEntity machine() {
        return machine;
    }

    /** What a person calls it, such as "Mwendo Slope, roast 3". */
    public String title() {
        String name = lot.name() + ", roast " + numberInLot;
        return switch (kind()) {
            case BATCH -> name;
            case PULL -> name + ", a pull";
            case WARM_UP -> name + ", warm-up";
        };
    }

    public int numberInLot() {
        return numberInLot;
    }

    public Instant roastedAt() {
        return roastedAt;
    }

    /** When it was dropped: from here on it rests. Without a drop, when it was charged. */
    public Instant droppedAt() {
        return roastedAt.plusMillis(Math.round(1000 * figures().totalS().orElse(0)));
    }

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
        return RoastKind.parse(kind).orElse(RoastKind.BATCH);
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
        return Optional.ofNullable(aim).flatMap(RoastAim::parse).orElse(RoastAim.PROTOCOL_SAMPLE);
    }

    /** What it was made for, with what it is judged by. */
    public MadeFor madeFor() {
        return aim() == RoastAim.OWN && ownLimits != null
                ? new MadeFor(RoastAim.OWN, Json.read(ownLimits, RoastAim.Limits.class))
                : MadeFor.of(aim());
    }

    void setMadeFor(MadeFor made) {
        setAim(made.aim());
        ownLimits = made.aim() == RoastAim.OWN ? Json.write(made.limits()) : null;
    }

    void setAim(RoastAim made) {
        aim = made.code();
    }

    /** The plan that it was roasted by. */
    public @Nullable Long planId() {
        return planId;
    }

    /** What the desk kept beside the readings; empty for a log that was imported. */
    public Optional<DeskRecord> desk() {
        return Optional.ofNullable(desk).map(d -> Json.read(d, DeskRecord.class));
    }

    void setDesk(@Nullable Long newPlanId, DeskRecord record) {
        planId = newPlanId;
        desk = Json.write(record);
    }

    /** Corrections of its events, oldest first. */
    List<EventChange> history() {
        return history == null ? List.of() : List.of(Json.read(history, EventChange[].class));
    }

    void remember(EventChange change) {
        List<EventChange> all = new ArrayList<>(history());
        all.add(change);
        history = Json.write(all.subList(Math.max(0, all.size() - MOST_CHANGES), all.size()));
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

    /** How many marks and figures are missing, such as first crack. */
    public int missingMarks() {
        return missingMarks;
    }
}
