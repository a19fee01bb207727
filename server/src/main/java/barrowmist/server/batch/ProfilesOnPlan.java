package barrowmist.server.batch;

import barrowmist.server.plan.PlanUses;
import java.util.List;
import org.springframework.stereotype.Component;

/** The production profiles that were approved from a plan. */
@Component
class ProfilesOnPlan implements PlanUses {

    private final ProfileRepository profiles;

    ProfilesOnPlan(ProfileRepository profiles) {
        this.profiles = profiles;
    }

    @Override
    public List<String> of(long planId) {
        return profiles.findAllByPlanIdOrderByApprovedAt(planId).stream()
                .map(p -> "the profile " + p.name())
                .toList();
    }
}
