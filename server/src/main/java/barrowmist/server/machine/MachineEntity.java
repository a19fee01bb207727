package barrowmist.server.machine;

import barrowmist.core.machine.DrumSize;
import barrowmist.server.web.Optionals;
import barrowmist.server.web.StoredJson;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** A roaster as kept. */
@Entity
@Table(name = "machine")
public class MachineEntity {

    static final StoredJson<MachineSettings> SETTINGS = StoredJson.of("machine", MachineSettings.class);

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    private String name;

    @Column(name = "drum_capacity_g")
    private @Nullable Double drumCapacityG;

    @Column(name = "settings")
    private @Nullable String settingsJson;

    // written by its correction alone
    @Column(insertable = false, updatable = false)
    private boolean putAside;

    @Version
    private long version;

    protected MachineEntity() {}

    MachineEntity(String name, @Nullable Double drumCapacityG) {
        this.name = name;
        this.drumCapacityG = drumCapacityG;
    }

    public long id() {
        return Objects.requireNonNull(id);
    }

    public String name() {
        return name;
    }

    public @Nullable Double drumCapacityG() {
        return drumCapacityG;
    }

    /** What its drum holds. */
    public DrumSize drum() {
        return new DrumSize(Optionals.of(drumCapacityG), settings().batchMaxG());
    }

    /** As set, or what a drum of this size begins with. */
    public MachineSettings settings() {
        return settingsJson == null ? MachineSettings.usual(drumCapacityG) : SETTINGS.read(settingsJson);
    }

    /** Takes over checked values. */
    void change(String newName, @Nullable Double newCapacityG, MachineSettings settings) {
        name = newName;
        drumCapacityG = newCapacityG;
        settingsJson = SETTINGS.write(settings);
    }

    long version() {
        return version;
    }

    MachineView view() {
        return new MachineView(id(), name, drumCapacityG, settings(), version);
    }
}
