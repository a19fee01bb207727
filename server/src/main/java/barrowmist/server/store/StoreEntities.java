package barrowmist.server.store;

import barrowmist.server.store.StoreViews.CheckEntry;
import barrowmist.server.store.StoreViews.ContractTerms;
import barrowmist.server.store.StoreViews.StoreEntry;
import barrowmist.server.web.Json;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** What was agreed with a supplier, or for one lot. */
@Entity
@Table(name = "contract")
class ContractEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    private @Nullable Long lotId;
    private @Nullable String supplier;
    private String content;
    private String changedBy;
    private Instant changedAt;

    @Version
    private @Nullable Long version;

    @SuppressWarnings("NullAway.Init")
    protected ContractEntity() {}

    @SuppressWarnings("NullAway.Init")
    ContractEntity(@Nullable Long lotId, @Nullable String supplier) {
        this.lotId = lotId;
        this.supplier = supplier;
    }

    void keep(ContractTerms terms, String by, Instant at) {
        content = Json.write(terms);
        changedBy = by;
        changedAt = at;
    }

    ContractTerms terms() {
        return Json.read(content, ContractTerms.class);
    }

    /** 0 before it is kept, then counted up from 1. */
    long version() {
        return version == null ? 0 : version + 1;
    }

    @Nullable
    Long lotId() {
        return lotId;
    }

    @Nullable
    String supplier() {
        return supplier;
    }
}

/** What else is known of a lot in the store. */
@Entity
@Table(name = "lot_store")
class LotStoreEntity {

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
        content = Json.write(entry);
    }

    StoreEntry entry() {
        return Json.read(content, StoreEntry.class);
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
        this.content = Json.write(check);
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
        return Json.read(content, CheckEntry.class);
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
