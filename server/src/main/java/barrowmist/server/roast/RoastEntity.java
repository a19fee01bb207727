package barrowmist.server.roast;

import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.roast.RoastAnalyzer;
import barrowmist.core.roast.RoastEvents;
import barrowmist.core.roast.RoastFigures;
import barrowmist.core.roast.RoastKind;
import barrowmist.core.roast.RoastLog;
import barrowmist.server.green.GreenSampleEntity;
import barrowmist.server.green.LotEntity;
import barrowmist.server.machine.MachineEntity;
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
public class RoastEntity extends RoastRecord {

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

    void setRoastedAt(Instant at) {
        roastedAt = at;
    }

    /** The log's own mark, where it was the first of its kind in this lot. */
    Optional<String> importedAs() {
        return Optional.ofNullable(importKey);
    }

    String contentHash() {
        return contentHash;
    }

    void moveTo(GreenSampleEntity sample, int number) {
        greenSample = sample;
        lot = sample.lot();
        numberInLot = number;
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
            case PRACTICE -> name + ", practice";
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

    public int missingMarks() {
        return missingMarks;
    }
}
