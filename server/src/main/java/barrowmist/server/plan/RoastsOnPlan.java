package barrowmist.server.plan;

import barrowmist.server.roast.RoastEntity;
import barrowmist.server.roast.RoastLists;
import java.util.List;
import org.springframework.stereotype.Component;

/** The roasts that followed a plan: their reviews are held against it. */
@Component
class RoastsOnPlan implements PlanUses {

    private final RoastLists roasts;

    RoastsOnPlan(RoastLists roasts) {
        this.roasts = roasts;
    }

    @Override
    public List<String> of(long planId) {
        List<RoastEntity> followed = roasts.ofPlan(planId);
        if (followed.isEmpty()) {
            return List.of();
        }
        RoastEntity last = followed.get(followed.size() - 1);
        String name = last.lot().name() + ", roast " + last.numberInLot();
        return List.of(followed.size() == 1 ? name : followed.size() + " roasts, the last of them " + name);
    }
}
