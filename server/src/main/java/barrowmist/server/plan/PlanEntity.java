package barrowmist.server.plan;

import barrowmist.server.green.GreenSampleEntity;
import barrowmist.server.machine.MachineEntity;
import barrowmist.server.web.StoredJson;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** A plan for one roast of a green sample on one roaster, as kept. */
@Entity
@Table(name = "roast_plan")
public class PlanEntity {

    static final StoredJson<PlanContent> CONTENT = StoredJson.of("plan", PlanContent.class);

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    @ManyToOne(fetch = FetchType.LAZY)
    @JoinColumn(name = "green_sample_id")
    private GreenSampleEntity greenSample;

    @ManyToOne(fetch = FetchType.LAZY)
    @JoinColumn(name = "machine_id")
    private MachineEntity machine;

    @Column(name = "content")
    private String contentJson;

    private Instant changedAt;

    // written by its correction alone
    @Column(insertable = false, updatable = false)
    private boolean putAside;

    @Version
    private long version;

    protected PlanEntity() {}

    // the rest comes with the first keep
    @SuppressWarnings("NullAway.Init")
    PlanEntity(GreenSampleEntity greenSample, MachineEntity machine) {
        this.greenSample = greenSample;
        this.machine = machine;
    }

    /** Takes over checked content. */
    void keep(PlanContent content, Instant now) {
        contentJson = CONTENT.write(content);
        changedAt = now;
    }

    public PlanContent content() {
        return CONTENT.read(contentJson);
    }

    public long id() {
        return Objects.requireNonNull(id);
    }

    public GreenSampleEntity greenSample() {
        return greenSample;
    }

    public MachineEntity machine() {
        return machine;
    }

    public Instant changedAt() {
        return changedAt;
    }

    public long version() {
        return version;
    }
}
