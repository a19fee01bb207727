package barrowmist.server.store;

import barrowmist.core.decision.Contract;
import barrowmist.server.web.StoredJson;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.node.ObjectNode;

/** What was agreed with a supplier, or for one lot. */
@Entity
@Table(name = "contract")
class ContractEntity {

    /** Once the version that was changed from was stored beside it. */
    static final StoredJson<Contract> CONTENT =
            StoredJson.of("contract", Contract.class).then(v1 -> ((ObjectNode) v1).without("version"));

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

    void keep(Contract terms, String by, Instant at) {
        content = CONTENT.write(terms);
        changedBy = by;
        changedAt = at;
    }

    Contract terms() {
        return CONTENT.read(content);
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
