package barrowmist.server.batch;

import barrowmist.server.roast.ApprovedPlans;
import org.springframework.stereotype.Component;

/** Tells the roasts which plans are profiles by now. */
@Component
class ApprovedProfiles implements ApprovedPlans {

    private final ProfileRepository profiles;

    ApprovedProfiles(ProfileRepository profiles) {
        this.profiles = profiles;
    }

    @Override
    public boolean holds(long planId) {
        return profiles.existsByPlanId(planId);
    }
}
