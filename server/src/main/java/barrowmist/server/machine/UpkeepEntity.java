package barrowmist.server.machine;

import barrowmist.core.machine.Upkeep;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** Something that was done to a roaster. */
@Entity
@Table(name = "machine_upkeep")
class UpkeepEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    private long machineId;
    private LocalDate doneOn;

    @Enumerated(EnumType.STRING)
    private Upkeep what;

    private @Nullable String note;
    private String enteredBy;
    private Instant enteredAt;

    @SuppressWarnings("NullAway.Init")
    protected UpkeepEntity() {}

    UpkeepEntity(long machineId, LocalDate doneOn, Upkeep what, @Nullable String note, String by, Instant at) {
        this.machineId = machineId;
        this.doneOn = doneOn;
        this.what = what;
        this.note = note;
        this.enteredBy = by;
        this.enteredAt = at;
    }

    long id() {
        return Objects.requireNonNull(id);
    }

    long machineId() {
        return machineId;
    }

    LocalDate doneOn() {
        return doneOn;
    }

    Upkeep what() {
        return what;
    }

    @Nullable
    String note() {
        return note;
    }

    String enteredBy() {
        return enteredBy;
    }
}
