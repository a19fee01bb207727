package barrowmist.server.green;

import barrowmist.core.green.GreenLimits;
import barrowmist.server.green.GreenViews.KeptGreenLimits;
import barrowmist.server.settings.SettingStore;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import barrowmist.server.web.StoredJson;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the limits that green coffee is judged by. */
@Service
@KeptInTurn
class GreenLimitsService {

    private static final StoredJson<GreenLimits> LIMITS = StoredJson.of("green-limits", GreenLimits.class);

    private final SettingStore settings;

    GreenLimitsService(SettingStore settings) {
        this.settings = settings;
    }

    @Transactional(readOnly = true)
    GreenLimits current() {
        return settings.get(LIMITS, () -> GreenLimits.DEFAULTS);
    }

    @Transactional(readOnly = true)
    KeptGreenLimits kept() {
        return new KeptGreenLimits(current(), settings.version(LIMITS));
    }

    KeptGreenLimits keep(KeptGreenLimits changed) {
        InputProblems.refuseIfAny(changed.limits().problems());
        return new KeptGreenLimits(changed.limits(), settings.keep(LIMITS, changed.limits(), changed.version()));
    }
}
