package barrowmist.server.roast;

import barrowmist.core.roast.FaultSettings;
import barrowmist.server.settings.SettingStore;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import barrowmist.server.web.StoredJson;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the limits by which a rate of rise is called faulty. Changed ones judge every roast anew. */
@Service
@KeptInTurn
public class FaultLimitsService {

    private static final StoredJson<FaultSettings> LIMITS = StoredJson.of("fault-limits", FaultSettings.class);

    private final SettingStore settings;
    private final RoastRepository roasts;
    private final ApplicationEventPublisher told;

    FaultLimitsService(SettingStore settings, RoastRepository roasts, ApplicationEventPublisher told) {
        this.settings = settings;
        this.roasts = roasts;
        this.told = told;
    }

    /** The limits as kept; {@code version} is the one they were changed from. */
    record KeptFaultLimits(
            @JsonUnwrapped FaultSettings limits, @Nullable Long version) {}

    /** The limits have changed: the figures of every roast are old. Told within the transaction. */
    record FaultLimitsChanged() {}

    @Transactional(readOnly = true)
    public FaultSettings current() {
        return settings.get(LIMITS, () -> FaultSettings.DEFAULTS);
    }

    @Transactional(readOnly = true)
    KeptFaultLimits kept() {
        return new KeptFaultLimits(current(), settings.version(LIMITS));
    }

    KeptFaultLimits keep(KeptFaultLimits changed) {
        InputProblems.refuseIfAny(changed.limits().problems());
        long version = settings.keep(LIMITS, changed.limits(), changed.version());
        roasts.outdateFigures();
        told.publishEvent(new FaultLimitsChanged());
        return new KeptFaultLimits(changed.limits(), version);
    }
}
