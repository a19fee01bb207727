package barrowmist.server.roast;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import org.jspecify.annotations.Nullable;

/** A roaster as kept. */
@Entity
@Table(name = "machine")
public class MachineEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    private String name;

    @Column(name = "drum_capacity_g")
    private @Nullable Double drumCapacityG;

    protected MachineEntity() {}

    MachineEntity(String name, @Nullable Double drumCapacityG) {
        this.name = name;
        this.drumCapacityG = drumCapacityG;
    }

    public long id() {
        return id;
    }

    public String name() {
        return name;
    }

    MachineView view() {
        return new MachineView(id, name, drumCapacityG);
    }
}
