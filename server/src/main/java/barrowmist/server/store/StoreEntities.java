package barrowmist.server.store;

import barrowmist.server.store.StoreViews.CheckEntry;
import barrowmist.server.store.StoreViews.StoreEntry;
import barrowmist.server.web.StoredJson;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** What else is known of a lot in the store. */
@Entity
@Table(name = "lot_store")
class LotStoreEntity {

    static final StoredJson<StoreEntry> CONTENT = StoredJson.of("lot-store", StoreEntry.class);

    @Id
    private long lotId;

    private String content;

    @Version
    private @Nullable Long version;

    @SuppressWarnings("NullAway.Init")
    protected LotStoreEntity() {}

    @SuppressWarnings("NullAway.Init")
    LotStoreEntity(long lotId) {
        this.lotId = lotId;
    }

    void keep(StoreEntry entry) {
        content = CONTENT.write(entry);
    }

    StoreEntry entry() {
        return CONTENT.read(content);
    }

    /** 0 before it is kept, then counted up from 1. */
    long version() {
        return version == null ? 0 : version + 1;
    }
}

/** A lot measured again. */
@Entity
@Table(name = "lot_check")
class LotCheckEntity {

    static final StoredJson<CheckEntry> CONTENT = StoredJson.of("lot-check", CheckEntry.class);

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    private long lotId;
    private LocalDate measuredOn;
    private String content;
    private String measuredBy;

    @SuppressWarnings("NullAway.Init")
    protected LotCheckEntity() {}

    LotCheckEntity(long lotId, LocalDate measuredOn, CheckEntry check, String measuredBy) {
        this.lotId = lotId;
        this.measuredOn = measuredOn;
        this.content = CONTENT.write(check);
        this.measuredBy = measuredBy;
    }

    long id() {
        return Objects.requireNonNull(id);
    }

    long lotId() {
        return lotId;
    }

    LocalDate measuredOn() {
        return measuredOn;
    }

    CheckEntry check() {
        return CONTENT.read(content);
    }

    String measuredBy() {
        return measuredBy;
    }
}

/** Bags that a sample was drawn from. */
@Entity
@Table(name = "lot_draw")
class LotDrawEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    private long lotId;
    private LocalDate drawnOn;

    @Column(name = "of_bags")
    private int ofBags;

    private String drawn;
    private String drawnBy;

    @SuppressWarnings("NullAway.Init")
    protected LotDrawEntity() {}

    LotDrawEntity(long lotId, LocalDate drawnOn, int ofBags, List<Integer> bags, String drawnBy) {
        this.lotId = lotId;
        this.drawnOn = drawnOn;
        this.ofBags = ofBags;
        this.drawn = bags.stream().map(String::valueOf).collect(Collectors.joining(","));
        this.drawnBy = drawnBy;
    }

    LocalDate drawnOn() {
        return drawnOn;
    }

    int ofBags() {
        return ofBags;
    }

    List<Integer> bags() {
        return Arrays.stream(drawn.split(",")).map(Integer::valueOf).toList();
    }

    String drawnBy() {
        return drawnBy;
    }
}
