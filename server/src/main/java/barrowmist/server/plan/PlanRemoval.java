package barrowmist.server.plan;

import barrowmist.server.web.Conflict;
import barrowmist.server.web.KeptInTurn;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;

/** Deletes plans that nothing stands on. */
@Service
@KeptInTurn
class PlanRemoval {

    private final PlanService plans;
    private final PlanRepository repository;
    private final List<PlanUses> uses;

    PlanRemoval(PlanService plans, PlanRepository repository, List<PlanUses> uses) {
        this.plans = plans;
        this.repository = repository;
        this.uses = uses;
    }

    /** @throws Conflict if something stands on it, naming what */
    void delete(long id) {
        PlanEntity plan = plans.get(id);
        List<String> used = uses.stream().flatMap(u -> u.of(id).stream()).toList();
        if (!used.isEmpty()) {
            throw new Conflict(
                    "This plan is used by " + String.join(", ", used) + ". Take it out there first.",
                    Map.of("uses", used));
        }
        repository.delete(plan);
    }
}
