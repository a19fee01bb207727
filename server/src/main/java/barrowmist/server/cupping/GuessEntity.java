package barrowmist.server.cupping;

import barrowmist.core.green.Process;
import jakarta.persistence.Entity;
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
import org.jspecify.annotations.Nullable;

/** What somebody guessed of a roast-off's coffee from the green alone. */
@Entity
@Table(name = "green_guess")
class GuessEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    @ManyToOne(fetch = FetchType.LAZY)
    @JoinColumn(name = "cupping_id")
    private CuppingEntity cupping;

    private String cupper;
    private @Nullable String origin;

    @Enumerated(EnumType.STRING)
    private @Nullable Process process;

    private Instant guessedAt;

    @Version
    private long version;

    protected GuessEntity() {}

    GuessEntity(CuppingEntity cupping, String cupper, Instant at) {
        this.cupping = cupping;
        this.cupper = cupper;
        this.guessedAt = at;
    }

    void guess(@Nullable String newOrigin, @Nullable Process newProcess, Instant at) {
        origin = newOrigin;
        process = newProcess;
        guessedAt = at;
    }

    String cupper() {
        return cupper;
    }

    @Nullable
    String origin() {
        return origin;
    }

    @Nullable
    Process process() {
        return process;
    }
}
