package barrowmist.server.cupping;

import barrowmist.core.check.Coded;
import barrowmist.core.cupping.CuppingForm;
import barrowmist.core.cupping.TableKind;
import barrowmist.server.cupping.CuppingSampleEntity.TableSample;
import barrowmist.server.web.StoredJson;
import jakarta.persistence.CascadeType;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EntityListeners;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.OneToMany;
import jakarta.persistence.OrderBy;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.hibernate.annotations.BatchSize;
import org.jspecify.annotations.Nullable;

/** A table: samples side by side, so many cups each, and who may know what is in them. */
@Entity
@EntityListeners(TableStreams.Ear.class)
@Table(name = "cupping")
class CuppingEntity implements TableStreams.OfTable {

    static final StoredJson<Preparation> PREPARATION = StoredJson.of("preparation", Preparation.class);
    static final StoredJson<ClockContent> CLOCK = StoredJson.of("clock", ClockContent.class);

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    private Instant cuppedAt;
    private int cups;

    @Enumerated(EnumType.STRING)
    private TableKind kind;

    /** Null where whoever writes may choose. */
    private @Nullable String form;

    private @Nullable String note;

    @Enumerated(EnumType.STRING)
    private @Nullable Choice choice;

    private Blinding blinding;

    @Column(name = "protocol")
    private @Nullable String protocolJson;

    private @Nullable Instant pouredAt;

    @Column(name = "clock")
    private @Nullable String clockJson;

    @BatchSize(size = 200)
    @OneToMany(mappedBy = "cupping", cascade = CascadeType.ALL, fetch = FetchType.EAGER)
    @OrderBy("position")
    private List<CuppingSampleEntity> samples = new ArrayList<>();

    // written by its correction alone
    @Column(insertable = false, updatable = false)
    private boolean putAside;

    @Version
    private long version;

    protected CuppingEntity() {}

    CuppingEntity(
            TableKind kind,
            Optional<CuppingForm> form,
            Instant cuppedAt,
            int cups,
            Blinding blinding,
            @Nullable Preparation protocol,
            @Nullable Choice choice) {
        this.kind = kind;
        this.form = form.map(Coded::code).orElse(null);
        this.cuppedAt = cuppedAt;
        this.cups = cups;
        this.blinding = blinding;
        this.protocolJson = protocol == null ? null : PREPARATION.write(protocol.worked());
        this.choice = choice;
    }

    Choice choice() {
        return Objects.requireNonNullElse(choice, Choice.ORDER);
    }

    /** Lays a sample behind the others. */
    CuppingSampleEntity lay(String code, TableSample what) {
        CuppingSampleEntity sample = new CuppingSampleEntity(this, samples.size(), code, what);
        samples.add(sample);
        return sample;
    }

    Optional<CuppingSampleEntity> ofCode(String code) {
        return samples.stream().filter(s -> s.code().equals(code)).findFirst();
    }

    long id() {
        return Objects.requireNonNull(id);
    }

    void setCuppedAt(Instant at) {
        cuppedAt = at;
    }

    Instant cuppedAt() {
        return cuppedAt;
    }

    int cups() {
        return cups;
    }

    TableKind kind() {
        return kind;
    }

    /** On which form it is written down; empty where whoever writes may choose, or nothing is written. */
    Optional<CuppingForm> form() {
        return Optional.ofNullable(form).flatMap(f -> Coded.find(CuppingForm.class, f));
    }

    /** Whatever is to be said of the whole table. */
    @Nullable
    String note() {
        return note;
    }

    void setNote(@Nullable String text) {
        note = text;
    }

    /** Who may know what stands on it. */
    Blinding blinding() {
        return blinding;
    }

    /** Whether what is in the cups may be told, and what was found may be used. */
    boolean told() {
        return blinding.told();
    }

    @Nullable
    Preparation protocol() {
        return protocolJson == null ? null : PREPARATION.read(protocolJson);
    }

    List<CuppingSampleEntity> samples() {
        return samples;
    }

    /** What stands under its cups, in an order that says nothing; empty where they are not shuffled. */
    List<String> marks() {
        return samples.stream()
                .flatMap(s -> Stream.ofNullable(s.mark()))
                .sorted()
                .toList();
    }

    /** Roasts of ours on it, each once. */
    List<Long> roastIds() {
        return samples.stream()
                .flatMap(s -> Stream.ofNullable(s.roastId()))
                .distinct()
                .toList();
    }

    @Nullable
    Instant pouredAt() {
        return pouredAt;
    }

    /** Starts the clock; null takes the pour back. */
    void pour(@Nullable Instant at, ClockContent content) {
        pouredAt = at;
        keep(content);
    }

    void keep(ClockContent content) {
        clockJson = CLOCK.write(content);
    }

    ClockContent clock() {
        return clockJson == null ? ClockContent.none() : CLOCK.read(clockJson);
    }

    @Override
    public long tableId() {
        return id();
    }
}
