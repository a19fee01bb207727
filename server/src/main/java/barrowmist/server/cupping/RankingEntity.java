package barrowmist.server.cupping;

import barrowmist.core.check.Coded;
import jakarta.persistence.Entity;
import jakarta.persistence.EntityListeners;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** One person's order of the samples of a roast-off. */
@Entity
@EntityListeners(TableStreams.Ear.class)
@Table(name = "ranking")
public class RankingEntity implements TableStreams.OfTable {

    private static final String BETWEEN = " ";

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    @ManyToOne(fetch = FetchType.LAZY)
    @JoinColumn(name = "cupping_id")
    private CuppingEntity cupping;

    private String cupper;
    private String codes;
    private Instant rankedAt;

    @Enumerated(EnumType.STRING)
    private @Nullable Party party;

    /** With whom somebody came. */
    public enum Party implements Coded {
        HOUSE("of this house"),
        GUEST("a guest"),
        TRADE("of the trade");

        private final String label;

        Party(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }

    @Version
    private long version;

    protected RankingEntity() {}

    /** @param order codes, best first */
    RankingEntity(CuppingEntity cupping, String cupper, List<String> order, Instant at) {
        this.cupping = cupping;
        this.cupper = cupper;
        rank(order, null, at);
    }

    final void rank(List<String> order, @Nullable Party cameWith, Instant at) {
        codes = String.join(BETWEEN, order);
        party = cameWith;
        rankedAt = at;
    }

    @Nullable
    Party party() {
        return party;
    }

    /** Whether what this person likes best is their own entry. */
    boolean forTheirOwn() {
        return cupping.ofCode(order().get(0))
                .map(CuppingSampleEntity::entrant)
                .filter(e -> e.strip().equalsIgnoreCase(cupper.strip()))
                .isPresent();
    }

    CuppingEntity cupping() {
        return cupping;
    }

    String cupper() {
        return cupper;
    }

    /** Codes, best first. */
    List<String> order() {
        return List.of(codes.split(BETWEEN));
    }

    @Override
    public long tableId() {
        return cupping.id();
    }
}
