package barrowmist.server.machine;

import barrowmist.core.machine.FittedModel;
import barrowmist.server.web.StoredJson;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** A roaster's model as fitted. Made anew by a fit, so it may be thrown away at any time. */
@Entity
@Table(name = "machine_model")
class MachineModelEntity {

    /** Once figures went by the names of their constants, which are read still; now by their codes. */
    static final StoredJson<FittedModel> MODEL =
            StoredJson.of("machine-model", FittedModel.class).then(v1 -> v1);

    /** Version of the model's equations; one fitted by others is not used. */
    static final int RULES_VERSION = 5;

    @Id
    private long machineId;

    private String content;
    private Instant fittedAt;
    private int rulesVersion;

    protected MachineModelEntity() {}

    // the rest comes with the first keep
    @SuppressWarnings("NullAway.Init")
    MachineModelEntity(long machineId) {
        this.machineId = machineId;
    }

    void keep(FittedModel model, Instant now) {
        content = MODEL.write(model);
        fittedAt = now;
        rulesVersion = RULES_VERSION;
    }

    FittedModel model() {
        return MODEL.read(content);
    }

    Instant fittedAt() {
        return fittedAt;
    }

    boolean current() {
        return rulesVersion == RULES_VERSION;
    }
}
